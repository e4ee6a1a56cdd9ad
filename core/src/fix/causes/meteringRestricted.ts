import { circuitCause } from './circuit';

/** A metering device or a drier that lets too little through. */
export const meteringRestricted = circuitCause({
  id: 'meteringRestricted',
  name: 'a restricted metering device or drier',
  acts: 'opening',
  shownBy: [],
  clearedBy: [],
  range: { mild: 0.85, bad: 0.45 },
  usual: 0.6,
  prior: 3,
  signs: 'Superheat is high while subcooling is normal or high.',
  settledBy: { reading: 'gauges', tells: 'subcooling with superheat; temperature across the drier.' },
});
