import type { Rules } from './rules';

/**
 * One standard deviation of a static, in. w.c.: √(0.01² + (0.05·p)²), instrument and place of the probe.
 * @example staticSigma(0.3, DEFAULT_RULES) // 0.018
 */
export const staticSigma = (staticInWc: number, rules: Pick<Rules, 'staticSigmaInWc' | 'staticPlaceShare'>): number =>
  Math.hypot(rules.staticSigmaInWc, rules.staticPlaceShare * staticInWc);

/** The same of a sum or difference of statics, each read by itself. @example tespSigma([-0.31, 0.27], DEFAULT_RULES) // 0.025 */
export const tespSigma = (
  statics: readonly number[],
  rules: Pick<Rules, 'staticSigmaInWc' | 'staticPlaceShare'>,
): number => Math.hypot(...statics.map((p) => staticSigma(p, rules)));
