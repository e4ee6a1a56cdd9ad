/**
 * The share of a standard normal that lies below z.
 *
 * @returns 0 to 1, within 1e-7
 * @source M. Abramowitz and I. A. Stegun, Handbook of Mathematical Functions, 26.2.17
 * @example normalBelow(1.6449) // 0.95
 */
export function normalBelow(z: number): number {
  const x = Math.abs(z);
  const t = 1 / (1 + 0.2316419 * x);
  const tail =
    0.3989422804014327 *
    Math.exp((-x * x) / 2) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z >= 0 ? 1 - tail : tail;
}

/** The share of a normal of a mean and deviation that lies between two values, 0 to 1. @example normalBetween(0, 1, -1, 1) // 0.683 */
export const normalBetween = (mean: number, sigma: number, low: number, high: number): number =>
  sigma > 0
    ? normalBelow((high - mean) / sigma) - normalBelow((low - mean) / sigma)
    : mean >= low && mean <= high
      ? 1
      : 0;
