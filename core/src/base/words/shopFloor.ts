import { shownWords } from './figures';
import { keepsFigures } from './keptText';
import { currentMeasures } from './measures';

/**
 * A length as a technician reads it off a rule, to the nearest sixteenth, or in whole millimeters.
 *
 * @example ruleText(0.34) // '5/16 in.', or '9 mm'
 */
export function ruleText(inches: number): string {
  if (keepsFigures() || currentMeasures().length === 'mm') return shownWords(Math.abs(inches), 'in');
  const sixteenths = Math.round(Math.abs(inches) * 16);
  const whole = Math.floor(sixteenths / 16);
  let [top, under] = [sixteenths % 16, 16];
  while (top > 0 && top % 2 === 0) [top, under] = [top / 2, under / 2];
  const part = top === 0 ? '' : `${top}/${under}`;
  return `${[whole > 0 || part === '' ? String(whole) : '', part].filter(Boolean).join(' ')} in.`;
}

/** Turns as they are counted, to the half. @example turnsText(2.5) // '2½' */
export function turnsText(turns: number): string {
  const whole = Math.floor(turns);
  const half = turns - whole >= 0.25 && turns - whole < 0.75;
  return half ? `${whole === 0 ? '' : whole}½` : String(Math.round(turns));
}

/** @example turnsOpenText(0.5) // '½ turn open' */
export const turnsOpenText = (turns: number): string =>
  `${turnsText(turns)} ${turns > 0 && turns <= 1 ? 'turn' : 'turns'} open`;
