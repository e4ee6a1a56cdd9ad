import { resized, type GrayImage } from './grayImage';
import { flattened, inkOnly } from './ink';
import { leveled } from './level';
import { withoutLines } from './lines';

/** Longest side of the picture that is read, px. */
const READ_PX = 1800;
/** The picture as the engine reads it best: level, paper white, rules gone. */
export function cleaned(sheet: GrayImage): { readonly level: GrayImage; readonly clean: GrayImage } {
  const longest = Math.max(sheet.width, sheet.height);
  const zoom = Math.min(READ_PX / longest, 2);
  const level = leveled(resized(sheet, sheet.width * zoom, sheet.height * zoom));
  const flat = flattened(level, Math.round(READ_PX / 50));
  const ink = inkOnly(flat, Math.round(READ_PX / 60));
  return { level, clean: withoutLines(flat, ink, Math.round(READ_PX / 14)) };
}
