import { performance } from 'node:perf_hooks';

/** The middle of a list of numbers. */
export function median(values) {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
}

/**
 * Median time of one call in µs, over `rounds` rounds of as many calls as fill about 20 ms. Results are summed and looked
 * at, so that the engine cannot leave the work out.
 */
export function microseconds(work, rounds = 21) {
  let kept = 0;
  const time = (calls) => {
    const from = performance.now();
    for (let i = 0; i < calls; i += 1) kept += work(i);
    return performance.now() - from;
  };
  let calls = 1;
  while (time(calls) < 20) calls *= 2;
  const times = Array.from({ length: rounds }, () => (time(calls) / calls) * 1000);
  if (Number.isNaN(kept)) throw new Error('The benchmark computed no number.');
  return median(times);
}

export const row = (name, value, unit, note = '') =>
  console.log(`${name.padEnd(58)} ${String(value).padStart(9)} ${unit.padEnd(8)} ${note}`);
