import type { PointSigma, Sourced, System, Target } from '@huff/core';

export interface CrossingProps {
  /** The system as it was measured. */
  readonly now: System;
  /** What it would become; what it is then stays as a ghost. */
  readonly then?: System;
  readonly target?: Target;
  readonly maxTesp: Sourced;
  readonly sigma?: PointSigma;
  /** A point that was measured, beside the one that was predicted. */
  readonly proven?: { readonly flowCfm: number; readonly tespInWc: number };
  readonly height?: number;
}
