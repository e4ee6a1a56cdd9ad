/** (J) Degrees of freedom of the errors of readings: heavier tails than a normal law. */
const FREEDOM = 4;
/** (J) Share of readings that are gross: another port, a door, a slip of the pen. */
const GROSS_SHARE = 0.02;
/** A gross reading may lie anywhere in so many σ. */
const GROSS_WIDTH = 50;

// Γ(5/2)/(Γ(2)·√(4π)) = 3/8: the height of Student’s law with four degrees of freedom.
const HEIGHT = 0.375;
const GROSS_DENSITY = GROSS_SHARE / GROSS_WIDTH;

/**
 * Logarithm of the density of a residual in units of its σ: Student’s law with four degrees of freedom, and one reading in fifty that is gross.
 * @example logDensity(0) // ln(0.98·0.375 + 0.0004) = −1.0
 */
export function logDensity(residual: number): number {
  const tail = 1 + (residual * residual) / FREEDOM;
  return Math.log((1 - GROSS_SHARE) * HEIGHT * Math.pow(tail, -(FREEDOM + 1) / 2) + GROSS_DENSITY);
}

/** How much a residual counts in a least-squares fit of such errors: 1.25 at 0, little far out. @example weightOf(0) // 1.25 */
export function weightOf(residual: number): number {
  const tail = 1 + (residual * residual) / FREEDOM;
  const student = (1 - GROSS_SHARE) * HEIGHT * Math.pow(tail, -(FREEDOM + 1) / 2);
  return ((FREEDOM + 1) / FREEDOM / tail) * (student / (student + GROSS_DENSITY));
}
