import { pathCause } from './resisting';

/** A run of flex crushed, kinked or slack. */
export const flexCrushed = pathCause({
  id: 'flexCrushed',
  name: 'crushed flex',
  stage: 'supplyDuct',
  at: () => true,
  shownBy: [{ item: 'ducts', states: ['crushed'] }],
  clearedBy: [{ item: 'ducts', states: ['whole'] }],
  range: { mild: 1.8, bad: 3.8 },
  usual: 2.2,
  prior: 9,
  signs: 'One or two outlets weak.',
  settledBy: { reading: 'outlets', tells: 'which outlet is weak: then along its run.' },
  mendedBy: 'replaceFlex',
  caution: 'ladder',
});
