import type { MoistAir } from '../../air/moistAir';
import type { System } from '../../air/system';
import type { Look } from '../../judge/look';
import type { ReadingId, Unknown } from '../observe';

/** A reading that an explanation has to agree with. */
export interface EvidenceReading {
  readonly reading: ReadingId;
  readonly value: number;
  /** One standard deviation of it, instrument, place and model together. */
  readonly sigma: number;
}

/** Air and conditions of the readings. */
interface ExplainConditions {
  /** Air into the coil as it was measured at the unit; absent where usual summer air is assumed. */
  readonly atCoil?: MoistAir;
  readonly roomF?: number;
  /** Airflow at which the motor would draw its usual amps: the target, CFM. */
  readonly usualCfm: number;
  readonly altitudeFt?: number;
  readonly densityRatio?: number;
}

/** What can be done next, and what it would show. */
export interface ReadingOption {
  readonly id: string;
  readonly minutes: number;
  /** What instruments would show; empty for a look. */
  readonly readings: readonly ReadingId[];
  /** Things that would be looked at. */
  readonly looks: readonly string[];
}

/** Figures of the nameplate that readings are shown by: they are computed as shares of them. */
export interface ReadingRatings {
  readonly amps?: number;
  readonly volts?: number;
  readonly microfarads?: number;
  readonly settingCfm?: number;
}

/** Everything an explanation is made from: plain data, so that a worker can have it. */
export interface ExplainRequest {
  /** The unit as a healthy one of its kind would be. */
  readonly system: System;
  /** How far healthy units differ from it, one σ of the logarithm. */
  readonly spread: Readonly<Record<Unknown, number>>;
  readonly conditions: ExplainConditions;
  readonly evidence: readonly EvidenceReading[];
  readonly looks: readonly Look[];
  /** What was complained of, by its id. */
  readonly complaint?: string;
  /** Calls in a hundred that have a cause, where the shop knows better than the usual figure. */
  readonly odds?: Readonly<Record<string, number>>;
  readonly options: readonly ReadingOption[];
  readonly ratings?: ReadingRatings;
  /** For the draws of what a next reading may show. */
  readonly seed: number;
}
