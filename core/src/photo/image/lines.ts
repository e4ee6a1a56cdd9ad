import type { GrayImage } from './grayImage';

/** A gap of so many pixels does not end a line: print is never whole. */
const GAP_PX = 2;

/**
 * The picture without its ruled lines. A line is dark without a break for longer than any letter; the letters that cross it keep their strokes,
 * because only pixels with nothing beside them across the line are taken out.
 *
 * @param ink the same picture in black and white
 * @param longest px: no stroke of a letter is longer
 */
export function withoutLines(image: GrayImage, ink: GrayImage, longest: number): GrayImage {
  const { width, height } = image;
  const isLine = new Uint8Array(width * height);
  const mark = (length: number, count: number, at: (along: number, across: number) => number) => {
    for (let across = 0; across < count; across += 1) {
      let begin = -1;
      let last = -1;
      for (let along = 0; along <= length; along += 1) {
        const dark = along < length && ink.data[at(along, across)] === 0;
        if (dark) {
          if (begin < 0) begin = along;
          last = along;
        } else if (begin >= 0 && (along === length || along - last > GAP_PX)) {
          if (last - begin + 1 >= longest) for (let i = begin; i <= last; i += 1) isLine[at(i, across)] = 1;
          begin = -1;
        }
      }
    }
  };
  mark(width, height, (x, y) => y * width + x);
  mark(height, width, (y, x) => y * width + x);
  const data = new Uint8Array(image.data);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const i = y * width + x;
      if (isLine[i] === 0) continue;
      data[i] = 255;
      // The soft edge of a line goes with it, where no letter begins.
      for (let side = 0; side < 4; side += 1) {
        const dx = side === 0 ? -1 : side === 1 ? 1 : 0;
        const dy = side === 2 ? -1 : side === 3 ? 1 : 0;
        const u = x + dx;
        const v = y + dy;
        if (u < 0 || v < 0 || u >= width || v >= height) continue;
        const beside = v * width + u;
        const fu = u + dx;
        const fv = v + dy;
        const far = fv * width + fu;
        const isLetter = fu >= 0 && fv >= 0 && fu < width && fv < height && ink.data[far] === 0 && isLine[far] === 0;
        if (isLine[beside] === 0 && !isLetter) data[beside] = 255;
      }
    }
  return { width, height, data };
}
