import { isQuantity, shownUnit, type Quantity } from './measures';

/**
 * Words that are stored: their figures are in base units and take the unit and the rounding of whoever reads them. In a stored text
 * `⟦inWc 0.5834⟧` is a figure with its unit, `⟦cfm 1036.2 1⟧` the same with its decimal places, `⟦#inWc 0.5834⟧` the figure alone and
 * `⟦@inWc⟧` the unit alone. Text without such marks is read as it is: that is how words of an earlier Huff are stored.
 */
declare const KEPT: unique symbol;

/** A stored text. It is no string to the compiler, so that no screen and no paper shows it before `readKept`. */
export interface KeptText {
  readonly [KEPT]: true;
}

let isKeeping = false;

/** Whether words that are made now are made to be stored. */
export const keepsFigures = (): boolean => isKeeping;

/**
 * Makes words that are stored.
 *
 * @param work makes them at once: nothing may be waited for in it
 * @example keepFigures(() => staticWords(0.5834)) // '⟦inWc 0.5834⟧'
 */
export function keepFigures<T>(work: () => T): T {
  const before = isKeeping;
  isKeeping = true;
  try {
    return work();
  } finally {
    isKeeping = before;
  }
}

/** Six digits are more than any reading has. */
const stored = (value: number) => String(Number(value.toPrecision(6)));

/** A figure as it is stored, with its unit. */
export const figureMark = (value: number, quantity: Quantity, places?: number): string =>
  `⟦${quantity} ${stored(value)}${places === undefined ? '' : ` ${places}`}⟧`;

/** A figure as it is stored, its unit said elsewhere in the text. */
export const bareMark = (value: number, quantity: Quantity, places?: number): string =>
  `⟦#${figureMark(value, quantity, places).slice(1)}`;

/** A unit as it is stored. */
export const unitMark = (quantity: Quantity): string => `⟦@${quantity}⟧`;

const MARK = /⟦([#@]?)(\w+)(?: (-?[\d.]+(?:e[+-]?\d+)?)(?: (\d))?)?⟧(\.?)/g;

/** A figure as a text shows it; `figures.ts` gives it, which this file cannot know. */
type Shown = (value: number, quantity: Quantity, places?: number) => string;

/** The marks of a stored text replaced. A mark of a quantity that is not known here is left out. */
export function withFigures(text: string, shown: Shown): string {
  return text.replace(MARK, (...[, kind, quantity, figure, places, stop = '']: (string | undefined)[]): string => {
    if (quantity === undefined || !isQuantity(quantity)) return stop;
    const unit = shownUnit(quantity).text;
    const value =
      kind === '@' || figure === undefined ? '' : shown(Number(figure), quantity, places ? Number(places) : undefined);
    const words = kind === '#' ? value : `${value} ${unit}`.trim();
    // "in. w.c." ends the sentence itself.
    return words.endsWith('.') ? words : `${words}${stop}`;
  });
}
