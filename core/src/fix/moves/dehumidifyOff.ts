import { lagOf, lagWords, withoutLag } from './fanLags';
import { defineMove } from './move';

/** A dehumidify switch without its sensor cuts the request for good. */
export const dehumidifyOff = defineMove({
  id: 'dehumidifyOff',
  name: 'Dehumidify switch off',
  done: 'Turned off a dehumidify setting that slowed the blower.',
  touches: 'dehumidify',
  does: 'mendsFan',
  fields: {},
  cautions: ['lockOut'],
  minutes: 5,
  cost: 0,
  applies: (system) => (lagOf(system, 'dehumidify') ? 'It is on without a sensor.' : undefined),
  defaults: () => ({}),
  says: (_values, system) => lagWords(system, 'dehumidify'),
  apply: (system) => withoutLag(system, 'dehumidify', 'The switch is not reported on.'),
});
