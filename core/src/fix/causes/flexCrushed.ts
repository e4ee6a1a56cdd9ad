import { pathCause } from './resisting';

/** A run of flex crushed, kinked or slack. */
export const flexCrushed = pathCause({
  id: 'flexCrushed',
  group: 'supplySide',
  name: 'crushed flex',
  stage: 'supplyDuct',
  at: () => true,
  shownBy: [{ item: 'ducts', states: ['crushed'] }],
  clearedBy: [{ item: 'ducts', states: ['whole'] }],
  range: { mild: 1.8, bad: 3.8 },
  usual: 2.2,
  prior: 9,
  signs: 'One or two outlets are weak.',
  settledBy: { reading: 'outlets', tells: 'find the weak outlet, then follow its run.' },
  mendedBy: 'replaceFlex',
  caution: 'ladder',
});
