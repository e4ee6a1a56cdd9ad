import { lagOf, lagWords, withoutLag } from './fanLags';
import { defineMove } from './move';

/** A slack or glazed belt slips. */
export const newBelt = defineMove({
  id: 'newBelt',
  name: 'New belt, set to tension',
  touches: 'belt',
  mends: 'belt',
  does: 'mendsFan',
  fields: {},
  cautions: ['lockOut', 'rotating'],
  minutes: 25,
  cost: 24,
  applies: (system) => (lagOf(system, 'slip') ? 'It slips.' : undefined),
  isDue: (system) => lagOf(system, 'slip') !== undefined,
  defaults: () => ({}),
  says: (_values, system) => lagWords(system, 'slip'),
  apply: (system) => withoutLag(system, 'slip', 'Nothing shows that the belt slips: measure the blower’s RPM.'),
});
