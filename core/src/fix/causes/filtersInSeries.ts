import { pathCause } from './resisting';

/** A filter at the grille and another at the unit. */
export const filtersInSeries = pathCause({
  id: 'filtersInSeries',
  group: 'filter',
  name: 'two filters in series',
  stage: 'filter',
  at: ({ layout, filterPlace }) => layout !== 'makeUpAir' && filterPlace !== 'atUnit',
  shownBy: [],
  hintedBy: [{ item: 'secondFilter', states: ['there'] }],
  clearedBy: [{ item: 'secondFilter', states: ['none'] }],
  range: { mild: 1.8, bad: 2.2 },
  usual: 2,
  prior: 6,
  signs: 'Suction behind the grille and a pressure drop across the filter at the unit.',
  settledBy: { reading: 'filterOut', tells: 'pull one filter to see which uses the static.' },
  mendedBy: 'singleFilter',
});
