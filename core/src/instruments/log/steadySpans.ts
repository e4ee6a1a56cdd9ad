import { CHANNELS, liveState, type ChannelId, type Sample } from '../live';

/** A stretch of a log in which its value rested. */
export interface SteadySpan {
  readonly fromMs: number;
  readonly toMs: number;
  /** Mean of the stretch. */
  readonly mean: number;
}

/** So many values must fall in the window that is looked back on. */
const IN_WINDOW = 6;

/** Milliseconds between two values of a log, the middle one of them all. */
function usualStepMs(samples: readonly Sample[]): number {
  const steps = samples.slice(1).map(({ atMs }, i) => atMs - samples[i]!.atMs);
  return steps.sort((a, b) => a - b)[Math.floor(steps.length / 2)] ?? 0;
}

/**
 * Where a logged value rested: stretches in which its slope and its spread stay within the limits of its channel, as for a live one. A log that is
 * written seldom is looked at over a longer window.
 *
 * @param samples in the order of time
 * @returns in the order of time; none where it never rested
 * @source least squares over a moving window; limits of `CHANNELS`
 * @example 0.31 for a minute, then 0.52 for a minute: two spans
 */
export function steadySpans(channel: ChannelId, samples: readonly Sample[]): SteadySpan[] {
  const windowMs = Math.max(1000 * CHANNELS[channel].windowS, IN_WINDOW * usualStepMs(samples));
  const mostOff = CHANNELS[channel].drift + CHANNELS[channel].spread;
  const spans: { from: number; to: number; sum: number }[] = [];
  let begin = 0;
  for (let end = 0; end < samples.length; end += 1) {
    const { atMs } = samples[end]!;
    while (samples[begin]!.atMs <= atMs - windowMs) begin += 1;
    const state = liveState(channel, samples.slice(begin, end + 1), atMs, windowMs / 1000);
    if (state.kind !== 'steady') continue;
    const last = spans.at(-1);
    const goesOn =
      last !== undefined && begin <= last.to && Math.abs(state.mean - last.sum / (last.to - last.from + 1)) <= mostOff;
    if (goesOn) {
      for (let i = last.to + 1; i <= end; i += 1) last.sum += samples[i]!.value;
      last.to = end;
      continue;
    }
    // What belongs to the stretch before is not counted twice.
    const from = Math.max(begin, last === undefined ? 0 : last.to + 1);
    const sum = samples.slice(from, end + 1).reduce((total, { value }) => total + value, 0);
    spans.push({ from, to: end, sum });
  }
  return spans
    .filter(({ from, to }) => to > from)
    .map(({ from, to, sum }) => ({
      fromMs: samples[from]!.atMs,
      toMs: samples[to]!.atMs,
      mean: sum / (to - from + 1),
    }));
}
