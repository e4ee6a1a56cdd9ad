import { circuitCause } from './circuit';

/** More refrigerant than belongs in the circuit. */
export const overcharge = circuitCause({
  id: 'overcharge',
  name: 'too much refrigerant',
  acts: 'charge',
  shownBy: [],
  clearedBy: [],
  range: { mild: 1.1, bad: 1.3 },
  usual: 1.2,
  prior: 6,
  signs: 'Subcooling is high, approach small, head pressure up.',
  settledBy: { reading: 'gauges', tells: 'subcooling, then approach.' },
});
