type Pair = readonly [number, number];

const MOST_STEPS = 25;

/**
 * Two equations in two unknowns, by Newton's method with a numeric Jacobian, held inside a box.
 *
 * @param residuals of the pair; both in the unit of `tolerance`
 * @param guess where the search begins; a near one needs three steps
 * @returns undefined when the residuals do not get under the tolerance
 * @example solvePair((x, y) => [x + y - 3, x - y - 1], [0, 0], { low: [-9, -9], high: [9, 9] }) // [2, 1]
 */
export function solvePair(
  residuals: (x: number, y: number) => Pair,
  guess: Pair,
  box: { readonly low: Pair; readonly high: Pair },
  tolerance = 1e-4,
): Pair | undefined {
  const held = (value: number, i: 0 | 1) => Math.min(box.high[i], Math.max(box.low[i], value));
  let [x, y] = [held(guess[0], 0), held(guess[1], 1)];
  let [f, g] = residuals(x, y);
  const step = 1e-3;
  for (let i = 0; i < MOST_STEPS; i++) {
    if (Math.abs(f) <= tolerance && Math.abs(g) <= tolerance) return [x, y];
    const [fx, gx] = residuals(x + step, y);
    const [fy, gy] = residuals(x, y + step);
    const [a, b, c, d] = [(fx - f) / step, (fy - f) / step, (gx - g) / step, (gy - g) / step];
    const det = a * d - b * c;
    if (!(Math.abs(det) > 1e-12)) return undefined;
    const [dx, dy] = [(d * f - b * g) / det, (a * g - c * f) / det];
    // A full step that makes it worse is halved: far from the root a curve bends.
    const worst = Math.abs(f) + Math.abs(g);
    let share = 1;
    let next: [number, number, number, number] | undefined;
    for (let tries = 0; tries < 6; tries++, share /= 2) {
      const [nx, ny] = [held(x - share * dx, 0), held(y - share * dy, 1)];
      const [nf, ng] = residuals(nx, ny);
      next = [nx, ny, nf, ng];
      if (Math.abs(nf) + Math.abs(ng) < worst) break;
    }
    [x, y, f, g] = next!;
  }
  return Math.abs(f) <= 100 * tolerance && Math.abs(g) <= 100 * tolerance ? [x, y] : undefined;
}
