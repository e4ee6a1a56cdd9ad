import { lagOf, lagWords, withoutLag } from './fanLags';
import { defineMove } from './move';

/** A weak run capacitor costs a PSC motor its speed. */
export const runCapacitor = defineMove({
  id: 'runCapacitor',
  name: 'New run capacitor',
  done: 'Replaced the blower’s capacitor.',
  touches: 'capacitor',
  does: 'mendsFan',
  fields: {},
  cautions: ['lockOut', 'capacitor'],
  minutes: 15,
  cost: 22,
  applies: (system) => (lagOf(system, 'capacitor') ? 'It is weak.' : undefined),
  defaults: () => ({}),
  says: (_values, system) => lagWords(system, 'capacitor'),
  apply: (system) => withoutLag(system, 'capacitor', 'The capacitor is not reported weak.'),
});
