import type { Cause } from './cause';
import { circuitCause, withCircuit } from './circuit';

const overfeeds = circuitCause({
  id: 'meteringOverfeeds',
  name: 'an overfeeding metering device',
  acts: 'opening',
  shownBy: [],
  clearedBy: [],
  range: { mild: 1.25, bad: 1.6 },
  usual: 1.4,
  prior: 2,
  signs: 'Superheat and subcooling are both low.',
  settledBy: { reading: 'gauges', tells: 'superheat near zero with low subcooling.' },
});

/** A metering device that lets too much through: a valve stuck open is a large orifice. */
export const meteringOverfeeds: Cause = {
  ...overfeeds,
  apply: (system, severity) => withCircuit(overfeeds.apply(system, severity), { metering: 'orifice' }),
};
