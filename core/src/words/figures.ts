/** Figures as a technician writes them. Every place that shows one calls these, so that rounding is the same everywhere. */

/** Static pressure, two places: "0.58". Minus is the true minus sign. @param staticInWc in. w.c. */
export function staticText(staticInWc: number): string {
  const text = Math.abs(staticInWc).toFixed(2);
  return staticInWc < 0 && Number(text) !== 0 ? `−${text}` : text;
}

// Made once: `toLocaleString` makes a formatter of its own at each call, which costs more than a whole judgement.
const WHOLE = new Intl.NumberFormat('en-US', { maximumFractionDigits: 0 });

/** Airflow, whole CFM with a thousands comma: "1,036". @param flowCfm CFM */
export function flowText(flowCfm: number): string {
  return WHOLE.format(Math.round(flowCfm));
}

/** A share as whole percent: "32 %". @param share 1 is the whole */
export function percentText(share: number): string {
  return `${Math.round(share * 100)} %`;
}

/** Nominal capacity: "3", "2.5". @param tons tons of refrigeration */
export function tonsText(tons: number): string {
  return String(Number(tons.toFixed(2)));
}

/** Words as they begin a sentence. @example sentenceCase('a caked wheel') // 'A caked wheel' */
export const sentenceCase = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** A chance as odds, never surer than 1 in 100 either way. @example oddsText(0.68) // '68 in 100' */
export function oddsText(share: number): string {
  const hundred = Math.round(100 * share);
  if (hundred < 1) return 'under 1 in 100';
  return hundred > 99 ? 'over 99 in 100' : `${hundred} in 100`;
}
