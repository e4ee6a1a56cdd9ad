import { FILTER_EXPONENT } from '../../air/path';

/** A filter as it was read at a visit. */
export interface FilterReading {
  readonly atMs: number;
  readonly dropInWc: number;
  readonly flowCfm: number;
}

/** The drop of a unit's filter over time, brought to one airflow, and when it comes to its limit. */
export interface FilterTrend {
  readonly atCfm: number;
  readonly points: readonly { readonly atMs: number; readonly dropInWc: number; readonly isNew: boolean }[];
  readonly limitInWc: number;
  /** in. w.c. a day, by the unit's own fillings; absent while no two readings lie between changes. */
  readonly perDay?: number;
  /** When it reaches its limit, with one σ in days; absent while no rate is known. */
  readonly due?: { readonly atMs: number; readonly sigmaDays: number };
}

const DAY_MS = 86_400_000;
/** A reading so far under the one before it is another filter (J). */
const FELL_TO = 0.75;
/** Fillings of one unit differ so much from each other while too few were seen to tell (J). */
const RATE_SPREAD = 0.35;
/** σ of a drop read with a gauge, in. w.c. */
const READ_SIGMA = 0.01;

/** No unit moves less than this, CFM: such a reading is none. */
const LEAST_CFM = 50;
/** A rise slower than this, in. w.c. a day, is none: the filter outlasts its years (J). */
const LEAST_PER_DAY = 1e-5;

interface Rate {
  readonly perDay: number;
  readonly days: number;
}

/** Rise of one filling by least squares; undefined while it has one reading, or does not rise. */
function rateOf(run: readonly { readonly atMs: number; readonly dropInWc: number }[]): Rate | undefined {
  const days = run.map(({ atMs }) => (atMs - run[0]!.atMs) / DAY_MS);
  const mean = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0) / list.length;
  const [t, p] = [mean(days), mean(run.map(({ dropInWc }) => dropInWc))];
  const square = days.reduce((sum, day) => sum + (day - t) ** 2, 0);
  if (square === 0) return undefined;
  const perDay = run.reduce((sum, { dropInWc }, i) => sum + (days[i]! - t) * (dropInWc - p), 0) / square;
  return perDay > LEAST_PER_DAY ? { perDay, days: days.at(-1)! } : undefined;
}

/**
 * How a unit's filter fills, and when it is due: every drop brought to one airflow by its exponent, a fall is a change, the rate is that of this unit's
 * own fillings, the longer counting more.
 *
 * @param readings in any order
 * @param atCfm the airflow they are compared at
 * @param limitInWc what the filter may take there
 * @source Δp of a filter goes with Q^1.3
 * @example 0.06 and 0.09 in. w.c. 60 days apart at one airflow, limit 0.10 → due in 20 days
 */
export function filterTrend(readings: readonly FilterReading[], atCfm: number, limitInWc: number): FilterTrend {
  const points = [...readings]
    .filter(({ flowCfm, dropInWc }) => flowCfm >= LEAST_CFM && dropInWc >= 0)
    .sort((a, b) => a.atMs - b.atMs)
    .map(({ atMs, dropInWc, flowCfm }) => ({ atMs, dropInWc: dropInWc * (atCfm / flowCfm) ** FILTER_EXPONENT }));
  const marked = points.map((point, i) => ({
    ...point,
    isNew: i > 0 && point.dropInWc < FELL_TO * points[i - 1]!.dropInWc,
  }));
  const runs: (typeof marked)[] = [];
  for (const point of marked) {
    if (point.isNew || runs.length === 0) runs.push([]);
    runs.at(-1)!.push(point);
  }
  const rates = runs.flatMap((run) => rateOf(run) ?? []);
  const last = marked.at(-1);
  if (rates.length === 0 || !last) return { atCfm, points: marked, limitInWc };
  const weight = rates.reduce((sum, { days }) => sum + days, 0);
  const perDay = rates.reduce((sum, rate) => sum + rate.perDay * rate.days, 0) / weight;
  const own =
    rates.length > 1
      ? Math.sqrt(rates.reduce((sum, rate) => sum + (rate.perDay - perDay) ** 2 * rate.days, 0) / weight) / perDay
      : 0;
  const share = Math.max(own, RATE_SPREAD / Math.sqrt(rates.length));
  const days = Math.max(0, (limitInWc - last.dropInWc) / perDay);
  const sigmaDays = Math.sqrt((days * share) ** 2 + (READ_SIGMA / perDay) ** 2);
  return {
    atCfm,
    points: marked,
    limitInWc,
    perDay,
    due: { atMs: last.atMs + days * DAY_MS, sigmaDays },
  };
}
