import type { Cause } from './cause';

/** A blower door or panel off or leaking: the fan takes air from beside it. */
export const doorOff: Cause = {
  id: 'doorOff',
  name: 'readings with the door off',
  kind: 'reading',
  group: 'reading',
  at: () => true,
  shownBy: [],
  clearedBy: [],
  range: { mild: 1, bad: 1 },
  usual: 1,
  prior: 2,
  signs: 'Almost no suction at the unit, more airflow than the ducts allow.',
  settledBy: { reading: 'look', tells: 'whether every panel is on and sealed.' },
  apply: (system) => ({ ...system, misread: 'doorOff' }),
};
