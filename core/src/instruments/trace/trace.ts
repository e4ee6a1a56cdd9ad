import type { Sample } from '../live';

/** What a live value did while it was watched: seconds since its begin, and the mean of each second. */
export interface Trace {
  readonly beganAtMs: number;
  readonly seconds: readonly number[];
  readonly values: readonly number[];
}

/** A trace keeps no more than this, one a second: five minutes. */
export const MOST_SECONDS = 300;

/**
 * A live value as it is kept beside the one that was captured: the mean of each second, the last five minutes of them.
 *
 * @param places decimal places that are kept
 * @example five values in one second become one
 */
export function traceOf(samples: readonly Sample[], places = 3): Trace | undefined {
  const [first] = samples;
  if (!first) return undefined;
  const bySecond = new Map<number, { sum: number; count: number }>();
  for (const { atMs, value } of samples) {
    const second = Math.floor(atMs / 1000);
    const at = bySecond.get(second) ?? { sum: 0, count: 0 };
    bySecond.set(second, { sum: at.sum + value, count: at.count + 1 });
  }
  const kept = [...bySecond].sort(([a], [b]) => a - b).slice(-MOST_SECONDS);
  const begin = kept[0]![0];
  return {
    beganAtMs: begin * 1000,
    seconds: kept.map(([second]) => second - begin),
    values: kept.map(([, { sum, count }]) => Number((sum / count).toFixed(places))),
  };
}
