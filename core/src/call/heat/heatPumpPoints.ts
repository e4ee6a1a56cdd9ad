import { bad, edge, good, type CheckPoint } from '../checks/checkPoint';

/** A heat pump in heating: what its outdoor coil, its valve and its defrost show. */
export const HEAT_PUMP_POINTS: readonly CheckPoint[] = [
  {
    id: 'outdoorFrost',
    power: 'running',
    name: 'Frost on the outdoor coil',
    where: 'looked at while it heats; and again after a defrost',
    states: [
      good('clear', 'clear'),
      good('clears', 'frost, clears in defrost'),
      bad(
        'stays',
        'ice stays',
        'Ice stays on the outdoor coil: defrost sensor, board, reversing valve, charge, outdoor fan.',
      ),
    ],
    expects: 'frost under about 40 °F that clears within 10 min of defrost',
    minutes: 3,
  },
  {
    id: 'defrostRun',
    name: 'Defrost',
    where: 'started at its board or waited for; outdoor fan stops, valve shifts',
    states: [
      good('clears', 'runs, clears in 10 min'),
      bad('not', 'does not run', 'Defrost does not run: sensor, board, or its wiring.'),
      bad(
        'noStrips',
        'runs, no strips',
        'No strips in defrost: the house gets cold air. Heat relay, or its call from the board.',
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
        'Reversing valve hangs: hot gas passes to the suction side. Its coil first, then the valve.',
      ),
      bad(
        'not',
        'does not shift',
        'Reversing valve does not shift: its coil and its O or B wire first, then the valve.',
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
    where: 'shell of the compressor by hand while it rests; clamp on its wire',
    states: [
      good('warm', 'warm'),
      edge('cold', 'cold', 'Crankcase heater is cold: liquid gathers in the compressor at rest.'),
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
      bad('not', 'do not come on', 'Auxiliary strips do not come on: relay, sequencer, link, breaker.'),
      bad('always', 'always on', 'Strips run with every call: outdoor thermostat, wiring, or the setting.'),
    ],
    expects: 'on at second stage, never without the blower',
    power: 'live',
    minutes: 5,
  },
];
