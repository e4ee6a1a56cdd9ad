import type { FoundGrid } from './grid';

/** Where a photo may end too early. */
export type CutEdge = 'right' | 'below';

/** From the middle of the last column, or row, to the edge of a sheet is more than this share of the distance between two. (J) */
const EDGE_COLUMN = 0.68;
export const EDGE_ROW = 0.7;

/** So many rows have something beyond the last column: a column was cut through. (J) */
const LEAST_GO_ON = 0.5;

/** Where a grid comes so close to the edge of the picture that a part of the table may be beyond it. */
export function cutAt(
  { columns, rows, goOn }: Pick<FoundGrid, 'columns' | 'rows' | 'goOn'>,
  { width, height }: { readonly width: number; readonly height: number },
): readonly CutEdge[] {
  const isClose = (places: readonly number[], edge: number, share: number) => {
    const [before, last] = places.slice(-2);
    return before !== undefined && last !== undefined && edge - last < share * (last - before);
  };
  return [
    ...(goOn >= LEAST_GO_ON ||
    isClose(
      columns.map(({ x }) => x),
      width,
      EDGE_COLUMN,
    )
      ? (['right'] as const)
      : []),
    ...(isClose(
      rows.map(({ y }) => y),
      height,
      EDGE_ROW,
    )
      ? (['below'] as const)
      : []),
  ];
}
