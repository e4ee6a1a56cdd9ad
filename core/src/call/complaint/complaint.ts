/** Stations of a visit that a complaint may put into its run. */
export const ROUTE_STATIONS = [
  'call',
  'look',
  'power',
  'heat',
  'pressure',
  'airflow',
  'drop',
  'causes',
  'fix',
  'prove',
  'refrigerant',
  'building',
  'upkeep',
  'found',
  'handOver',
] as const;
export type RouteStation = (typeof ROUTE_STATIONS)[number];

/** What is done first, and why. */
export interface FirstStep {
  readonly words: string;
  readonly why: string;
  readonly station: RouteStation;
}

/** What was said when the call came in, and the way it sets. One file each. */
export interface Complaint {
  readonly id: string;
  readonly words: string;
  readonly firstSteps: readonly [FirstStep, FirstStep, FirstStep];
  /** The mode such a call is about; absent where it may be either. */
  readonly mode?: 'cooling' | 'heating';
  /** It begins at the outdoor unit. */
  readonly isOutdoors?: true;
  /** The run, in order; the others are one touch away. */
  readonly stations: readonly RouteStation[];
  /** Read before the first step. */
  readonly cautions: readonly string[];
}
