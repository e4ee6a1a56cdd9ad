import { circuitCause } from './circuit';

/** Less refrigerant than belongs in the circuit: there is a leak. */
export const lowCharge = circuitCause({
  id: 'lowCharge',
  name: 'a low refrigerant charge',
  acts: 'charge',
  shownBy: [],
  clearedBy: [],
  range: { mild: 0.88, bad: 0.6 },
  usual: 0.8,
  prior: 12,
  signs: 'Superheat is high, subcooling low.',
  settledBy: { reading: 'gauges', tells: 'superheat and subcooling.' },
});
