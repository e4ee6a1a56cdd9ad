import { predictHeating, type Goal } from '../model';
import { tespAllowedInWc, tespSigma, type Target } from '../../judge/verdicts';
import { normalBelow, normalBetween } from '../../base/numbers/normal';
import { operate } from '../../air/operate';
import { pathDropAt } from '../../air/path';

import type { System } from '../../air/system';

/**
 * How well a state lands, best first: in the band within the plate and the heating range; in the band and over the plate by less than
 * its error; in the band with static or heat outside; outside the band. Advice and plans both go by this, so that they agree.
 */
export type Tier = 0 | 1 | 2 | 3;

/** @param heatOutside the heating comes out of its range on this state */
export function tierOf(
  at: { readonly flowCfm: number; readonly tespInWc: number },
  heatOutside: boolean,
  { target, maxTesp, rules }: Goal,
): Tier {
  if (at.flowCfm < target.lowCfm || at.flowCfm > target.highCfm) return 3;
  if (heatOutside || at.tespInWc > tespAllowedInWc(maxTesp.value, rules)) return 2;
  return at.tespInWc > maxTesp.value ? 1 : 0;
}

/**
 * About how likely a state lands in the band within the plate, 0 to 1: what is chosen among speeds of one tier. Sampling tells it better;
 * this is quick, and the same for advice and plans.
 *
 * @param flowShare one σ of the airflow, as a share
 */
export function landingScore(
  at: { readonly flowCfm: number; readonly tespInWc: number },
  flowShare: number,
  { target, maxTesp, rules }: Goal,
): number {
  const band = normalBetween(at.flowCfm, flowShare * at.flowCfm, target.lowCfm, target.highCfm);
  const sigma = tespSigma([at.tespInWc / 2, at.tespInWc / 2], rules);
  return band * normalBelow((maxTesp.value - at.tespInWc) / sigma);
}

/**
 * How far an airflow lies from its target, as a share of the way to the end of its band: 0 at the target, 1 at either end, though the target of a
 * rise does not lie in the middle.
 *
 * @example awayFrom(1256, { lowCfm: 912, flowCfm: 1185, highCfm: 1693 }) // 0.14
 */
export const awayFrom = (flowCfm: number, { lowCfm, flowCfm: targetCfm, highCfm }: Target): number =>
  Math.abs(flowCfm - targetCfm) / (flowCfm < targetCfm ? targetCfm - lowCfm : highCfm - targetCfm);

/** The tier of a system as it stands; 3 where its curve ends. */
export function landingOf(system: System, goal: Goal): Tier {
  const now = operate(system);
  if (now.kind === 'offTable') return 3;
  return tierOf(now, predictHeating(system)?.word === 'outside', goal);
}

/**
 * Whether the path itself is too tight: at the foot of the band it asks more than the plate and its error allow. A low speed must
 * not hide it, nor a high one show it; a fan that left its curve at the top is choked too.
 *
 * @example worked example A: 1,080 CFM asks 0.77 in. w.c. of a plate of 0.50 → true
 */
export function isChoked(system: System, { target, maxTesp, rules }: Goal): boolean {
  const now = operate(system);
  if (now.kind === 'offTable' && now.side === 'aboveTable') return true;
  const outside = system.path.map((section) => section.resistance);
  return pathDropAt(outside, target.lowCfm) > tespAllowedInWc(maxTesp.value, rules);
}
