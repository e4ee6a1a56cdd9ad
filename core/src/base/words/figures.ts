import { bareMark, figureMark, keepsFigures, type KeptText, unitMark, withFigures } from './keptText';
import { shownUnit, type Quantity } from './measures';

/** Figures as a technician writes them. Every place that shows one calls these, so that rounding is the same everywhere. */

/** Static pressure: "0.58", or whole Pa. Minus is the true minus sign. @param staticInWc in. w.c. */
export function staticText(staticInWc: number): string {
  if (keepsFigures()) return bareMark(staticInWc, 'inWc');
  const { per, places } = shownUnit('inWc');
  const text = Math.abs(staticInWc * per).toFixed(places);
  return staticInWc < 0 && Number(text) !== 0 ? `−${text}` : text;
}

/**
 * A figure that is not negative, with commas between thousands. Written out: a formatter of `Intl` takes longer to make than a slow phone
 * has before its first screen.
 */
function grouped(value: number, places: number): string {
  const [whole = '', ...rest] = value.toFixed(places).split('.');
  return [whole.replace(/\B(?=(\d{3})+$)/g, ','), ...rest].join('.');
}

/** Airflow, whole, with a thousands comma: "1,036". @param flowCfm CFM */
export function flowText(flowCfm: number): string {
  if (keepsFigures()) return bareMark(flowCfm, 'cfm');
  const whole = Math.round(flowCfm * shownUnit('cfm').per);
  return `${whole < 0 ? '-' : ''}${grouped(Math.abs(whole), 0)}`;
}

/** "0.58 in. w.c.", or "144 Pa" */
export const staticWords = (staticInWc: number): string =>
  keepsFigures() ? figureMark(staticInWc, 'inWc') : `${staticText(staticInWc)} ${shownUnit('inWc').text}`;

/** "940 CFM", or "444 L/s" */
export const flowWords = (flowCfm: number): string =>
  keepsFigures() ? figureMark(flowCfm, 'cfm') : `${flowText(flowCfm)} ${shownUnit('cfm').text}`;

/** A figure of a quantity in the unit of whoever reads it, with places of its own if need be: "72.5", "−40". */
export function shownText(value: number, quantity: Quantity, places?: number): string {
  if (keepsFigures()) return bareMark(value, quantity, places);
  const unit = shownUnit(quantity);
  const shown = value * unit.per + (unit.plus ?? 0);
  const text = grouped(Math.abs(shown), unit.per === 1 && places !== undefined ? places : unit.places);
  return shown < 0 && /[1-9]/.test(text) ? `−${text}` : text;
}

/** The same with its unit: "72.5 °F". */
export const shownWords = (value: number, quantity: Quantity, places?: number): string =>
  keepsFigures()
    ? figureMark(value, quantity, places)
    : `${shownText(value, quantity, places)} ${shownUnit(quantity).text}`;

/** The unit alone, as it stands after a figure. */
export const unitText = (quantity: Quantity): string =>
  keepsFigures() ? unitMark(quantity) : shownUnit(quantity).text;

/**
 * A stored text in the units of whoever reads it. Words that are stored again keep their figures.
 *
 * @example readKept('Return duct: ⟦inWc 0.31⟧.' as never) // 'Return duct: 0.31 in. w.c.', in Pa '77 Pa.'
 */
export const readKept = (text: KeptText): string => {
  const words = text as unknown as string;
  return keepsFigures() ? words : withFigures(words, shownText);
};

/** Words that were made by `keepFigures`, as they are stored. */
export const keptText = (words: string): KeptText => words as unknown as KeptText;

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

/** Words with the period that ends a sentence, once: "at most 5 in. w.c." has it already. */
export const ended = (words: string): string => (words.endsWith('.') ? words : `${words}.`);

/** A chance, never surer than 1 % either way. @example oddsText(0.68) // '68 %' */
export function oddsText(share: number): string {
  const hundred = Math.round(100 * share);
  if (hundred < 1) return 'under 1 %';
  return hundred > 99 ? 'over 99 %' : `${hundred} %`;
}

/**
 * A name as it stands within a sentence: its first letter small, unless the word is an abbreviation or a terminal.
 *
 * @example inSentence('Capacitor, HERM side') // 'capacitor, HERM side'
 * @example inSentence('R to G by hand') // 'R to G by hand'
 */
export const inSentence = (name: string): string =>
  /^\p{Lu}\p{Ll}/u.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;
