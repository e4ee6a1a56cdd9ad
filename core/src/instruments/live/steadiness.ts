import { CHANNELS, type ChannelId } from './channels';

/** A value and when it was measured. */
export interface Sample {
  readonly atMs: number;
  readonly value: number;
}

/** Whether a live value has come to rest, and what it is then. */
export interface LiveState {
  readonly kind: 'waiting' | 'settling' | 'steady';
  /** Share of the window that has been seen, 0 to 1. */
  readonly share: number;
  /** Mean of the window. */
  readonly mean: number;
  /** What the slope moves it by over the window, in its unit. */
  readonly drift: number;
  /** One σ of single values about the slope. */
  readonly spread: number;
}

/** Fewer values than this tell nothing of rest. */
const LEAST_SAMPLES = 5;

/**
 * Whether a live value is steady: over its channel’s window its slope and its spread are both small.
 *
 * @param samples in the order they were measured; older ones than the window are left out
 * @param windowS that is looked back on; the channel’s, unless values come seldom
 * @returns waiting until the window is full
 * @source least squares; limits of `CHANNELS`
 * @example 0.31 in. w.c. ± 0.002 for six seconds: steady, mean 0.31
 */
export function liveState(
  channel: ChannelId,
  samples: readonly Sample[],
  nowMs: number,
  windowS: number = CHANNELS[channel].windowS,
): LiveState {
  const { drift: mostDrift, spread: mostSpread } = CHANNELS[channel];
  const windowMs = 1000 * windowS;
  const seen = samples.filter(({ atMs }) => atMs > nowMs - windowMs);
  const count = seen.length;
  const mean = count === 0 ? NaN : seen.reduce((sum, { value }) => sum + value, 0) / count;
  const span = count === 0 ? 0 : seen.at(-1)!.atMs - seen[0]!.atMs;
  const share = Math.min(1, span / (0.8 * windowMs));
  if (count < LEAST_SAMPLES || share < 1) return { kind: 'waiting', share, mean, drift: NaN, spread: NaN };
  const middle = seen.reduce((sum, { atMs }) => sum + atMs, 0) / count;
  let along = 0;
  let across = 0;
  for (const { atMs, value } of seen) {
    along += (atMs - middle) * (value - mean);
    across += (atMs - middle) ** 2;
  }
  const slope = across === 0 ? 0 : along / across;
  const off = seen.reduce((sum, { atMs, value }) => sum + (value - mean - slope * (atMs - middle)) ** 2, 0);
  const spread = Math.sqrt(off / (count - 1));
  const drift = slope * windowMs;
  const isSteady = Math.abs(drift) <= mostDrift && spread <= mostSpread;
  return { kind: isSteady ? 'steady' : 'settling', share, mean, drift, spread };
}
