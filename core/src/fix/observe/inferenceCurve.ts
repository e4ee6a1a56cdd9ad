import type { CurveRun } from '../../air/fan';

/** A fan's curve followed past the ends of its table, static rising and airflow falling. */
export interface InferenceCurve {
  readonly staticsInWc: Float64Array;
  readonly flowsCfm: Float64Array;
  /** Past these the curve is no longer the table's. */
  readonly firstOfTable: number;
  readonly lastOfTable: number;
}

/** (J) The least a curve falls past its table, per in. w.c.: a motor that held its airflow has given up there. */
const LEAST_SLOPE = 0.6;
/** How far past its end a curve is followed, as a share of the airflow there. */
const SHARES = [0.92, 0.82, 0.7, 0.55, 0.38, 0.2, 0.05];

/** −d(Q²)/dP over the square of the airflow at the end, between two points of a curve. */
const slopeOf = (p0: number, q0: number, p1: number, q1: number, at: number) =>
  p1 > p0 ? (q0 * q0 - q1 * q1) / (p1 - p0) / (at * at) : 0;

/**
 * A curve that goes on past the ends of its table, so that a severe fault keeps a likelihood. It serves to compare explanations only:
 * no verdict, prediction or plan is made of what is past the table.
 *
 * @param runs of a fan's speed; a gap between two runs is bridged
 * @source Q² falls about linearly with static on forward-curved wheels
 */
export function inferenceCurve(runs: readonly CurveRun[]): InferenceCurve {
  const statics = runs.flatMap((run) => [...run.staticsInWc]);
  const flows = runs.flatMap((run) => [...run.flowsCfm]);
  const last = statics.length - 1;
  const [p0, q0] = [statics[0]!, flows[0]!];
  const [pEnd, qEnd] = [statics[last]!, flows[last]!];
  const start = last > 0 ? Math.max(0, slopeOf(p0, q0, statics[1]!, flows[1]!, q0)) : LEAST_SLOPE;
  const before = p0 > 0 ? [[0, q0 * Math.sqrt(1 + start * p0)]] : [];
  const fall = Math.max(
    LEAST_SLOPE,
    last > 0 ? slopeOf(statics[last - 1]!, flows[last - 1]!, pEnd, qEnd, qEnd) : LEAST_SLOPE,
  );
  const after = SHARES.map((share) => [pEnd + (1 - share * share) / fall, share * qEnd]);
  return {
    staticsInWc: Float64Array.from([...before.map(([p]) => p!), ...statics, ...after.map(([p]) => p!)]),
    flowsCfm: Float64Array.from([...before.map(([, q]) => q!), ...flows, ...after.map(([, q]) => q!)]),
    firstOfTable: before.length,
    lastOfTable: before.length + last,
  };
}
