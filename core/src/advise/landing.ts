import { predictHeating, type Goal } from '../model';
import { tespAllowedInWc } from '../judge';
import { operate } from '../operate';
import { pathDropAt } from '../path';

import type { System } from '../system';

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
  const outside = system.path.map((stretch) => stretch.resistance);
  return pathDropAt(outside, target.lowCfm) > tespAllowedInWc(maxTesp.value, rules);
}
