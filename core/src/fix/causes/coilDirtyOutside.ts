import { pathCause } from './resisting';

/** A cased coil matted, outside the cabinet: its drop is in the external static. */
export const coilDirtyOutside = pathCause({
  id: 'coilDirtyOutside',
  name: 'a matted coil',
  stage: 'coil',
  at: ({ layout }) => layout === 'furnaceCasedCoil',
  shownBy: [{ item: 'coilFace', states: ['matted'] }],
  clearedBy: [{ item: 'coilFace', states: ['clean'] }],
  range: { mild: 1.6, bad: 2.8 },
  usual: 2,
  prior: 9,
  signs: 'Static is high before the coil and low after it.',
  settledBy: { reading: 'port', tells: 'static on both sides of the coil.' },
  mendedBy: 'cleanCoil',
  caution: 'coil',
});
