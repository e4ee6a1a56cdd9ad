import type { Cause } from './cause';

/** R2 read before the filter: the filter is missing from the total. */
export const returnProbeBeforeFilter: Cause = {
  id: 'returnProbeBeforeFilter',
  name: 'a return probe before the filter',
  kind: 'reading',
  group: 'reading',
  at: ({ layout, filterPlace }) => layout !== 'makeUpAir' && layout !== 'packaged' && filterPlace !== 'atGrilles',
  shownBy: [],
  clearedBy: [],
  range: { mild: 1, bad: 1 },
  usual: 1,
  prior: 3,
  signs: 'R2 reads like R1: the filter seems to use nothing.',
  settledBy: { reading: 'port', tells: 'where the R2 hole is: after the filter.' },
  apply: (system) => ({ ...system, misread: 'returnBeforeFilter' }),
};
