import type { PixelBox } from '../image';
import type { counted } from './counted';
import { cellBox, type FoundGrid } from './grid';
import { airflowsInOrder, namesInOrder } from './rowNames';
import { asPrinted, decided, LEFT_OUT_MARK, type TableCell } from './tableCell';
import { cutAt, type CutEdge } from './tableEdge';

interface PhotoRow {
  /** The tap; of a table by RPM the airflow. */
  readonly name: string;
  readonly isSure: boolean;
  /** Airflow; of a table by RPM the RPM. */
  readonly cells: readonly TableCell[];
  /** Brake horsepower, of a table by RPM. */
  readonly bhp: readonly TableCell[];
}

/** A blower table as it was read from a photo. */
export interface PhotoTable {
  readonly title: string;
  readonly unit: 'inWc' | 'pa';
  /** Of a belt drive: RPM and horsepower by airflow. */
  readonly isByRpm: boolean;
  readonly statics: readonly { readonly printed: number; readonly isRead: boolean }[];
  readonly rows: readonly PhotoRow[];
  /** Where the photo ends so close to the table that a part of it may be missing. */
  readonly cutAt: readonly CutEdge[];
}

const SURE_NAME = 60;
/** Where so many cells of a row, or of a whole table, are doubted, the others are misread in the same way: a rule for a 1, a column cut through. (J) */
const DOUBTED_ROW = 0.3;
const DOUBTED_TABLE = 0.2;

/** Marks every cell of a row or a table in which many are doubted. */
function doubtedTogether(rows: readonly PhotoRow[]): PhotoRow[] {
  const printed = (cells: readonly TableCell[]) => cells.filter(({ text }) => text !== LEFT_OUT_MARK);
  const doubts = (cells: readonly TableCell[]) => printed(cells).filter(({ doubt }) => doubt !== undefined).length;
  const isMany = (cells: readonly TableCell[], share: number) =>
    doubts(cells) > 1 && doubts(cells) >= share * printed(cells).length;
  const isWhole = isMany(
    rows.flatMap(({ cells, bhp }) => [...cells, ...bhp]),
    DOUBTED_TABLE,
  );
  const marked = (cells: readonly TableCell[]): readonly TableCell[] =>
    isWhole || isMany(cells, DOUBTED_ROW)
      ? cells.map((cell) =>
          // What seems to be left out there may have been lost.
          cell.doubt === undefined ? { ...cell, doubt: 'shape' as const } : cell,
        )
      : cells;
  return rows.map((row) => ({ ...row, cells: marked(row.cells), bhp: marked(row.bhp) }));
}

/** In a column the taps at one end are left out; a cell between two that are printed was lost. */
function withLost(rows: readonly PhotoRow[]): PhotoRow[] {
  const lost = (layer: 'cells' | 'bhp', i: number): readonly TableCell[] =>
    rows[i]![layer].map((cell, j) => {
      const isPrinted = (row: PhotoRow) => row[layer][j]!.text !== LEFT_OUT_MARK;
      const isBetween = rows.slice(0, i).some(isPrinted) && rows.slice(i + 1).some(isPrinted);
      return cell.text === LEFT_OUT_MARK && isBetween ? { ...cell, text: '', doubt: 'unread' as const } : cell;
    });
  return rows.map((row, i) => ({ ...row, cells: lost('cells', i), bhp: lost('bhp', i) }));
}

/** A table from the readings of its cells. */
export function tableOf(
  grid: FoundGrid,
  { cells, shape }: ReturnType<typeof counted>,
  inks: readonly (readonly (PixelBox | undefined)[])[],
  picture: { readonly width: number; readonly height: number },
): PhotoTable {
  const read = grid.rows.map(({ name }) => name);
  const names = grid.isByRpm ? airflowsInOrder(read) : namesInOrder(read);
  const { columns } = grid;
  const isPrinted = columns.map((_, column) => cells.some((row) => row[column]!.vote.digits !== undefined));
  return {
    title: grid.title,
    unit: grid.unit,
    isByRpm: grid.isByRpm,
    cutAt: cutAt(grid, picture),
    statics: columns.filter(({ kind }) => kind !== 'bhp').map(({ printed, isRead }) => ({ printed, isRead })),
    rows: doubtedTogether(
      withLost(
        grid.rows.map(({ name, nameConfidence }, row): PhotoRow => {
          const filled = cells[row]!.flatMap(({ vote }, column) => (vote.digits === undefined ? [] : [column]));
          const [first, last] = [filled[0] ?? Infinity, filled.at(-1) ?? -Infinity];
          const all = cells[row]!.map(({ isLeftOut, isDashRead, vote }, column): TableCell => {
            const box = inks[row]![column] ?? cellBox(grid, row, column);
            const likely = shape.likely[row]![column];
            // A manufacturer leaves out the end of a row, seldom its beginning, never its middle or a whole column: there a figure was lost.
            const isEnd = column > last || (column < first && isDashRead);
            if (isLeftOut && isEnd && isPrinted[column]) return { text: LEFT_OUT_MARK, others: [], box };
            const found = decided(vote, likely, {
              breaks: (digits) => shape.breaks(row, column, Number(digits)),
              fits: (digits) => shape.fits(row, column, Number(digits)),
            });
            return asPrinted({ ...found, likely, box }, columns[column]!.kind);
          });
          const of = (isBhp: boolean) => all.filter((_, column) => (columns[column]!.kind === 'bhp') === isBhp);
          return {
            name: names[row]!,
            isSure: names[row] !== name || nameConfidence >= SURE_NAME,
            cells: of(false),
            bhp: of(true),
          };
        }),
      ),
    ),
  };
}
