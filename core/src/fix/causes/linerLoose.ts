import { pathCause } from './resisting';

/** Inside lining of the return that has come off and lies in the air, or hangs before the blower. */
export const linerLoose = pathCause({
  id: 'linerLoose',
  group: 'returnSide',
  name: 'loose duct liner',
  stage: 'returnDuct',
  at: ({ layout }) => layout !== 'makeUpAir',
  shownBy: [{ item: 'ducts', states: ['liner'] }],
  clearedBy: [{ item: 'ducts', states: ['whole'] }],
  range: { mild: 2, bad: 8 },
  usual: 3.5,
  prior: 2,
  signs: 'Suction changes with speed, flutter, shreds on the filter.',
  settledBy: { reading: 'port', tells: 'statics along the return: the liner hangs where suction jumps.' },
  mendedBy: 'fixLiner',
  caution: 'lockOut',
});
