import { pathCause } from './resisting';

/** A clean filter whose medium is too fine for its face. */
export const tooFineMedia = pathCause({
  id: 'tooFineMedia',
  group: 'filter',
  name: 'a filter too fine for its face',
  stage: 'filter',
  at: () => true,
  shownBy: [],
  hintedBy: [{ item: 'filter', states: ['fine'] }],
  clearedBy: [{ item: 'filter', states: ['loaded'] }],
  range: { mild: 1.6, bad: 2.5 },
  usual: 2,
  prior: 14,
  signs: 'Filter pressure drop is high though it is clean.',
  settledBy: { reading: 'filterOut', tells: 'the filter’s own pressure drop, against a clean one of its kind.' },
  mendedBy: 'deeperMedia',
});
