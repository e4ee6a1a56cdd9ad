import { lagOf, lagWords, withoutLag } from './fanLags';
import { defineMove } from './move';

/** A caked wheel back to the manufacturer’s curve. */
export const cleanWheel = defineMove({
  id: 'cleanWheel',
  name: 'Clean the blower wheel',
  done: 'Cleaned the blower wheel.',
  touches: 'wheel',
  does: 'mendsFan',
  fields: {},
  cautions: ['lockOut', 'rotating', 'capacitor'],
  minutes: 60,
  cost: 20,
  applies: (system) => (lagOf(system, 'wheel') ? 'It is caked.' : undefined),
  defaults: () => ({}),
  says: (_values, system) => lagWords(system, 'wheel'),
  apply: (system) => withoutLag(system, 'wheel', 'The wheel is not reported caked, so cleaning predicts no gain.'),
});
