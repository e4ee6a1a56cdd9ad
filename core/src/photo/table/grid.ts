import type { PixelBox } from '../image';
import { linesOf, median, middleOf, type ReadWord, type TextLine } from '../words';
import { withHorsepower } from './belt';
import { cellFigure } from './figures';
import { headsOf, MOST_IN_WC, widened, type GridColumn } from './head';

/** A row: its name, and where it is. */
interface GridRow {
  readonly name: string;
  /** 0 to 100. */
  readonly nameConfidence: number;
  /** It is there only if its cells turn out to be. */
  readonly isGuess?: boolean;
  /** Words are where its cells would be: a note under the table. */
  readonly isText?: boolean;
  readonly y: number;
}

/** Where the cells of a printed table are. */
export interface FoundGrid {
  /** The text over it: one of several tables is picked by it. */
  readonly title: string;
  readonly unit: 'inWc' | 'pa';
  /** Of a belt drive: rows are airflows, and each static has RPM and horsepower. */
  readonly isByRpm: boolean;
  readonly columns: readonly GridColumn[];
  readonly rows: readonly GridRow[];
  /** Share of the rows that have something right of the last column. */
  readonly goOn: number;
  /** Half the distance to the next column and row, px. */
  readonly reach: { readonly x: number; readonly y: number };
}

/** So many columns of a row have a figure, or it is none of the table. */
const LEAST_FILLED = 0.4;
/** A single letter that the engine is less sure of is dirt. (J) */
const LEAST_LETTER = 55;

/** The name of a row: the words beside its first cell. */
function nameOf(words: readonly ReadWord[], left: number): Pick<GridRow, 'name' | 'nameConfidence'> {
  const beside = words.filter(({ text, box }) => middleOf(box).x <= left && /[A-Za-z0-9]/.test(text));
  // The edge of the sheet is read as a letter now and then.
  const sure = beside.filter(({ text, confidence }) => text.length > 1 || confidence >= LEAST_LETTER);
  const names = sure.length > 0 ? sure : beside;
  return {
    name: names
      .map(({ text }) => text)
      .join(' ')
      .replaceAll(/^[^A-Za-z0-9(]+|[^A-Za-z0-9)+]+$/g, ''),
    nameConfidence: names.length === 0 ? 0 : Math.min(...names.map(({ confidence }) => confidence)),
  };
}

/** The lines that belong to one head, with what each column of them has. */
function rowsUnder(lines: readonly TextLine[], columns: readonly GridColumn[]): { rows: GridRow[]; pitch: number } {
  const reach = columns.length > 1 ? (columns[1]!.x - columns[0]!.x) / 2 : 40;
  const rows: GridRow[] = [];
  for (const { y, words } of lines) {
    const inCells = words.filter(({ box }) => middleOf(box).x > columns[0]!.x - reach);
    const filled = columns.filter(({ x, kind }) =>
      inCells.some(({ text, box }) => Math.abs(middleOf(box).x - x) < reach && cellFigure(text, kind) !== undefined),
    );
    if (filled.length < Math.max(2, LEAST_FILLED * columns.length)) continue;
    rows.push({ y, name: '', nameConfidence: 0 });
  }
  const gaps = rows.slice(1).map(({ y }, i) => y - rows[i]!.y);
  // Between two rows one may be missing: the closest two are neighbors.
  return { rows, pitch: gaps.length > 0 ? Math.min(...gaps) : 2 * reach };
}

/** A row that may be there: nothing of it was read at first. */
const guess = (y: number): GridRow => ({ name: '', nameConfidence: 0, y, isGuess: true });

/** With the rows that may have been passed over: where a gap has room for one, under the head, and under the last. */
function withGuesses(rows: readonly GridRow[], pitch: number, headY: number): GridRow[] {
  const [first, last] = [rows[0]!, rows.at(-1)!];
  const gaps = rows.flatMap((row, i) => {
    const before = rows[i - 1];
    const missing = before ? Math.round((row.y - before.y) / pitch) - 1 : 0;
    if (!before || missing < 1 || missing > 2) return [row];
    const apart = (row.y - before.y) / (missing + 1);
    return [...Array.from({ length: missing }, (_, k) => guess(before.y + (k + 1) * apart)), row];
  });
  const hasRoom = Math.round((first.y - headY) / pitch) === 2;
  return [...(hasRoom ? [guess(first.y - pitch)] : []), ...gaps, guess(last.y + pitch)];
}

/** Rows with the words beside them: a name may be a little higher or lower than the figures of its row. */
function named(rows: readonly GridRow[], lines: readonly TextLine[], left: number, pitch: number): GridRow[] {
  const words = lines.flatMap((line) => line.words.map((word) => ({ word, y: line.y })));
  return rows.map((row) => {
    const isNearest = (y: number) =>
      Math.abs(y - row.y) < pitch / 2 && rows.every((other) => Math.abs(y - row.y) <= Math.abs(y - other.y));
    const own = words.filter(({ y }) => isNearest(y)).map(({ word }) => word);
    const inCells = own.filter(({ text, box }) => middleOf(box).x > left && /[A-Za-z]{3}/.test(text));
    return {
      ...row,
      ...nameOf(own, left),
      ...(row.isGuess ? { isText: inCells.length > 1 } : {}),
    };
  });
}

