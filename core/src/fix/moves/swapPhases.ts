import { lagOf, lagWords, withoutLag } from './fanLags';
import { defineMove } from './move';

/** Two phases swapped, or the plug of the motor turned. */
export const swapPhases = defineMove({
  id: 'swapPhases',
  name: 'Make the wheel turn the right way',
  done: 'Corrected the direction of the blower.',
  touches: 'rotation',
  does: 'mendsFan',
  fields: {},
  cautions: ['lockOut', 'rotating', 'electrician'],
  minutes: 15,
  cost: 0,
  applies: (system) => (lagOf(system, 'rotation') ? 'It turns backwards.' : undefined),
  defaults: () => ({}),
  says: (_values, system) => lagWords(system, 'rotation'),
  apply: (system) => withoutLag(system, 'rotation', 'The wheel is not reported backwards.'),
});
