/**
 * Resistance of a section of the air path: Δp = a·Qⁿ, with Δp in in. w.c. and Q in CFM, at the density it was measured.
 */
export interface Resistance {
  /** a, in. w.c. per CFMⁿ */
  readonly coefficient: number;
  /** n: 2 for ducts, grilles and fittings; about 1.8 for coils; 1.0–1.6 for filter media */
  readonly exponent: number;
}

/** n by what the air passes. Source: fully rough duct flow (2), finned coils (1.8), pleated media (1.3). */
export const DUCT_EXPONENT = 2;
export const COIL_EXPONENT = 1.8;
export const FILTER_EXPONENT = 1.3;

/**
 * Resistance from one measured drop and the flow that made it.
 *
 * @param dropInWc Δp ≥ 0, in. w.c.
 * @param flowCfm Q > 0, CFM
 * @param exponent n, 1 to 2
 * @throws RangeError for a flow that is not above 0
 * @example resistanceFromPoint(0.58, 940.2, 2).coefficient // 6.561e-7
 */
export function resistanceFromPoint(dropInWc: number, flowCfm: number, exponent: number): Resistance {
  if (!(flowCfm > 0)) throw new RangeError('A resistance needs an airflow above 0.');
  return { coefficient: dropInWc / Math.pow(flowCfm, exponent), exponent };
}

/**
 * Drop over one resistance at a flow, in. w.c.
 * @example dropAt({ coefficient: 6.561e-7, exponent: 2 }, 1035.5) // 0.7035
 */
export function dropAt(resistance: Resistance, flowCfm: number): number {
  return resistance.exponent === 2
    ? resistance.coefficient * flowCfm * flowCfm
    : resistance.coefficient * Math.pow(flowCfm, resistance.exponent);
}

/** Drop over resistances in series at a flow: what the path asks of the fan, in. w.c. */
export function pathDropAt(path: readonly Resistance[], flowCfm: number): number {
  let drop = 0;
  for (const resistance of path) drop += dropAt(resistance, flowCfm);
  return drop;
}

/**
 * The same path with resistances of one exponent added up: it asks the same at every airflow, with less to compute.
 * @example merged([a·Q², b·Q²]) // [(a + b)·Q²]
 */
export function merged(path: readonly Resistance[]): Resistance[] {
  const sums = new Map<number, number>();
  for (const { coefficient, exponent } of path) sums.set(exponent, (sums.get(exponent) ?? 0) + coefficient);
  return [...sums].map(([exponent, coefficient]) => ({ coefficient, exponent }));
}
