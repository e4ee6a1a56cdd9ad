import {
  fromShown,
  plausibleStatic,
  signedStaticInWc,
  STATIC_LIMIT_IN_WC,
  staticText,
  toShown,
  unitText,
  type Plausibility,
} from '@huff/core';

/** What has been typed on the keypad: digits as text, and the sign when it was set by hand. */
export interface Entry {
  readonly digits: string;
  readonly sign?: 1 | -1;
}

export const EMPTY: Entry = { digits: '' };
const LONGEST = 6;

export type Key = '0' | '1' | '2' | '3' | '4' | '5' | '6' | '7' | '8' | '9' | '.' | 'back' | 'sign';

/** The entry after a key. A second point, or more than six characters, changes nothing. */
export function press(entry: Entry, key: Key, side: 'return' | 'supply'): Entry {
  const { digits } = entry;
  if (key === 'back') return digits === '' ? EMPTY : { ...entry, digits: digits.slice(0, -1) };
  if (key === 'sign') return { ...entry, sign: signOf(entry, side) === 1 ? -1 : 1 };
  if (key === '.' && digits.includes('.')) return entry;
  if (digits.length >= LONGEST) return entry;
  if (key === '.' && digits === '') return { ...entry, digits: '0.' };
  return { ...entry, digits: digits === '0' && key !== '.' ? key : digits + key };
}

/** The key of a physical keyboard, or undefined when the keypad does not know it. */
export function keyOf(name: string): Key | undefined {
  if (/^\d$/.test(name)) return name as Key;
  if (name === '.' || name === ',') return '.';
  if (name === 'Backspace') return 'back';
  if (name === '-' || name === '+') return 'sign';
  return undefined;
}

/** Suction on the return side and pressure on the supply side, until the sign is set by hand. */
const signOf = (entry: Entry, side: 'return' | 'supply'): 1 | -1 => entry.sign ?? (side === 'return' ? -1 : 1);

/** The signed static, in. w.c., or undefined while there are no digits. */
export function staticOf(entry: Entry, side: 'return' | 'supply'): number | undefined {
  const size = Number(entry.digits);
  if (entry.digits === '' || !Number.isFinite(size)) return undefined;
  return size === 0 ? 0 : fromShown(size, 'inWc') * signOf(entry, side);
}

/** What the large display shows: "−0.31". */
export const entryText = (entry: Entry, side: 'return' | 'supply'): string =>
  entry.digits === '' ? '' : `${signOf(entry, side) < 0 ? '−' : ''}${entry.digits}`;

/** The entry that stands for a static, for a suggestion that is taken. */
export const entryFor = (staticInWc: number): Entry => ({
  digits: String(Number(toShown(Math.abs(staticInWc), 'inWc').toPrecision(4))),
  sign: staticInWc < 0 ? -1 : 1,
});

export interface Question {
  readonly plausibility: Plausibility;
  readonly sentence: string;
}

/**
 * The plausibility line under the display: nothing for an everyday static.
 *
 * @param last the last reading kept at any port of this visit, in. w.c.
 */
export function questionOf(staticInWc: number, side: 'return' | 'supply', last?: number): Question | undefined {
  const plausibility = plausibleStatic(side, staticInWc);
  if (plausibility.kind === 'plausible') return undefined;
  const plain = String(Number(toShown(Math.abs(staticInWc), 'inWc').toPrecision(6)));
  const suggested = plausibility.suggestedInWc === undefined ? '' : ` ${staticText(plausibility.suggestedInWc)}?`;
  if (plausibility.reason === 'wrongSign') {
    const word = side === 'return' ? 'The return side is negative' : 'The supply side is positive';
    const usual = signedStaticInWc(side, staticInWc);
    return {
      plausibility,
      sentence: `${word}: a reading here is usually ${usual < 0 ? 'below' : 'above'} zero.${suggested}`,
    };
  }
  const times = last ? Math.round(Math.abs(staticInWc / last)) : 0;
  const compared =
    times >= 5
      ? `${plain} would be ${times}× the last reading.`
      : `${plain} ${unitText('inWc')} is too high for a duct.`;
  const refused =
    plausibility.kind === 'refuse'
      ? ` Huff takes up to ${Number(toShown(STATIC_LIMIT_IN_WC, 'inWc').toFixed(0))}.`
      : '';
  return { plausibility, sentence: `${compared}${refused}${suggested}` };
}
