import { inkFacts, type GrayImage } from '../image';
import { median, type ReadWord } from './words';

/** What is looked for on a photo. */
export type PhotoKind = 'table' | 'plate';

const NEARLY_BLACK = 30;
const LEAST_CONTRAST = 12;
const LEAST_INK = 0.002;
/** So sure of a word, it is print; fewer words are dirt. (J) */
const SURE = 60;
const LEAST_WORDS = 4;

/** So many figures, lower than this share of the longer side, are a table with too few pixels. (J) */
const LEAST_FIGURES = 8;
const SMALL_SHARE = 0.011;

const NOT_FOUND: Readonly<Record<PhotoKind, string>> = {
  table:
    'There is print, but no table was found. Have the whole table in the photo, with its row of statics, or type it.',
  plate: 'There is print, but nothing of a nameplate was found. Have the whole nameplate in the photo, or type it.',
};

/** What a photo is, where there can be no print on it: said in a sentence; undefined where there may be some. */
export function blankFault(sheet: GrayImage): string | undefined {
  const { mean, contrast, share } = inkFacts(sheet);
  if (mean < NEARLY_BLACK) return 'The photo is nearly black. Use a light, and take it again.';
  if (contrast < LEAST_CONTRAST || share < LEAST_INK)
    return 'Nothing is printed on this photo. Move closer, and take it again.';
  return undefined;
}

/** What a photo is, where nothing was found on it: said in a sentence. */
export function nothingFound(sheet: GrayImage, words: readonly ReadWord[], kind: PhotoKind): string {
  const blank = blankFault(sheet);
  if (blank !== undefined) return blank;
  const sure = words.filter(({ confidence, text }) => confidence > SURE && /[A-Za-z0-9]{2,}/.test(text));
  const figures = words.filter(({ text }) => /\d\d/.test(text)).map(({ box }) => box.height);
  const longest = Math.max(sheet.width, sheet.height);
  if (figures.length >= LEAST_FIGURES && median(figures) < SMALL_SHARE * longest)
    return 'The print is small on this photo. Go closer, or put the corners around one table.';
  return sure.length < LEAST_WORDS
    ? 'No print could be read. Hold the phone level and closer, without glare, or type it.'
    : NOT_FOUND[kind];
}
