import type { Cause } from './cause';
import { withCircuit } from './circuit';
import { MATTED_FOULING } from './coilDirtyInside';
import { pathCause } from './resisting';

const matted = pathCause({
  id: 'coilDirtyOutside',
  group: 'coil',
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

/** A cased coil matted, outside the cabinet: its drop is in the external static. */
export const coilDirtyOutside: Cause = {
  ...matted,
  apply: (system, severity) =>
    withCircuit(matted.apply(system, severity), {
      coilFouling: MATTED_FOULING.mild + (MATTED_FOULING.bad - MATTED_FOULING.mild) * severity,
    }),
};
