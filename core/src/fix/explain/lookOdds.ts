import type { LookSign } from '../../judge/look/lookSign';
import type { Look } from '../../judge/look';
import { ALL_CAUSES, type Cause } from '../causes';

/** (J) A cause that can be seen is seen this often by somebody who looks, */
export const SEEN_WHEN_THERE = 0.8;
/** and seen this often where it is not there. (J) */
export const SEEN_WHEN_NOT = 0.05;

const names = (signs: readonly LookSign[], { item, state }: Look) =>
  signs.some((sign) => sign.item === item && sign.states.includes(state));

/** The state a look leaves: what was found and fixed is as good as found well. */
const isFixed = (look: Look) => look.outcome === 'dealtWith';

/** Looks that speak for a cause. */
export const signsOf = ({ shownBy, hintedBy = [] }: Cause): readonly LookSign[] => [...shownBy, ...hintedBy];

/** Whether a look found what is the sign of some cause. */
const isSign = (look: Look) => ALL_CAUSES.some((cause) => names(signsOf(cause), look));

/**
 * Logarithm of the probability of what was seen, for a unit that has these causes and no others.
 *
 * @example a caked wheel seen, wheelCaked among the causes: ln 0.8; not among them: ln 0.05
 */
export function logLooks(looks: readonly Look[], causes: readonly Cause[]): number {
  let sum = 0;
  for (const look of looks) {
    const shown = isSign(look);
    const isThere = causes.some((cause) => names(signsOf(cause), look));
    if (shown && !isFixed(look)) sum += Math.log(isThere ? SEEN_WHEN_THERE : SEEN_WHEN_NOT);
    // A cause that is there was overlooked, or what was seen was put right before the readings.
    const overlooked = causes.some((cause) => names(cause.clearedBy, look) || (isFixed(look) && isThere));
    if (overlooked && !(shown && isThere && !isFixed(look)))
      sum += Math.log((1 - SEEN_WHEN_THERE) / (1 - SEEN_WHEN_NOT));
  }
  return sum;
}
