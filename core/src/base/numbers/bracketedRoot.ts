/**
 * Root of a continuous function inside a bracket, by the ITP method (interpolate, truncate, project).
 *
 * The bracket is never left, so a curve is never followed past its ends; never slower than bisection by more than one
 * step, and about nine calls between two cells of a blower table. Symbols: f(x) with f(low) and f(high) of opposite sign (either may be
 * zero). Both ends must be finite, low < high.
 *
 * @param tolerance stop when half the bracket or |f| is this small (same unit as x and f)
 * @returns x with f(x) ≈ 0
 * @throws RangeError when the ends do not bracket a root; callers test the ends first
 * @source I. F. D. Oliveira and R. H. C. Takahashi, ACM Trans. Math. Softw. 47 (2021) 5
 * @example bracketedRoot((x) => x * x - 2, 1, 2) // 1.41421356…
 */
export function bracketedRoot(f: (x: number) => number, low: number, high: number, tolerance = 1e-12): number {
  let a = low;
  let b = high;
  let fa = f(a);
  let fb = f(b);
  if (fa === 0) return a;
  if (fb === 0) return b;
  if (!(fa * fb < 0)) throw new RangeError('The ends of the bracket must lie on either side of the root.');
  const k1 = 0.2 / (b - a);
  const steps = Math.ceil(Math.log2((b - a) / (2 * tolerance))) + 1;
  let reach = tolerance * Math.pow(2, steps);
  while (b - a > 2 * tolerance) {
    const middle = (a + b) / 2;
    const chord = (fb * a - fa * b) / (fb - fa);
    const towards = Math.sign(middle - chord);
    const nudge = k1 * (b - a) * (b - a);
    const truncated = nudge <= Math.abs(middle - chord) ? chord + towards * nudge : middle;
    const radius = Math.max(0, reach - (b - a) / 2);
    const x = Math.abs(truncated - middle) <= radius ? truncated : middle - towards * radius;
    const fx = f(x);
    if (Math.abs(fx) <= tolerance) return x;
    if (fx * fb > 0) {
      b = x;
      fb = fx;
    } else {
      a = x;
      fa = fx;
    }
    reach /= 2;
  }
  return (a + b) / 2;
}
