import { pathCause } from './resisting';

/** A filter full of dust. */
export const filterLoaded = pathCause({
  id: 'filterLoaded',
  group: 'filter',
  name: 'a loaded filter',
  stage: 'filter',
  at: () => true,
  shownBy: [{ item: 'filter', states: ['loaded', 'uneven'] }],
  clearedBy: [{ item: 'filter', states: ['clean'] }],
  range: { mild: 1.8, bad: 3.4 },
  usual: 2.3,
  prior: 18,
  signs: 'High filter pressure drop; everything else falls with the airflow. Airflow returns with the filter out.',
  settledBy: { reading: 'look', tells: 'light through the filter: none means loaded.' },
  mendedBy: 'newFilter',
  caution: 'lockOut',
});
