import { blankImage, cropped, inkOnly, resized, type GrayImage, type PixelBox } from '../image';
import { middleOf, type ReadWord } from '../words';
import { cellBox, type FoundGrid } from './grid';

/** Digits are set this high, px: as large as the engine reads best. */
const DIGIT_PX = 34;
/** Ink of a cell that is lower than this share of a digit is a dash. */
const DASH_SHARE = 0.45;

/** The ink of a cell: its box in the picture; undefined for an empty one. */
function inkBox(ink: GrayImage, cell: PixelBox, digitPx: number): PixelBox | undefined {
  const part = cropped(ink, cell);
  const { width, height, data } = part;
  const columns = new Uint16Array(width);
  const rows = new Uint16Array(height);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1)
      if (data[y * width + x] === 0) {
        columns[x]! += 1;
        rows[y]! += 1;
      }
  // The band of rows around the middle that has ink; what is apart belongs to a neighbor.
  const most = Math.max(...rows);
  if (most < 2) return undefined;
  const around = (counts: Uint16Array, from: number, gap: number): [number, number] => {
    let [first, last] = [from, from];
    for (let i = from, empty = 0; i >= 0 && empty <= gap; i -= 1)
      if (counts[i]! > 0) [first, empty] = [i, 0];
      else empty += 1;
    for (let i = from, empty = 0; i < counts.length && empty <= gap; i += 1)
      if (counts[i]! > 0) [last, empty] = [i, 0];
      else empty += 1;
    return [first, last];
  };
  const nearestTo = (counts: Uint16Array): number => {
    const middle = Math.floor(counts.length / 2);
    for (let far = 0; far <= middle; far += 1) {
      if (counts[middle - far]! > 1) return middle - far;
      if (counts[middle + far] !== undefined && counts[middle + far]! > 1) return middle + far;
    }
    return middle;
  };
  const [top, bottom] = around(rows, nearestTo(rows), Math.round(digitPx * 0.25));
  // Gaps between digits are part of a figure.
  const [left, right] = around(columns, nearestTo(columns), Math.round(digitPx * 0.75));
  return {
    x: Math.round(cell.x) + left,
    y: Math.round(cell.y) + top,
    width: right - left + 1,
    height: bottom - top + 1,
  };
}

/** What is in a cell by its ink alone. */
export function inkKind(box: PixelBox | undefined, digitPx: number): 'empty' | 'dash' | 'figure' {
  if (!box || box.width * box.height < 8) return 'empty';
  return box.height < DASH_SHARE * digitPx && box.width >= box.height ? 'dash' : 'figure';
}

/** Cells set anew: one row of the table a line, far apart, without rules and names. */
export interface Strip {
  readonly image: GrayImage;
  /** The cell that a word at this place was set from. */
  readonly cellAt: (word: ReadWord) => { readonly row: number; readonly column: number } | undefined;
}

/**
 * Sets the cells of a table anew for a second reading that owes nothing to the first: by place, with nothing but figures.
 *
 * @param picture that the cells are cut from
 * @param boxes the ink of each cell; undefined for a cell that is left out
 * @param digitPx how high a digit is in the picture
 * @param scale 1 for the usual size; another one is another vote
 */
export function setInStrips(
  picture: GrayImage,
  boxes: readonly (readonly (PixelBox | undefined)[])[],
  digitPx: number,
  scale = 1,
): Strip {
  const zoom = (scale * DIGIT_PX) / digitPx;
  const pad = Math.round(DIGIT_PX * 0.35 * scale);
  const widest = Math.max(...boxes.flat().map((box) => box?.width ?? 0)) * zoom + 2 * pad;
  const pitch = { x: Math.round(widest + DIGIT_PX * 1.6 * scale), y: Math.round(DIGIT_PX * 2.2 * scale) };
  const columns = Math.max(...boxes.map((row) => row.length));
  const image = blankImage(pitch.x * columns + 2 * pad, pitch.y * boxes.length + 2 * pad);
  boxes.forEach((row, i) =>
    row.forEach((box, j) => {
      if (!box) return;
      const margin = Math.round(digitPx * 0.2);
      const grown = {
        x: box.x - margin,
        y: box.y - margin,
        width: box.width + 2 * margin,
        height: box.height + 2 * margin,
      };
      const part = cropped(picture, grown);
      const set = resized(part, part.width * zoom, part.height * zoom);
      const x0 = pad + j * pitch.x + Math.round((pitch.x - set.width) / 2);
      const y0 = pad + i * pitch.y + Math.round((pitch.y - set.height) / 2);
      for (let y = 0; y < set.height; y += 1) {
        const to = (y0 + y) * image.width + x0;
        if (y0 + y < 0 || y0 + y >= image.height) continue;
        image.data.set(set.data.subarray(y * set.width, (y + 1) * set.width), to);
      }
    }),
  );
  return {
    image,
    cellAt: ({ box }) => {
      const { x, y } = middleOf(box);
      const [row, column] = [Math.floor((y - pad) / pitch.y), Math.floor((x - pad) / pitch.x)];
      return row >= 0 && row < boxes.length && column >= 0 && column < columns ? { row, column } : undefined;
    },
  };
}

/** The ink of every cell of a grid. */
export function inkOfCells(picture: GrayImage, grid: FoundGrid, digitPx: number): (PixelBox | undefined)[][] {
  const ink = inkOnly(picture, Math.round(digitPx * 1.5), 0.75);
  return grid.rows.map((_, row) => grid.columns.map((__, column) => inkBox(ink, cellBox(grid, row, column), digitPx)));
}
