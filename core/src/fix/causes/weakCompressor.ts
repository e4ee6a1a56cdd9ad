import { circuitCause } from './circuit';

/** A compressor that pumps less than it should. */
export const weakCompressor = circuitCause({
  id: 'weakCompressor',
  name: 'a weak compressor',
  acts: 'compressor',
  shownBy: [],
  clearedBy: [],
  range: { mild: 0.9, bad: 0.68 },
  usual: 0.8,
  prior: 3,
  signs: 'Suction is high, head and amps are low.',
  settledBy: { reading: 'gauges', tells: 'suction pressure and compressor amps.' },
});
