import type { Cause } from './cause';

/** The hoses of the two sides exchanged: each shows the other. */
export const hosesSwapped: Cause = {
  id: 'hosesSwapped',
  name: 'swapped manometer hoses',
  kind: 'reading',
  group: 'reading',
  at: ({ layout }) => layout !== 'makeUpAir',
  shownBy: [],
  clearedBy: [],
  range: { mild: 1, bad: 1 },
  usual: 1,
  prior: 1.5,
  signs: 'Return and supply static look exchanged.',
  settledBy: { reading: 'port', tells: 'which hose is on which port.' },
  apply: (system) => ({ ...system, misread: 'hosesSwapped' }),
};
