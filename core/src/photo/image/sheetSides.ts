import { blankImage, type GrayImage, type Point } from './grayImage';
import type { Corners } from './straighten';

/** Places along a side at which its edge is looked for. */
const PLACES = 48;
/** How far from a side its edge is looked for, as a share of the picture’s width. */
const REACH = 0.2;
/** An edge is this much brighter inside than outside, on a log scale. (J) */
const LEAST_EDGE = 0.12;
/** So many times stronger, it is another edge. */
const STRONGER = 1.03;
/** The brightness on either side is taken so far from the edge, px. */
const BESIDE_PX = 3;
/** Places this close to a line are on it, px. */
const ON_LINE_PX = 1.6;
const ROUNDS = 3;
/** Print and rules are thinner than this, px each way: they are filled before edges are looked for. */
const PRINT_PX = 3;

/** The brightest, or the darkest, of the pixels around each one, along one direction. */
function extremes({ width, height, data }: GrayImage, dx: number, dy: number, isMost: boolean): GrayImage {
  const out = blankImage(width, height);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      let best = data[y * width + x]!;
      for (let k = -PRINT_PX; k <= PRINT_PX; k += 1) {
        const [u, v] = [x + k * dx, y + k * dy];
        if (u < 0 || v < 0 || u >= width || v >= height) continue;
        const value = data[v * width + u]!;
        if (isMost ? value > best : value < best) best = value;
      }
      out.data[y * width + x] = best;
    }
  return out;
}

/** The picture without its print: thin dark things are filled, edges stay where they are. */
export function withoutPrint(image: GrayImage): GrayImage {
  const filled = extremes(extremes(image, 1, 0, true), 0, 1, true);
  return extremes(extremes(filled, 1, 0, false), 0, 1, false);
}

/** A line: all points where `nx · x + ny · y = c`; (nx, ny) is of length 1 and points out of the sheet. */
interface Side {
  readonly nx: number;
  readonly ny: number;
  readonly c: number;
}

const sideThrough = (a: Point, b: Point): Side | undefined => {
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  if (length < 2) return undefined;
  // Corners run clockwise: out of the sheet is to the left.
  const [nx, ny] = [(b.y - a.y) / length, -(b.x - a.x) / length];
  return { nx, ny, c: nx * a.x + ny * a.y };
};

const crossing = (a: Side, b: Side): Point | undefined => {
  const turn = a.nx * b.ny - a.ny * b.nx;
  if (Math.abs(turn) < 0.1) return undefined;
  return { x: (a.c * b.ny - b.c * a.ny) / turn, y: (a.nx * b.c - b.nx * a.c) / turn };
};

/** The strongest edge near each place of a side, where there is one. */
function edgesNear(image: GrayImage, a: Point, b: Point): Point[] {
  const { width, height, data } = image;
  const side = sideThrough(a, b);
  if (!side) return [];
  const { nx, ny } = side;
  const lightAt = (x: number, y: number): number | undefined => {
    const [u, v] = [Math.round(x), Math.round(y)];
    return u < 0 || v < 0 || u >= width || v >= height ? undefined : Math.log(data[v * width + u]! + 8);
  };
  const reach = Math.round(REACH * width);
  const found: Point[] = [];
  for (let k = 0; k < PLACES; k += 1) {
    const t = (k + 0.5) / PLACES;
    const [x, y] = [a.x + t * (b.x - a.x), a.y + t * (b.y - a.y)];
    let most = LEAST_EDGE;
    // An edge is as strong for some pixels: its middle is where it is.
    let [first, last] = [NaN, NaN];
    for (let s = -reach; s <= reach; s += 1) {
      const inside = lightAt(x + (s - BESIDE_PX) * nx, y + (s - BESIDE_PX) * ny);
      const outside = lightAt(x + (s + BESIDE_PX) * nx, y + (s + BESIDE_PX) * ny);
      if (inside === undefined || outside === undefined) continue;
      if (inside - outside > most * STRONGER) [first, last, most] = [s, s, inside - outside];
      else if (s === last + 1 && inside - outside > most / STRONGER) last = s;
    }
    const s = (first + last) / 2;
    if (Number.isFinite(s)) found.push({ x: x + s * nx, y: y + s * ny });
  }
  return found;
}

/** The line that most edges are on; lines through pairs of them are tried. */
function lineOf(edges: readonly Point[]): { readonly side: Side; readonly count: number } | undefined {
  let best: { side: Side; count: number } | undefined;
  for (let i = 0; i < edges.length; i += 1)
    for (let j = i + 4; j < edges.length; j += 3) {
      const side = sideThrough(edges[i]!, edges[j]!);
      if (!side) continue;
      let count = 0;
      for (const { x, y } of edges) if (Math.abs(side.nx * x + side.ny * y - side.c) < ON_LINE_PX) count += 1;
      if (count > (best?.count ?? 3)) best = { side, count };
    }
  return best;
}

/** Four corners that were moved to where edges are, and the share of their sides that is an edge. */
export interface EdgedCorners {
  readonly corners: Corners;
  readonly share: number;
}

/** Moves the sides of a sheet to the edges near them. @param image without its print; a corner may be far off, if most of two of its sides are not */
export function movedToEdges(image: GrayImage, corners: Corners): EdgedCorners {
  let best: EdgedCorners = { corners, share: 0 };
  let from = corners;
  for (let round = 0; round < ROUNDS; round += 1) {
    const lines = from.map((corner, i) => lineOf(edgesNear(image, corner, from[(i + 1) % 4]!)));
    const share = lines.reduce((sum, line) => sum + (line?.count ?? 0), 0) / (4 * PLACES);
    const sides = lines.map((line, i) => line?.side ?? sideThrough(from[i]!, from[(i + 1) % 4]!));
    const moved = sides.map((side, i) => {
      const before = sides[(i + 3) % 4];
      return side && before ? crossing(before, side) : undefined;
    });
    if (moved.some((one) => one === undefined)) break;
    from = moved as unknown as Corners;
    if (share <= best.share) break;
    best = { corners: from, share };
  }
  return best;
}