/** A block beside another has the names of its rows, where it has none. */
const withNamesOf = (rows: readonly GridRow[], beside: readonly GridRow[], pitch: number): GridRow[] =>
  rows.map((row) => {
    const same = beside.find(({ y }) => Math.abs(y - row.y) < pitch / 3);
    return row.name === '' && same ? { ...row, name: same.name, nameConfidence: same.nameConfidence } : row;
  });

/** A head of statics, and the part of the page that is its own. */
interface Block {
  /** Its line. */
  readonly i: number;
  readonly columns: readonly GridColumn[];
  /** Blocks beside each other share a line: what is right of the one before is this one’s. */
  readonly left: number;
  readonly right: number;
}

/** The blocks of a line. */
function blocksOf(line: TextLine, i: number, isPa: boolean): Block[] {
  const heads = headsOf(line, isPa);
  const edges = heads.slice(0, -1).map((columns) => {
    const [y, z] = columns.slice(-2) as [GridColumn, GridColumn];
    return z.x + (z.x - y.x) / 2;
  });
  return heads.map((columns, k) => ({ i, columns, left: edges[k - 1] ?? -Infinity, right: edges[k] ?? Infinity }));
}

const within = ({ left, right }: Block, { y, words }: TextLine): TextLine => ({
  y,
  words: words.filter(({ box }) => middleOf(box).x > left && middleOf(box).x <= right),
});

const textOf = ({ words }: TextLine) => words.map(({ text }) => text).join(' ');

/**
 * Finds the tables of a photo by where their words are: a head of statics that rise, and rows of figures under it.
 *
 * @returns none where no line is a head
 */
export function findGrids(words: readonly ReadWord[]): FoundGrid[] {
  const lines = linesOf(words);
  const text = words.map((word) => word.text).join(' ');
  const isPa = /\bpa\b|pascal/i.test(text);
  const blocks = lines.flatMap((line, i) => {
    const inPa = blocksOf(line, i, isPa);
    return inPa.length > 0 || !isPa ? inPa : blocksOf(line, i, false);
  });
  const grids: FoundGrid[] = [];
  let until = -1;
  blocks.forEach((block, k) => {
    const { i, columns: head } = block;
    if (i < until) return;
    // Rows of figures can look like a head of uneven Pa: a head has rows of larger figures under it.
    const next = blocks
      .slice(k + 1)
      .find((one) => one.i > i && (!isPa || one.columns[0]!.printed === head[0]!.printed));
    const end = next?.i ?? lines.length;
    const under = lines.slice(i + 1, end).map((line) => within(block, line));
    const nameX = lines[i]!.words.filter((word) => /[A-Za-z]{2}/.test(word.text)).map(({ box }) => middleOf(box).x);
    const byRpm = withHorsepower(head, under);
    const columns = byRpm ?? widened(head, under, nameX);
    const { rows, pitch } = rowsUnder(under, columns);
    if (rows.length < 1) return;
    const isLastBeside = !blocks.some((one) => one.i === i && one.left > block.left);
    if (isLastBeside) until = end;
    const reachX = median(columns.slice(1).map(({ x }, j) => x - columns[j]!.x)) / 2;
    const left = columns[0]!.x - reachX;
    const guessed = named(withGuesses(rows, pitch, lines[i]!.y), under, left, pitch);
    const beside = grids.at(-1);
    const rightEdge = columns.at(-1)!.x + reachX;
    const isBeyond = ({ box }: ReadWord) => middleOf(box).x > rightEdge;
    const goOn = rows.filter((row) => under.some(({ y, words: own }) => y === row.y && own.some(isBeyond))).length;
    // What is above this block and below the one before is its title.
    const lastY = beside?.rows.findLast(({ isGuess }) => !isGuess)?.y ?? -Infinity;
    const aboveY = lastY < lines[i]!.y ? lastY + pitch / 2 : -Infinity;
    grids.push({
      title: lines
        .slice(Math.max(0, i - 3), i)
        .filter(({ y }) => y > aboveY)
        .map((line) => textOf(within(block, line)))
        .filter((one) => /[A-Za-z]{2}/.test(one))
        .join(' · '),
      unit: columns.at(-1)!.printed > MOST_IN_WC ? 'pa' : 'inWc',
      isByRpm: byRpm !== undefined,
      columns,
      rows: beside && block.left > -Infinity ? withNamesOf(guessed, beside.rows, pitch) : guessed,
      goOn: goOn / rows.length,
      reach: { x: reachX, y: Math.min(pitch / 2, 2 * reachX) },
    });
  });
  return grids;
}

/** Where a cell is in the picture: half way to its neighbors. */
export function cellBox({ columns, rows, reach }: FoundGrid, row: number, column: number): PixelBox {
  const { x } = columns[column]!;
  const { y } = rows[row]!;
  const before = columns[column - 1]?.x;
  const after = columns[column + 1]?.x;
  const left = before === undefined ? (after === undefined ? reach.x : (after - x) / 2) : (x - before) / 2;
  const right = after === undefined ? (before === undefined ? reach.x : (x - before) / 2) : (after - x) / 2;
  return { x: x - left, y: y - reach.y, width: left + right, height: 2 * reach.y };
}
