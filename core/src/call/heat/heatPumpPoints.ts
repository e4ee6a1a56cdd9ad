import { shownWords } from '../../base/words';
import { bad, edge, good, type CheckPoint } from '../checks/checkPoint';

/** A heat pump in heating: what its outdoor coil, its valve and its defrost show. */
export const HEAT_PUMP_POINTS: readonly CheckPoint[] = [
  {
    id: 'outdoorFrost',
    power: 'running',
    name: 'Frost on the outdoor coil',
    where: 'seen while heating, and again after a defrost',
    states: [
      good('clear', 'clear'),
      good('clears', 'frost, clears in defrost'),
      bad(
        'stays',
        'ice stays',
        'Ice stays on the outdoor coil. Check defrost sensor, board, reversing valve, charge and outdoor fan.',
      ),
    ],
    get expects() {
      return `frost under about ${shownWords(40, 'degF', 0)} that clears within 10 min of defrost`;
    },
    minutes: 3,
  },
  {
    id: 'defrostRun',
    name: 'Defrost',
    where: 'started at the board, or wait for it; outdoor fan stops, valve shifts',
    states: [
      good('clears', 'runs, clears in 10 min'),
      bad('not', 'does not run', 'Defrost does not run. Check sensor, board and wiring.'),
      bad(
        'noStrips',
        'runs, no strips',
        'No strips in defrost: the house gets cold air. Check the heat relay and its call from the board.',
      ),
    ],
    expects: 'clears within 10 min, strips or gas on meanwhile',
    power: 'live',
    minutes: 15,
  },
  {
    id: 'reversingValve',
    name: 'Reversing valve',
    where: 'its four lines by touch or clamp, and its coil energized (O in cooling, or B in heating)',
    states: [
      good('shifts', 'shifts whole'),
      bad(
        'hangs',
        'hangs between',
        'Reversing valve sticks halfway: hot gas leaks to suction. Check its coil first, then the valve.',
      ),
      bad(
        'not',
        'does not shift',
        'Reversing valve does not shift. Check its coil and O or B wire first, then the valve.',
      ),
    ],
    expects: 'suction lines within a few degrees of each other',
    power: 'live',
    minutes: 8,
  },
  {
    id: 'crankcaseHeater',
    power: 'live',
    name: 'Crankcase heater',
    where: 'compressor shell by hand while off; clamp on its wire',
    states: [
      good('warm', 'warm'),
      edge('cold', 'cold', 'Crankcase heater is cold: liquid collects in the idle compressor.'),
      { id: 'none', text: 'there is none' },
    ],
    expects: 'warm at rest',
    minutes: 3,
  },
  {
    id: 'auxiliaryHeat',
    name: 'Auxiliary strips',
    where: 'second-stage or emergency call: amps of the strips, blower running',
    states: [
      good('withBlower', 'on, with the blower'),
      bad('not', 'do not come on', 'Auxiliary strips do not turn on. Check relay, sequencer, link and breaker.'),
      bad('always', 'always on', 'Strips run with every call. Check outdoor thermostat, wiring and setting.'),
    ],
    expects: 'on at second stage, never without the blower',
    power: 'live',
    minutes: 5,
  },
];
