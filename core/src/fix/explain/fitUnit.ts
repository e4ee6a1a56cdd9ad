import { READING_IDS, UNKNOWNS, type UnitModel } from '../observe';
import { logDensity, weightOf } from './likelihood';

/** A reading as it is held against what a unit would show: the place in `READING_IDS`, the value, one σ. */
export interface PlacedReading {
  readonly place: number;
  readonly value: number;
  readonly sigma: number;
}

/** How well a unit fits readings once its unknowns are where they fit the readings best. */
export interface UnitFit {
  /** Logarithm of the probability of the readings, the unknowns averaged out. */
  readonly logEvidence: number;
  /** The most a fit could reach with the same unknowns left: no reading off by anything. */
  readonly ceiling: number;
  /** Mean of −2·ln(density over its height) of the readings: about 1 for a good fit. */
  readonly misfit: number;
  /** What every instrument would show, and the variance that the unknowns leave. */
  readonly means: Float64Array;
  readonly variances: Float64Array;
}

const SIZE = UNKNOWNS.length;
const COUNT = READING_IDS.length;
/** Step of the numeric derivative, in units of an unknown's σ. */
const STEP = 0.1;
const MOST_STEPS = 3;
/** Unknowns are not moved further than this at once. */
const MOST_MOVE = 2.5;
/** A step shorter than this, in σ of an unknown, changes no probability by more than a percent. */
const CLOSE_ENOUGH = 0.12;
const PEAK = logDensity(0);

/** Factors a symmetric positive matrix in place; @returns the logarithm of its determinant */
function factor(matrix: Float64Array): number {
  let logDeterminant = 0;
  for (let i = 0; i < SIZE; i++) {
    for (let j = 0; j <= i; j++) {
      let sum = matrix[i * SIZE + j]!;
      for (let k = 0; k < j; k++) sum -= matrix[i * SIZE + k]! * matrix[j * SIZE + k]!;
      if (i === j) {
        const root = Math.sqrt(Math.max(1e-12, sum));
        matrix[i * SIZE + i] = root;
        logDeterminant += 2 * Math.log(root);
      } else matrix[i * SIZE + j] = sum / matrix[j * SIZE + j]!;
    }
  }
  return logDeterminant;
}

/** Solves with a factored matrix, in place. */
function solve(lower: Float64Array, x: Float64Array): void {
  for (let i = 0; i < SIZE; i++) {
    for (let k = 0; k < i; k++) x[i]! -= lower[i * SIZE + k]! * x[k]!;
    x[i]! /= lower[i * SIZE + i]!;
  }
  for (let i = SIZE - 1; i >= 0; i--) {
    for (let k = i + 1; k < SIZE; k++) x[i]! -= lower[k * SIZE + i]! * x[k]!;
    x[i]! /= lower[i * SIZE + i]!;
  }
}

/**
 * Moves the unknowns of a unit to where they and the readings agree best, and averages them out: Gauss–Newton steps with weights by
 * Student’s law, then Laplace’s approximation around the best place.
 *
 * Buffers are made once: an explanation fits some thousand units.
 *
 * @param spread one σ of each unknown, in the order of `UNKNOWNS`
 * @param isPulled a reading with the filter out is among those to be held against, or to be foretold
 */
export function unitFitter(readings: readonly PlacedReading[], spread: readonly number[], isPulled: boolean) {
  const fitsPulled = readings.some(({ place }) => READING_IDS[place]!.endsWith('filterOut'));
  const now = new Float64Array(COUNT);
  const moved = new Float64Array(COUNT);
  const slopes = new Float64Array(COUNT * SIZE);
  const u = new Float64Array(SIZE);
  const z = new Float64Array(SIZE);
  const hessian = new Float64Array(SIZE * SIZE);
  const step = new Float64Array(SIZE);

  const place = () => {
    for (let d = 0; d < SIZE; d++) z[d] = spread[d]! * u[d]!;
  };
  /** What a small move of each unknown does to every reading. */
  const differentiate = (model: UnitModel, pulled: boolean) => {
    for (let d = 0; d < SIZE; d++) {
      if (spread[d] === 0) continue;
      z[d] = spread[d]! * (u[d]! + STEP);
      model.observe(z, moved, pulled);
      z[d] = spread[d]! * u[d]!;
      for (let c = 0; c < COUNT; c++) slopes[c * SIZE + d] = (moved[c]! - now[c]!) / STEP;
    }
  };
  /** The curvature of prior and readings, and the direction to go. */
  const curve = () => {
    hessian.fill(0);
    for (let d = 0; d < SIZE; d++) {
      hessian[d * SIZE + d] = 1;
      step[d] = -u[d]!;
    }
    for (const { place: c, value, sigma } of readings) {
      const off = (value - now[c]!) / sigma;
      if (Number.isNaN(off)) continue;
      const weight = weightOf(off);
      for (let d = 0; d < SIZE; d++) {
        const slope = slopes[c * SIZE + d]! / sigma;
        if (!(slope !== 0)) continue;
        step[d]! += weight * slope * off;
        for (let e = 0; e <= d; e++) hessian[d * SIZE + e]! += (weight * slope * slopes[c * SIZE + e]!) / sigma;
      }
    }
  };

  /** @param isWorth whether a fit of this evidence is likely enough for everything it foretells to be computed */
  return (model: UnitModel, isWorth: (logEvidence: number) => boolean = () => true): UnitFit => {
    u.fill(0);
    slopes.fill(0);
    place();
    model.observe(z, now, fitsPulled);
    for (let i = 0; i < MOST_STEPS; i++) {
      differentiate(model, fitsPulled);
      curve();
      factor(hessian);
      solve(hessian, step);
      let most = 0;
      for (let d = 0; d < SIZE; d++) {
        const move = Math.max(-MOST_MOVE, Math.min(MOST_MOVE, step[d]!));
        u[d]! += move;
        most = Math.max(most, Math.abs(move));
      }
      place();
      model.observe(z, now, fitsPulled);
      if (most < CLOSE_ENOUGH) break;
    }
    curve();
    const logDeterminant = factor(hessian);
    let logEvidence = -0.5 * logDeterminant;
    for (let d = 0; d < SIZE; d++) logEvidence -= 0.5 * u[d]! * u[d]!;
    let misfit = 0;
    let counted = 0;
    let ceiling = -0.5 * logDeterminant;
    for (const { place: c, value, sigma } of readings) {
      const off = (value - now[c]!) / sigma;
      if (Number.isNaN(off)) continue;
      const density = logDensity(off);
      logEvidence += density - Math.log(sigma);
      ceiling += PEAK - Math.log(sigma);
      misfit += -2 * (density - PEAK);
      counted += 1;
    }
    if (isPulled && !fitsPulled && isWorth(logEvidence)) {
      model.observe(z, now, true);
      differentiate(model, true);
    }
    const means = Float64Array.from(now);
    const variances = new Float64Array(COUNT);
    for (let c = 0; c < COUNT; c++) {
      if (Number.isNaN(now[c]!)) continue;
      // L⁻¹ of the slopes: its square is what the unknowns leave of uncertainty.
      let sum = 0;
      for (let d = 0; d < SIZE; d++) {
        let value = slopes[c * SIZE + d]!;
        for (let k = 0; k < d; k++) value -= hessian[d * SIZE + k]! * step[k]!;
        step[d] = value / hessian[d * SIZE + d]!;
        sum += step[d]! * step[d]!;
      }
      variances[c] = sum;
    }
    return { logEvidence, ceiling, misfit: counted > 0 ? misfit / counted : 0, means, variances };
  };
}
