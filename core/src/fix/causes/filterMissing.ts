import { pathCause } from './resisting';

/** No filter, or air that goes round it. */
export const filterMissing = pathCause({
  id: 'filterMissing',
  group: 'filter',
  name: 'a missing or bypassed filter',
  stage: 'filter',
  at: () => true,
  shownBy: [{ item: 'filter', states: ['missing', 'bypassed'] }],
  clearedBy: [{ item: 'filter', states: ['clean', 'loaded', 'uneven'] }],
  range: { mild: 0.4, bad: 0 },
  usual: 0.2,
  prior: 4,
  signs: 'Almost no filter pressure drop. A dirty coil follows.',
  settledBy: { reading: 'look', tells: 'whether a filter is in and seals.' },
});
