import { shownWords } from '../../base/words';

import { bad, edge, good, usually, type CheckPoint } from '../checks/checkPoint';

/** What is looked at beside the gauges. */
export const REFRIGERANT_POINTS: readonly CheckPoint[] = usually({ area: 'refrigerant', minutes: 45, money: 0 }, [
  {
    id: 'thaw',
    power: 'running',
    name: 'Thaw',
    where: 'cooling off, fan on',
    states: [{ id: 'begun', text: 'begun' }],
    expects: 'until the coil is clear',
    minutes: 45,
  },
  {
    id: 'outdoorFan',
    power: 'running',
    name: 'Outdoor fan',
    where: 'watched for some minutes while the compressor runs',
    states: [good('cycles', 'cycles'), good('runsOn', 'runs on'), good('still', 'does not run')],
    expects: 'cycles in the cold, runs on in the warm',
    minutes: 5,
  },
  {
    id: 'headHeld',
    power: 'running',
    name: 'Head held up',
    get where() {
      return `block outdoor air by hand until condensing is near ${shownWords(100, 'degF', 0)}`;
    },
    states: [good('held', 'held up'), { id: 'not', text: 'not held' }],
    get expects() {
      return `held up under ${shownWords(65, 'degF', 0)} outdoors`;
    },
    minutes: 5,
  },
  {
    id: 'leakSearch',
    power: 'seen',
    name: 'Leaks',
    where: 'oil, joints, coil ends, valves; electronic leak detector or bubbles',
    states: [
      good('none', 'checked, none found'),
      edge('oil', 'oily, not confirmed', 'Oil at a joint. Confirm the leak before you add charge.'),
      bad(
        'found',
        'leak found',
        'Refrigerant leaks. Repair it before charging; never just top off. Certified people only.',
      ),
      good('mended', 'repaired, holds pressure'),
    ],
    expects: 'none',
    minutes: 20,
    noteLabel: 'Where',
  },
  {
    id: 'coilWet',
    power: 'running',
    name: 'Indoor coil while it was read',
    where: 'seen at the drain and the coil face',
    states: [
      good('normal', 'as it runs'),
      edge('washed', 'damp from washing', 'Coil washed. Judge ΔT, static and charge again once it has run dry.'),
    ],
    expects: 'as it runs, no wash water on it',
    minutes: 1,
  },
  {
    id: 'outdoorWashed',
    power: 'dead',
    name: 'Outdoor coil',
    where: 'seen, then rinsed from inside out, power locked out',
    states: [
      good('clean', 'clean'),
      bad(
        'dirty',
        'dirty',
        'Outdoor coil is dirty. Wash it before you judge charge; measure the high side before and after.',
      ),
      good('washed', 'washed now'),
    ],
    expects: 'clean',
    minutes: 20,
  },
]);
