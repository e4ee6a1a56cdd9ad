import type { ReadingId } from '../observe';

/**
 * One σ of a reading, instrument and model together, in the reading's own unit. (J) The one place for these figures: explanations hold
 * readings against them, and made-up readings draw from their instrument's part.
 */
interface ReadingNoise {
  /** In the reading's unit. */
  readonly fixed: number;
  /** As a share of the value, added in squares. */
  readonly share?: number;
  /** What the model itself may be off by, in the reading's unit. */
  readonly model?: number;
  /** The same as a share of the value. */
  readonly modelShare?: number;
}

const STATIC: ReadingNoise = { fixed: 0.01, share: 0.05 };

const NOISE: Readonly<Record<string, ReadingNoise>> = {
  inner: { fixed: 0.01, share: 0.05, modelShare: 0.1 },
  airflow: { fixed: 0, share: 0.08 },
  drop: { fixed: 1, model: 1.25 },
  returnOverRoom: { fixed: 1 },
  rpm: { fixed: 0, share: 0.015 },
  amps: { fixed: 0, share: 0.05, modelShare: 0.1 },
  volts: { fixed: 0, share: 0.01, modelShare: 0.02 },
  microfarads: { fixed: 0, share: 0.03, modelShare: 0.02 },
  flashes: { fixed: 0.03 },
  evaporating: { fixed: 1.5, model: 2 },
  condensing: { fixed: 2, model: 3 },
  superheat: { fixed: 2.5, model: 4 },
  subcooling: { fixed: 2, model: 3 },
};

const noiseOf = (reading: ReadingId): ReadingNoise => NOISE[reading] ?? STATIC;

/** What an instrument may be off by, one σ. @example instrumentSigma('R2', -0.3) // 0.018 */
export function instrumentSigma(reading: ReadingId, value: number): number {
  const { fixed, share = 0 } = noiseOf(reading);
  return Math.hypot(fixed, share * value);
}

/** What a reading may be off from what the model expects, one σ. @example readingSigma('superheat', 10) // 4.7 */
export function readingSigma(reading: ReadingId, value: number): number {
  const { model = 0, modelShare = 0 } = noiseOf(reading);
  return Math.hypot(instrumentSigma(reading, value), model, modelShare * value);
}
