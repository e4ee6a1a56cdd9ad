import { solved } from './equations';
import { blankImage, type GrayImage } from './grayImage';

/** How often the light on a sheet is worked out from what of it was found. */
const LIGHT_ROUNDS = 2;
/** Paper, once the light is taken out. */
const PAPER = 220;
/** Light is never less than this, so that nothing is divided by next to none. */
const LEAST_LIGHT = 20;

/** The gray that parts a picture best in two (Otsu's method). */
function parting(data: Uint8Array): number {
  const counts = new Float64Array(256);
  for (const value of data) counts[value]! += 1;
  let total = 0;
  for (let i = 0; i < 256; i += 1) total += i * counts[i]!;
  let [below, sumBelow, best, at] = [0, 0, -1, 127];
  for (let i = 0; i < 256; i += 1) {
    below += counts[i]!;
    if (below === 0 || below === data.length) continue;
    sumBelow += i * counts[i]!;
    const [m0, m1] = [sumBelow / below, (total - sumBelow) / (data.length - below)];
    const spread = below * (data.length - below) * (m0 - m1) ** 2;
    if (spread > best) [best, at] = [spread, i];
  }
  return at;
}

/** The largest bright piece that hangs together, as its pixels. */
function largestPiece({ width, height, data }: GrayImage, level: number): number[] {
  const seen = new Uint8Array(data.length);
  let best: number[] = [];
  for (let start = 0; start < data.length; start += 1) {
    if (seen[start] || data[start]! <= level) continue;
    const piece = [start];
    seen[start] = 1;
    for (let k = 0; k < piece.length; k += 1) {
      const i = piece[k]!;
      const x = i % width;
      for (let side = 0; side < 4; side += 1) {
        if ((side === 0 && x === 0) || (side === 1 && x === width - 1)) continue;
        const j = side === 0 ? i - 1 : side === 1 ? i + 1 : side === 2 ? i - width : i + width;
        if (j < 0 || j >= width * height || seen[j] || data[j]! <= level) continue;
        seen[j] = 1;
        piece.push(j);
      }
    }
    if (piece.length > best.length) best = piece;
  }
  return best;
}

/** The picture as it would be in even light: brightness falls off as it does over the pixels that are known to be one sheet. */
function evenlyLit({ width, height, data }: GrayImage, sheet: readonly number[]): GrayImage {
  // Least squares: brightness = a + b·x + c·y.
  const sums = [0, 1, 2].map(() => [0, 0, 0, 0]);
  for (const i of sheet) {
    const terms = [1, (i % width) / width, Math.floor(i / width) / height];
    for (let r = 0; r < 3; r += 1) {
      for (let c = 0; c < 3; c += 1) sums[r]![c]! += terms[r]! * terms[c]!;
      sums[r]![3]! += terms[r]! * data[i]!;
    }
  }
  const plane = solved(sums);
  if (!plane) return { width, height, data };
  const [a, b, c] = plane as [number, number, number];
  const lit = blankImage(width, height);
  for (let i = 0; i < data.length; i += 1) {
    const light = a + (b * (i % width)) / width + (c * Math.floor(i / width)) / height;
    lit.data[i] = Math.min(255, (PAPER * data[i]!) / Math.max(LEAST_LIGHT, light));
  }
  return lit;
}

/** The largest bright piece of a picture, as its pixels: as it is, and with the light taken out once and twice. */
export function brightPieces(image: GrayImage): number[][] {
  const pieces = [largestPiece(image, parting(image.data))];
  for (let round = 0; round < LIGHT_ROUNDS; round += 1) {
    const lit = evenlyLit(image, pieces.at(-1)!);
    pieces.push(largestPiece(lit, parting(lit.data)));
  }
  return pieces.filter((piece) => piece.length > 0);
}
