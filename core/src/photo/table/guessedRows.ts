import type { PixelBox } from '../image';
import type { Pass } from './counted';
import type { FoundGrid } from './grid';
import { inkKind } from './strips';
import { EDGE_ROW } from './tableEdge';

/** A grid, and the ink in each of its cells. */
interface Gridded {
  readonly grid: FoundGrid;
  readonly inks: readonly (readonly (PixelBox | undefined)[])[];
}

/** Ink that is taller is no figure. (J) */
const MOST_TALL = 1.6;

/** A grid with some of its rows only, and what was read and seen of them. */
export function withRows(
  { grid, inks }: Gridded,
  passes: readonly Pass[],
  keeps: (row: FoundGrid['rows'][number], i: number) => boolean,
) {
  const kept = grid.rows.flatMap((row, i) => (keeps(row, i) ? [i] : []));
  const of = <T>(list: readonly T[]) => kept.map((i) => list[i]!);
  return { grid: { ...grid, rows: of(grid.rows) }, inks: of(inks), passes: passes.map(of) };
}

/** So many columns of a row have a figure in at least two readings, or ink where nothing could be read. (J) */
const FILLED_SHARE = 0.5;
const INKED_SHARE = 0.6;

const shareOf = <T>(list: readonly T[], is: (one: T, i: number) => boolean): number =>
  list.filter(is).length / Math.max(1, list.length);

/** Whether a row that was guessed is one: its cells were read, or have ink that could not be read. Then a person says what is printed. */
export function isRow(
  { grid, inks }: Gridded,
  passes: readonly Pass[],
  row: number,
  { digitPx, edgeY }: { readonly digitPx: number; readonly edgeY: number },
): boolean {
  const { y, isText } = grid.rows[row]!;
  // The edge of a sheet, and the ground beyond it, have ink of their own.
  if (y + EDGE_ROW * grid.reach.y > edgeY) return false;
  const isRead = (_: unknown, j: number) => passes.filter((pass) => typeof pass[row]![j] === 'object').length > 1;
  if (shareOf(grid.columns, isRead) >= FILLED_SHARE) return true;
  const isInked = (box: PixelBox | undefined) =>
    inkKind(box, digitPx) === 'figure' && box!.height < MOST_TALL * digitPx;
  return isText !== true && shareOf(inks[row]!, isInked) >= INKED_SHARE;
}
