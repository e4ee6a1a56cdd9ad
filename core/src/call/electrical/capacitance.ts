/** Tolerance of a run capacitor where nothing else is printed on it, percent. */
const USUAL_TOLERANCE_PERCENT = 6;
/** So far past its tolerance a capacitor is borderline, percent (J): meters differ by as much. */
const EDGE_PERCENT = 4;
/** Under this it holds nothing, whatever its rating, µF. */
const DEAD_MICROFARADS = 0.5;

/**
 * A capacitor against its rating.
 *
 * @param microfarads measured, µF, 0 and up
 * @param rated printed on it, µF; without it nothing is said but of a dead one
 * @param tolerancePercent printed on it
 * @returns good inside its tolerance, edge within 4 % past it
 * @example capacitance(6.3, 7.5) // 'bad', 16 % low
 */
export function capacitance(
  microfarads: number,
  rated: number | undefined,
  tolerancePercent: number = USUAL_TOLERANCE_PERCENT,
): 'good' | 'edge' | 'bad' | undefined {
  if (rated === undefined) return microfarads < DEAD_MICROFARADS ? 'bad' : undefined;
  const off = (100 * Math.abs(microfarads - rated)) / rated;
  if (off <= tolerancePercent) return 'good';
  return off <= tolerancePercent + EDGE_PERCENT ? 'edge' : 'bad';
}
