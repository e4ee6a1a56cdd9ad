import { circuitCause } from './circuit';

/** An outdoor fan that moves too little air. */
export const weakOutdoorFan = circuitCause({
  id: 'weakOutdoorFan',
  name: 'a weak outdoor fan',
  acts: 'condenser',
  shownBy: [],
  clearedBy: [],
  range: { mild: 0.8, bad: 0.5 },
  usual: 0.65,
  prior: 3,
  signs: 'As a dirty outdoor coil, but the coil is clean.',
  settledBy: { reading: 'outdoorLook', tells: 'fan speed, direction, blade height and amps.' },
});
