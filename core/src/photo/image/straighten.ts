import { blankImage, resized, valueAt, type GrayImage, type Point } from './grayImage';

/** The corners of a sheet in a photo: top left, top right, bottom right, bottom left. */
export type Corners = readonly [Point, Point, Point, Point];

/** A sheet is looked for in a picture of this width, px. */
const SEARCH_PX = 320;
/** A sheet covers at least this share of a photo, and fills this share of its four corners. (J) */
const LEAST_SHARE = 0.15;
const LEAST_FILLED = 0.86;

const area = ([a, b, c, d]: Corners) => Math.abs((a.x - c.x) * (b.y - d.y) - (b.x - d.x) * (a.y - c.y)) / 2;

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

/**
 * Finds the four corners of a bright sheet on darker ground.
 *
 * @returns undefined where no sheet is brighter than its ground: then the whole photo is the sheet
 */
export function findSheet(image: GrayImage): Corners | undefined {
  const scale = Math.max(1, image.width / SEARCH_PX);
  const small = resized(image, image.width / scale, image.height / scale);
  const { width, height } = small;
  const piece = largestPiece(small, parting(small.data));
  if (piece.length < LEAST_SHARE * width * height) return undefined;
  const extreme = (of: (x: number, y: number) => number): Point => {
    let [at, most] = [0, -Infinity];
    for (const i of piece) {
      const value = of(i % width, Math.floor(i / width));
      if (value > most) [at, most] = [i, value];
    }
    return { x: ((at % width) + 0.5) * scale, y: (Math.floor(at / width) + 0.5) * scale };
  };
  const corners: Corners = [
    extreme((x, y) => -x - y),
    extreme((x, y) => x - y),
    extreme((x, y) => x + y),
    extreme((x, y) => y - x),
  ];
  const whole = area(corners) / (scale * scale);
  // Letters are holes in the sheet: what it covers is counted by its corners, what it fills by its pixels.
  if (whole < LEAST_SHARE * width * height || piece.length < LEAST_FILLED * 0.8 * whole) return undefined;
  if (piece.length > 1.12 * whole) return undefined;
  return corners;
}

/** The corners of the whole photo. */
export const wholeSheet = ({ width, height }: Pick<GrayImage, 'width' | 'height'>): Corners => [
  { x: 0, y: 0 },
  { x: width - 1, y: 0 },
  { x: width - 1, y: height - 1 },
  { x: 0, y: height - 1 },
];

/** Solves a small system of linear equations; undefined where it has no single answer. */
function solved(rows: number[][]): number[] | undefined {
  const n = rows.length;
  for (let i = 0; i < n; i += 1) {
    let pivot = i;
    for (let k = i + 1; k < n; k += 1) if (Math.abs(rows[k]![i]!) > Math.abs(rows[pivot]![i]!)) pivot = k;
    if (Math.abs(rows[pivot]![i]!) < 1e-9) return undefined;
    [rows[i], rows[pivot]] = [rows[pivot]!, rows[i]!];
    for (let k = 0; k < n; k += 1) {
      if (k === i) continue;
      const share = rows[k]![i]! / rows[i]![i]!;
      for (let j = i; j <= n; j += 1) rows[k]![j]! -= share * rows[i]![j]!;
    }
  }
  return rows.map((row, i) => row[n]! / row[i]!);
}

/** The perspective that takes an upright rectangle to four corners: its eight numbers. */
function perspective(width: number, height: number, corners: Corners): number[] | undefined {
  const from = [
    [0, 0],
    [width - 1, 0],
    [width - 1, height - 1],
    [0, height - 1],
  ] as const;
  return solved(
    from.flatMap(([x, y], i) => {
      const { x: u, y: v } = corners[i]!;
      return [
        [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
        [0, 0, 0, x, y, 1, -v * x, -v * y, v],
      ];
    }),
  );
}

const distance = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y);

/**
 * The sheet between four corners, seen from straight above.
 *
 * @param mostPx of its longer side
 * @throws RangeError where three corners are in one line
 */
export function straightened(image: GrayImage, corners: Corners, mostPx = 1800): GrayImage {
  const [a, b, c, d] = corners;
  const w = Math.max(distance(a, b), distance(d, c));
  const h = Math.max(distance(a, d), distance(b, c));
  const scale = Math.min(1, mostPx / Math.max(w, h));
  const out = blankImage(Math.max(1, Math.round(w * scale)), Math.max(1, Math.round(h * scale)));
  const m = perspective(out.width, out.height, corners);
  if (!m) throw new RangeError('Three corners are in one line.');
  const [m0, m1, m2, m3, m4, m5, m6, m7] = m as [number, number, number, number, number, number, number, number];
  for (let y = 0; y < out.height; y += 1)
    for (let x = 0; x < out.width; x += 1) {
      const k = m6 * x + m7 * y + 1;
      out.data[y * out.width + x] = valueAt(image, (m0 * x + m1 * y + m2) / k, (m3 * x + m4 * y + m5) / k);
    }
  return out;
}
