import { DRILL_KINDS, LEVELS, type DrillKind, type Level } from './kinds';

/** What a code says of its case: everything else follows from it. */
export interface CodedCase {
  readonly kind: DrillKind;
  readonly level: Level;
  /** 1 easy to 5 hard, as the search for causes rated it. */
  readonly difficulty: number;
  /** A whole number from 0 to `MOST_SEED`. */
  readonly seed: number;
}

/** Without I, L, O and U, which are read wrongly or spell words. */
const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const BASE = ALPHABET.length;
const SEED_SIGNS = 5;
const LENGTH = SEED_SIGNS + 3;
export const MOST_SEED = BASE ** SEED_SIGNS - 1;
const MOST_DIFFICULTY = 5;

/** A sum in which each place counts otherwise: one wrong sign, or two neighbors swapped, does not pass. */
const checkSign = (signs: string): string => {
  const sum = [...signs].reduce((total, sign, i) => total + (2 * i + 1) * (ALPHABET.indexOf(sign) + 1), 0);
  return ALPHABET[sum % BASE]!;
};

/**
 * The short code of a case, for anybody to type.
 *
 * @throws RangeError for a seed or a difficulty out of range
 * @example caseCode({ kind: 'filterOrDuct', level: 1, difficulty: 2, seed: 7 }) // '0200-007…'
 */
export function caseCode({ kind, level, difficulty, seed }: CodedCase): string {
  if (!Number.isInteger(seed) || seed < 0 || seed > MOST_SEED) throw new RangeError(`A seed is 0 to ${MOST_SEED}.`);
  if (!Number.isInteger(difficulty) || difficulty < 1 || difficulty > MOST_DIFFICULTY)
    throw new RangeError(`A difficulty is 1 to ${MOST_DIFFICULTY}.`);
  const first = ALPHABET[DRILL_KINDS.indexOf(kind) * LEVELS.length + LEVELS.indexOf(level)]!;
  let signs = '';
  for (let left = seed, i = 0; i < SEED_SIGNS; i += 1, left = Math.floor(left / BASE))
    signs = ALPHABET[left % BASE]! + signs;
  const whole = first + ALPHABET[difficulty]! + signs;
  const coded = whole + checkSign(whole);
  return `${coded.slice(0, LENGTH / 2)}-${coded.slice(LENGTH / 2)}`;
}

export type ReadCode =
  | { readonly ok: true; readonly coded: CodedCase; readonly code: string }
  | { readonly ok: false; readonly why: string };

/**
 * Reads a code as somebody typed it: small letters, spaces, O for 0 and I or L for 1 are all right.
 *
 * @returns what is wrong with it, in a sentence
 */
export function readCode(typed: string): ReadCode {
  const signs = typed
    .toUpperCase()
    .replaceAll('O', '0')
    .replaceAll(/[IL]/g, '1')
    .replaceAll(/[^0-9A-Z]/g, '');
  if (signs.length !== LENGTH)
    return { ok: false, why: `A case code has ${LENGTH} letters and digits, like 02A7-K3M9.` };
  const wrong = { ok: false, why: 'This code has a typing error. Compare it sign by sign.' } as const;
  const places = [...signs].map((sign) => ALPHABET.indexOf(sign));
  if (places.includes(-1) || checkSign(signs.slice(0, -1)) !== signs.at(-1)) return wrong;
  const kind = DRILL_KINDS[Math.floor(places[0]! / LEVELS.length)];
  const level = LEVELS[places[0]! % LEVELS.length]!;
  const difficulty = places[1]!;
  if (!kind || difficulty < 1 || difficulty > MOST_DIFFICULTY) return wrong;
  const seed = places.slice(2, 2 + SEED_SIGNS).reduce((sum, place) => sum * BASE + place, 0);
  const coded = { kind, level, difficulty, seed };
  return { ok: true, coded, code: caseCode(coded) };
}
