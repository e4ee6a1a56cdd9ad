/**
 * The filter's own drop from a filter-out retest, corrected for the flow that rises when the filter is pulled.
 *
 * With flow Q₁ at TESP₁ (filter in) and Q₂ at TESP₂ (filter out) the rest of the system is k = TESP₂/Q₂², so the filter
 * takes TESP₁ − k·Q₁². Subtracting the two statics alone understates it.
 *
 * @param filterIn flow (CFM > 0) and TESP (in. w.c.) with the filter in
 * @param filterOut the same with the filter out
 * @returns Δp of the filter at Q₁, in. w.c.; negative means the two states do not belong together
 * @throws RangeError when a flow is not above 0
 * @example filterDropInWc({ flowCfm: 940.2, tespInWc: 0.58 }, { flowCfm: 984.7, tespInWc: 0.47 }) // 0.1515
 */
export function filterDropInWc(
  filterIn: { flowCfm: number; tespInWc: number },
  filterOut: { flowCfm: number; tespInWc: number },
): number {
  if (!(filterIn.flowCfm > 0 && filterOut.flowCfm > 0)) throw new RangeError('Both airflows must be above 0.');
  const ratio = filterIn.flowCfm / filterOut.flowCfm;
  return filterIn.tespInWc - filterOut.tespInWc * ratio * ratio;
}
