import { solved } from './equations';
import { blankImage, valueAt, type GrayImage, type Point } from './grayImage';

/** The corners of a sheet in a photo: top left, top right, bottom right, bottom left. */
export type Corners = readonly [Point, Point, Point, Point];

/** The corners of the whole photo. */
export const wholeSheet = ({ width, height }: Pick<GrayImage, 'width' | 'height'>): Corners => [
  { x: 0, y: 0 },
  { x: width - 1, y: 0 },
  { x: width - 1, y: height - 1 },
  { x: 0, y: height - 1 },
];

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
