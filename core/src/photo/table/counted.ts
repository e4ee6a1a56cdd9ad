import type { PixelBox } from '../image';
import type { FoundGrid } from './grid';
import { shapeOf, type Shape } from './shape';
import { inkKind } from './strips';
import { voted, type CellVote, type VotedCell } from './votes';

/** One reading of all cells. */
export type Pass = readonly (readonly (CellVote | 'dash' | undefined)[])[];

/** What the readings of each cell come to, and the shape of the table they make. */
export function counted(
  grid: FoundGrid,
  passes: readonly Pass[],
  asked: number,
  inks: readonly (readonly (PixelBox | undefined)[])[],
  digitPx: number,
) {
  const cells = grid.rows.map((_, row) =>
    grid.columns.map((__, column) => {
      const all = passes.map((pass) => pass[row]![column]);
      const kind = inkKind(inks[row]![column], digitPx);
      const votes = all.filter((vote): vote is CellVote => vote !== undefined && vote !== 'dash');
      // A figure that was read there is none: a rule beside it looks like a dash.
      const isDashRead = votes.length === 0 && all.includes('dash');
      const isLeftOut = votes.length === 0 && (kind !== 'figure' || isDashRead);
      return { isLeftOut, isDashRead, vote: voted(votes, asked) };
    }),
  );
  return { cells, shape: shapeByKind(grid, cells) };
}

/** The shape of a grid: columns of one kind make one, RPM and horsepower one each. */
function shapeByKind(
  { columns }: FoundGrid,
  cells: readonly (readonly { readonly vote: VotedCell }[])[],
): Omit<Shape, 'step'> {
  const kinds = [...new Set(columns.map(({ kind }) => kind))];
  const placeOf = columns.map(({ kind }, j) => columns.slice(0, j).filter((one) => one.kind === kind).length);
  const shapes = new Map(
    kinds.map((kind) => {
      const own = cells.map((row) => row.filter((_, j) => columns[j]!.kind === kind));
      const figures = own.map((row) => row.map(({ vote }) => (vote.digits === undefined ? null : Number(vote.digits))));
      return [kind, shapeOf(figures, kind)];
    }),
  );
  const of = (column: number) => shapes.get(columns[column]!.kind)!;
  return {
    likely: cells.map((row, i) => row.map((_, j) => of(j).likely[i]![placeOf[j]!])),
    fits: (row, column, value) => of(column).fits(row, placeOf[column]!, value),
    breaks: (row, column, value) => of(column).breaks(row, placeOf[column]!, value),
  };
}

/** So much of the votes for one figure, and it teaches what its digits look like. (J) */
const TEACHES_SHARE = 0.6;

/** The figures that most readings agree on and that fit the table. */
export const sureOf = ({ cells, shape }: ReturnType<typeof counted>) =>
  cells.map((row, i) =>
    row.map(({ vote: { digits, candidates } }, j) =>
      digits !== undefined && candidates[0]!.share >= TEACHES_SHARE && !shape.breaks(i, j, Number(digits))
        ? digits
        : undefined,
    ),
  );
