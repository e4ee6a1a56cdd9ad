import { cropped, resized, type GrayImage, type PixelBox } from '../image';
import type { CellVote } from './votes';

/** A digit is compared in this many pixels. */
const WIDE = 11;
const HIGH = 16;
/** A sign lower than this share of a digit is a comma. */
const COMMA_SHARE = 0.5;
/** A digit is no wider than this share of its height; wider ones hang together and are not told apart. */
const WIDEST_SHARE = 0.95;
/** (J) So alike, and so much more alike than the next, one digit is told from all others. */
const LEAST_ALIKE = 0.8;
const LEAST_MARGIN = 0.06;
/** Templates are made anew so many times from what they told. */
const PASSES = 3;

type Vector = Float32Array;

/** The digits of a cell, each by itself; undefined where they hang together. */
function glyphBoxes(ink: GrayImage, box: PixelBox, digitPx: number): PixelBox[] | undefined {
  const { width, height, data } = cropped(ink, box);
  const found: PixelBox[] = [];
  let begin = -1;
  for (let x = 0; x <= width; x += 1) {
    let [top, bottom] = [height, -1];
    if (x < width)
      for (let y = 0; y < height; y += 1)
        if (data[y * width + x] === 0) {
          top = Math.min(top, y);
          bottom = y;
        }
    if (bottom >= 0 && begin < 0) begin = x;
    if (bottom >= 0 || begin < 0) continue;
    let [first, last] = [height, -1];
    for (let v = 0; v < height; v += 1)
      for (let u = begin; u < x; u += 1)
        if (data[v * width + u] === 0) {
          first = Math.min(first, v);
          last = v;
        }
    const high = last - first + 1;
    if (x - begin > WIDEST_SHARE * digitPx) return undefined;
    if (high > COMMA_SHARE * digitPx && x - begin > 1)
      found.push({ x: Math.round(box.x) + begin, y: Math.round(box.y) + first, width: x - begin, height: high });
    begin = -1;
  }
  return found.length > 0 ? found : undefined;
}

/** A digit as numbers of mean 0 and length 1; its width is kept. */
function vectorOf(picture: GrayImage, { x, y, width, height }: PixelBox): Vector {
  const wide = Math.max(width, height * 0.7);
  const part = resized(cropped(picture, { x: x + width / 2 - wide / 2, y, width: wide, height }), WIDE, HIGH);
  const vector = Float32Array.from(part.data);
  const mean = vector.reduce((sum, value) => sum + value, 0) / vector.length;
  let length = 0;
  for (let i = 0; i < vector.length; i += 1) {
    vector[i]! -= mean;
    length += vector[i]! ** 2;
  }
  const norm = Math.sqrt(length) || 1;
  return vector.map((value) => value / norm);
}

const likeness = (a: Vector, b: Vector) => a.reduce((sum, value, i) => sum + value * b[i]!, 0);

function meanOf(vectors: readonly Vector[]): Vector {
  const sum = new Float32Array(WIDE * HIGH);
  for (const vector of vectors) for (let i = 0; i < sum.length; i += 1) sum[i]! += vector[i]!;
  const norm = Math.sqrt(sum.reduce((total, value) => total + value * value, 0)) || 1;
  return sum.map((value) => value / norm);
}

interface Glyph {
  readonly vector: Vector;
  digit: string;
}

/** The digit that a glyph is most alike, with how sure that is. */
function nearest(
  vector: Vector,
  templates: ReadonlyMap<string, Vector>,
): { digit: string; alike: number; margin: number } {
  const all = [...templates]
    .map(([digit, template]) => ({ digit, alike: likeness(vector, template) }))
    .sort((a, b) => b.alike - a.alike);
  const [best, next] = all;
  return { digit: best?.digit ?? '', alike: best?.alike ?? 0, margin: (best?.alike ?? 0) - (next?.alike ?? 0) };
}

/**
 * One more vote for each cell, by the print itself: a table is set in one type, so every 0 of it looks like every other 0. What the engine was sure of
 * teaches what each digit looks like here.
 *
 * @param sure the digits of cells that several readings agree on; undefined for the others
 * @returns undefined for a cell whose digits hang together or look like none for sure
 */
export function votesByGlyphs(
  picture: GrayImage,
  ink: GrayImage,
  boxes: readonly (readonly (PixelBox | undefined)[])[],
  digitPx: number,
  sure: readonly (readonly (string | undefined)[])[],
): (readonly (CellVote | undefined)[])[] {
  const glyphs = boxes.map((row, i) =>
    row.map((box, j): Glyph[] | undefined => {
      const found = box && glyphBoxes(ink, box, digitPx);
      const digits = sure[i]![j];
      return found?.map((one, k) => ({
        vector: vectorOf(picture, one),
        digit: digits?.length === found.length ? digits[k]! : '',
      }));
    }),
  );
  const all = glyphs.flat(2).filter((glyph): glyph is Glyph => glyph !== undefined);
  const templates = new Map<string, Vector>();
  for (let pass = 0; pass < PASSES; pass += 1) {
    for (const digit of '0123456789') {
      const own = all.filter((glyph) => glyph.digit === digit).map(({ vector }) => vector);
      if (own.length > 0) templates.set(digit, meanOf(own));
    }
    // A digit that was read wrongly here and there is told from its like; the templates get sharper.
    for (const glyph of all) {
      const told = nearest(glyph.vector, templates);
      if (glyph.digit !== '' && told.margin > LEAST_MARGIN) glyph.digit = told.digit;
    }
  }
  return glyphs.map((row) =>
    row.map((cell): CellVote | undefined => {
      if (!cell) return undefined;
      const told = cell.map(({ vector }) => nearest(vector, templates));
      if (told.length < 2 || told.some(({ alike, margin }) => alike < LEAST_ALIKE || margin < LEAST_MARGIN))
        return undefined;
      const digits = told.map(({ digit }) => digit).join('');
      return digits.startsWith('0')
        ? undefined
        : { digits, confidence: Math.min(95, 60 + 200 * Math.min(...told.map(({ margin }) => margin))) };
    }),
  );
}
