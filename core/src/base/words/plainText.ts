/** Control characters, and what turns the reading direction of the text around it: neither is seen, both mislead. */
const MISLEADING = /[\p{Cc}\u2028\u2029\u202a-\u202e\u2066-\u2069\ufff9-\ufffb]/u;

/** Half of a character that takes two places: nothing can store or show it. */
const BROKEN = /\p{Cs}/u;

/** Takes room or none, shows nothing: default ignorables, spaces, marks without a letter, the blank Braille cell. */
const UNSEEN = /[\p{Default_Ignorable_Code_Point}\p{Z}\p{M}\p{Cf}\u2800]/gu;

/** A character that a person sees is rarely longer than this; a pile of marks is. */
const UNITS_A_CHARACTER = 12;

/** Made when it is first needed: making one takes a moment that a page being opened does not have. */
let segmenter: Intl.Segmenter | undefined;
const made = () => (segmenter ??= new Intl.Segmenter('en', { granularity: 'grapheme' }));

/** Characters as a person counts them, as far as they are asked for. An old browser counts places in Unicode instead. */
function* characters(text: string): Generator<string> {
  if (typeof Intl.Segmenter !== 'function') yield* text;
  else for (const { segment } of made().segment(text)) yield segment;
}

/**
 * A name or a note as it is kept: without spaces at its ends, composed (NFC), so that what looks alike is alike.
 *
 * @example plainText('  Cafe\u0301 ') // 'Café', one character shorter
 */
export const plainText = (text: string): string => text.trim().normalize('NFC');

/**
 * How many characters a person sees in a text; a family of five is one.
 *
 * @param most counting ends above it
 */
export function seenLength(text: string, most = Infinity): number {
  const all = characters(text);
  let count = 0;
  while (count <= most && all.next().done !== true) count += 1;
  return count;
}

/**
 * A text cut to a number of characters a person sees, never within one.
 *
 * @example cutText('Aé👨‍👩‍👧z', 3) // 'Aé👨‍👩‍👧'
 */
export function cutText(text: string, most: number): string {
  if (text.length <= most) return text;
  let cut = '';
  let count = 0;
  for (const one of characters(text)) {
    if ((count += 1) > most || cut.length + one.length > most * UNITS_A_CHARACTER) break;
    cut += one;
  }
  return cut.trim();
}

/**
 * What is wrong with one line of text, in a sentence; undefined when it can be kept and read.
 *
 * @param what what it is, as a sentence begins with it: "The site"
 * @param range how many characters it has, as a person counts them
 * @example lineFault('\u200b', { min: 1, max: 80 }, 'The site') // 'The site must not be blank.'
 */
export function lineFault(text: unknown, { min, max }: { min: number; max: number }, what: string): string | undefined {
  if (typeof text !== 'string') return `${what} must be text.`;
  if (BROKEN.test(text)) return `${what} has a broken character. Type it again.`;
  if (MISLEADING.test(text)) return `${what} has a hidden character, such as a line break. Type it again.`;
  if (min > 0 && text.replace(UNSEEN, '') === '') return `${what} must not be blank.`;
  const tooLong = text.length > max * UNITS_A_CHARACTER || (text.length > max && seenLength(text, max) > max);
  // Fewer than is asked for only where more than one is.
  if (tooLong || (min > 1 && seenLength(text, min) < min)) return `${what} must have ${min} to ${max} characters.`;
  return undefined;
}
