import { blankImage, resized, valueAt, type GrayImage } from './grayImage';
import { inkOnly } from './ink';

/** The picture in which lines are looked for is this wide, px. */
const LEVEL_PX = 700;
/** More ink than this tells no more. */
const MOST_POINTS = 9000;

/**
 * How lines of print fan out in a photo that was held askew: a line through the middle is turned by `turn` (a slope), and lines further down by
 * `fan` more for each height of the picture.
 */
interface Fan {
  readonly turn: number;
  readonly fan: number;
}

/** Where something is along and across the lines, px from the middle and share of the height. */
interface InkPoints {
  readonly along: Float64Array;
  readonly across: Float64Array;
  readonly length: number;
}

const offset = (along: number, across: number, length: number, { turn, fan }: Fan) =>
  across - along * (turn + fan * (across / length - 0.5));

/** How sharply the ink falls into lines. */
function sharpness({ along, across, length }: InkPoints, lines: Fan, bins: Float64Array): number {
  const { turn, fan } = lines;
  bins.fill(0);
  const middle = (bins.length - length) / 2;
  for (let i = 0; i < along.length; i += 1) {
    // Ten million times a photo: `| 0` is the fastest way to a whole number.
    const at = (across[i]! - along[i]! * (turn + fan * (across[i]! / length - 0.5)) + middle + 0.5) | 0;
    if (at >= 0 && at < bins.length) bins[at]! += 1;
  }
  let score = 0;
  for (let i = 1; i < bins.length; i += 1) score += (bins[i]! - bins[i - 1]!) ** 2;
  return score;
}

/** The fan whose lines are sharpest: first roughly, then closely. */
function bestFan(points: InkPoints, mostTurn: number, mostFan: number): Fan {
  const bins = new Float64Array(Math.ceil(points.length * 1.6));
  let best: Fan = { turn: 0, fan: 0 };
  let score = sharpness(points, best, bins);
  const search = (around: Fan, reach: Fan, step: Fan) => {
    for (let turn = around.turn - reach.turn; turn <= around.turn + reach.turn + 1e-9; turn += step.turn)
      for (let fan = around.fan - reach.fan; fan <= around.fan + reach.fan + 1e-9; fan += step.fan) {
        const one = sharpness(points, { turn, fan }, bins);
        if (one > score) [best, score] = [{ turn, fan }, one];
      }
  };
  search(best, { turn: mostTurn, fan: mostFan }, { turn: 0.008, fan: 0.025 });
  search(best, { turn: 0.008, fan: 0.025 }, { turn: 0.002, fan: 0.005 });
  return best;
}

/** A letter is no higher than this share of the picture, and no wider; frames and shadows are. (J) */
const LETTER_HIGH = 0.07;
const LETTER_WIDE = 0.12;
const LEAST_PIXELS = 4;

/** The ink that is letters, as pixels: pieces that hang together and are small. */
function letters({ width, height, data }: GrayImage): number[] {
  const seen = new Uint8Array(data.length);
  const found: number[] = [];
  for (let start = 0; start < data.length; start += 1) {
    if (seen[start] || data[start] !== 0) continue;
    const piece = [start];
    seen[start] = 1;
    let [left, right, top, bottom] = [width, 0, height, 0];
    for (let k = 0; k < piece.length; k += 1) {
      const i = piece[k]!;
      const x = i % width;
      const y = Math.floor(i / width);
      left = Math.min(left, x);
      right = Math.max(right, x);
      top = Math.min(top, y);
      bottom = Math.max(bottom, y);
      for (let dy = -1; dy <= 1; dy += 1)
        for (let dx = -1; dx <= 1; dx += 1) {
          const u = x + dx;
          const v = y + dy;
          const j = v * width + u;
          if (u < 0 || v < 0 || u >= width || v >= height || seen[j] || data[j] !== 0) continue;
          seen[j] = 1;
          piece.push(j);
        }
    }
    const isLetter =
      piece.length >= LEAST_PIXELS &&
      bottom - top < LETTER_HIGH * height &&
      right - left < LETTER_WIDE * width &&
      left > 1 &&
      right < width - 2;
    if (isLetter) for (const i of piece) found.push(i);
  }
  return found;
}

/** How the rows and the columns of a print fan out. @example a sheet turned by 3°: rows.turn is about 0.052 */
export function fansOf(image: GrayImage): { readonly rows: Fan; readonly columns: Fan } {
  const scale = Math.max(1, image.width / LEVEL_PX);
  const small = resized(image, image.width / scale, image.height / scale);
  const { width, height } = small;
  const ink = inkOnly(small, 12);
  const places = letters(ink);
  const every = Math.max(1, Math.ceil(places.length / MOST_POINTS));
  const kept = places.filter((_, i) => i % every === 0);
  const rows = bestFan(
    {
      along: Float64Array.from(kept, (i) => (i % width) - width / 2),
      across: Float64Array.from(kept, (i) => Math.floor(i / width)),
      length: height,
    },
    0.16,
    0.15,
  );
  // Columns are looked for where the rows are level already.
  const columns = bestFan(
    {
      along: Float64Array.from(
        kept,
        (i) => offset((i % width) - width / 2, Math.floor(i / width), height, rows) - height / 2,
      ),
      across: Float64Array.from(kept, (i) => i % width),
      length: width,
    },
    0.2,
    0.2,
  );
  return { rows, columns };
}

/** Where a level place was in the picture: `offset` turned round. */
const before = (along: number, level: number, length: number, { turn, fan }: Fan) =>
  (level + along * (turn - fan / 2)) / (1 - (along * fan) / length);

/** The picture with the rows of its print level and its columns upright. */
export function leveled(image: GrayImage): GrayImage {
  const { rows, columns } = fansOf(image);
  if ([rows, columns].every(({ turn, fan }) => Math.abs(turn) < 0.002 && Math.abs(fan) < 0.004)) return image;
  const { width, height } = image;
  const out = blankImage(width, height);
  // Fans are shares of lengths: they hold for the large picture as for the small one.
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const u = before(y - height / 2, x, width, columns);
      out.data[y * width + x] = valueAt(image, u, before(u - width / 2, y, height, rows));
    }
  return out;
}
