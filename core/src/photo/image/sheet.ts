import { brightPieces } from './brightPiece';
import { resized, type GrayImage, type Point } from './grayImage';
import { movedToEdges, withoutPrint, type EdgedCorners } from './sheetSides';
import type { Corners } from './straighten';

/** A sheet is looked for in a picture of this width, px. */
const SEARCH_PX = 320;
/** A sheet covers at least this share of a photo, and so much of its sides is an edge. (J) */
const LEAST_SHARE = 0.15;
const LEAST_EDGE_SHARE = 0.5;
/** Corners may be so far beyond the photo, as a share of its width. */
const BEYOND = 0.02;

const area = ([a, b, c, d]: Corners) => Math.abs((a.x - c.x) * (b.y - d.y) - (b.x - d.x) * (a.y - c.y)) / 2;

/** The pixels of a piece that are furthest to each corner. */
function cornersOf(piece: readonly number[], width: number): Corners {
  const extreme = (of: (x: number, y: number) => number): Point => {
    let [at, most] = [0, -Infinity];
    for (const i of piece) {
      const value = of(i % width, Math.floor(i / width));
      if (value > most) [at, most] = [i, value];
    }
    return { x: at % width, y: Math.floor(at / width) };
  };
  return [extreme((x, y) => -x - y), extreme((x, y) => x - y), extreme((x, y) => x + y), extreme((x, y) => y - x)];
}

/** Four corners that can be those of a sheet: clockwise, none hollow, within the photo. */
function isSheet(corners: Corners, { width, height }: GrayImage): boolean {
  const beyond = BEYOND * width;
  return (
    area(corners) > LEAST_SHARE * width * height &&
    corners.every(({ x, y }, i) => {
      const [b, c] = [corners[(i + 1) % 4]!, corners[(i + 2) % 4]!];
      return (
        (b.x - x) * (c.y - b.y) - (b.y - y) * (c.x - b.x) > 0 &&
        x > -beyond &&
        y > -beyond &&
        x < width + beyond &&
        y < height + beyond
      );
    })
  );
}

/**
 * Finds the four corners of a bright sheet on darker ground: from bright pieces, in the light as it is and in even light, whose sides are moved to
 * the edges near them. The one whose sides are edges for most of their length is the sheet.
 *
 * @returns undefined where there is none: then the whole photo is the sheet
 */
export function findSheet(image: GrayImage): Corners | undefined {
  const scale = Math.max(1, image.width / SEARCH_PX);
  const small = resized(image, image.width / scale, image.height / scale);
  const plain = withoutPrint(small);
  const found = brightPieces(plain)
    .map((piece): EdgedCorners => movedToEdges(plain, cornersOf(piece, small.width)))
    .filter(({ corners, share }) => share > LEAST_EDGE_SHARE && isSheet(corners, small))
    .sort((a, b) => b.share - a.share)[0];
  const inPhoto = ({ x, y }: Point): Point => ({
    x: Math.min(image.width - 1, Math.max(0, (x + 0.5) * scale)),
    y: Math.min(image.height - 1, Math.max(0, (y + 0.5) * scale)),
  });
  if (!found) return undefined;
  const [a, b, c, d] = found.corners;
  return [inPhoto(a), inPhoto(b), inPhoto(c), inPhoto(d)];
}
