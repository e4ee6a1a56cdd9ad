/** Refrigerants whose saturation Huff knows. Blends glide: dew and bubble differ. */
export const REFRIGERANTS = ['R-22', 'R-32', 'R-134a', 'R-407C', 'R-410A', 'R-454B'] as const;
export type RefrigerantId = (typeof REFRIGERANTS)[number];

/** Those that burn, if mildly (safety group A2L). @source ASHRAE Standard 34 */
export const BURNS: ReadonlySet<RefrigerantId> = new Set(['R-32', 'R-454B']);
