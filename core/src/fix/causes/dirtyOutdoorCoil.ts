import { circuitCause } from './circuit';

/** An outdoor coil that cannot give off its heat. */
export const dirtyOutdoorCoil = circuitCause({
  id: 'dirtyOutdoorCoil',
  name: 'a dirty outdoor coil',
  acts: 'condenser',
  shownBy: [],
  hintedBy: [{ item: 'outdoorCoil', states: ['dirty'] }],
  clearedBy: [{ item: 'outdoorCoil', states: ['clean'] }],
  range: { mild: 0.8, bad: 0.5 },
  usual: 0.65,
  prior: 6,
  signs: 'Head pressure and approach are both high.',
  settledBy: { reading: 'outdoorLook', tells: 'the outdoor coil, from inside the unit too.' },
});
