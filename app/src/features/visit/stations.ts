import type { Station } from '../../ui/stations';
import { airflow } from '../stations/airflow/station';
import { drop } from '../stations/drop/station';
import { look } from '../stations/look/station';
import { pressure } from '../stations/pressure/station';
import { fix } from '../fix/station';
import { prove } from '../prove/station';
import type { StationFacts, StationPlan } from '../visitState/station';

/** The stations of a visit, in the order of the run. A new one is a folder and a line here. */
export const STATIONS: readonly StationPlan[] = [look, pressure, airflow, drop, fix, prove];

/** How far each station of a visit is, and what it still lacks. */
export const stationsOf = (facts: StationFacts): Station[] =>
  STATIONS.map(({ id, progress }) => ({ id, ...progress(facts) }));
