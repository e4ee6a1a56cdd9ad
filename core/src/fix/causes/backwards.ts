import { slowFan } from './cause';

/** A wheel that turns the wrong way. */
export const backwards = slowFan({
  id: 'backwards',
  group: 'fan',
  name: 'a wheel turning backwards',
  at: () => true,
  shownBy: [{ item: 'rotation', states: ['backwards'] }],
  clearedBy: [{ item: 'rotation', states: ['right'] }],
  range: { mild: 0.5, bad: 0.3 },
  usual: 0.4,
  prior: 1.5,
  signs: 'Almost no static on either side, a third to half the airflow, very large ΔT.',
  settledBy: { reading: 'look', tells: 'which way the wheel turns.' },
  lag: { cause: 'rotation', acts: 'speed' },
  mendedBy: 'swapPhases',
  caution: 'rotating',
});
