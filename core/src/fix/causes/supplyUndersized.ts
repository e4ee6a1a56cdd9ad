import { pathCause } from './resisting';

/** Supply ducts too small for the air. */
export const supplyUndersized = pathCause({
  id: 'supplyUndersized',
  group: 'supplySide',
  name: 'a supply that is too small',
  stage: 'supplyDuct',
  at: () => true,
  shownBy: [],
  clearedBy: [],
  range: { mild: 1.9, bad: 3.1 },
  usual: 2.3,
  prior: 12,
  signs: 'Static is high after the coil; all outlets are equally weak.',
  settledBy: { reading: 'outlets', tells: 'whether all outlets are weak, or a few.' },
  mendedBy: 'enlargeSupply',
  caution: 'ductCode',
});
