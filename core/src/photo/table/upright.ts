import { resized, turned, type GrayImage } from '../image';
import type { TextEngine } from '../words';

/** Text is looked for in a picture of this longest side, px. */
const SMALL_PX = 1000;
/** So sure of a word, it is one. */
const SURE = 65;

/**
 * By how many quarter turns a picture has to be turned for its text to be upright: the way in which most words are read.
 *
 * @example a photo held upside down → 2
 */
export async function quartersToUpright(sheet: GrayImage, read: TextEngine): Promise<number> {
  const zoom = Math.min(1, SMALL_PX / Math.max(sheet.width, sheet.height));
  const small = resized(sheet, sheet.width * zoom, sheet.height * zoom);
  let [best, most] = [0, 0];
  for (const quarters of [0, 2, 1, 3]) {
    const words = await read(turned(small, quarters), { mode: 'sparse' });
    const sure = words.filter(({ text, confidence }) => confidence > SURE && /[A-Za-z0-9]{2,}/.test(text)).length;
    if (sure > most) [best, most] = [quarters, sure];
  }
  return best;
}
