import type { CurveRun } from './fanCurve';
import { fanRuns, flowAt, type Fan } from './fan';
import { usualPerhaps } from './usualCurve';

/** A curve with one σ to either side: the same statics, less and more air. */
export interface CurveSpread {
  readonly low: readonly CurveRun[];
  readonly high: readonly CurveRun[];
}

/**
 * How far a fan's curve may lie from where it is drawn: the airflow's own error everywhere, and of a typical curve the slope's, which grows
 * with the distance from the anchor.
 *
 * @param flowShare one σ of the airflow, as a share
 * @throws RangeError when the fan does not know its speed
 */
export function curveSpread(fan: Fan, flowShare: number): CurveSpread {
  const { usual } = fan;
  const steeper = usual && { ...fan, usual: usualPerhaps(fan.motor, usual, 1) };
  const runs = fanRuns(fan);
  const share = (p: number, q: number) => {
    const other = steeper && flowAt(steeper, p);
    return Math.hypot(flowShare, other === undefined ? 0 : other / q - 1);
  };
  const moved = (side: 1 | -1) =>
    runs.map(({ staticsInWc, flowsCfm }) => ({
      staticsInWc,
      flowsCfm: flowsCfm.map((q, i) => q * Math.max(0.05, 1 + side * share(staticsInWc[i]!, q))),
    }));
  return { low: moved(-1), high: moved(1) };
}
