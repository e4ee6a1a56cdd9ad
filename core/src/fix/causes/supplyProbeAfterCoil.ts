import type { Cause } from './cause';

/** S1 read after the cased coil: the coil is missing from the total. */
export const supplyProbeAfterCoil: Cause = {
  id: 'supplyProbeAfterCoil',
  name: 'a supply probe after the coil',
  kind: 'reading',
  group: 'reading',
  at: ({ layout }) => layout === 'furnaceCasedCoil',
  shownBy: [],
  clearedBy: [],
  range: { mild: 1, bad: 1 },
  usual: 1,
  prior: 3,
  signs: 'S1 reads like S2: the coil seems to use nothing.',
  settledBy: { reading: 'port', tells: 'where the S1 hole is: before the coil on a furnace.' },
  apply: (system) => ({ ...system, misread: 'supplyAfterCoil' }),
};
