import type { PixelBox } from '../image';
import { linesOf, median, middleOf, type ReadWord, type TextLine } from '../words';
import { cellFigure, staticFigure } from './figures';

/** A column: the static over it, and where it is. */
interface GridColumn {
  /** In the unit that the table is printed in. */
  readonly printed: number;
  /** False where the figure was worked out from its neighbors. */
  readonly isRead: boolean;
  readonly x: number;
}

/** A row: its name, and where it is. */
interface GridRow {
  readonly name: string;
  /** 0 to 100. */
  readonly nameConfidence: number;
  /** It is there only if its cells turn out to be. */
  readonly isGuess?: boolean;
  readonly y: number;
}

/** Where the cells of a printed table are. */
export interface FoundGrid {
  /** The text over it: one of several tables is picked by it. */
  readonly title: string;
  readonly unit: 'inWc' | 'pa';
  readonly columns: readonly GridColumn[];
  readonly rows: readonly GridRow[];
  /** Half the distance to the next column and row, px. */
  readonly reach: { readonly x: number; readonly y: number };
}

const LEAST_COLUMNS = 3;
/** So many columns of a row have a figure, or it is none of the table. */
const LEAST_FILLED = 0.4;
/** A single letter that the engine is less sure of is dirt. (J) */
const LEAST_LETTER = 55;
const MOST_IN_WC = 3;
const MOST_PA = 750;

interface HeadToken {
  readonly x: number;
  readonly value: number;
}

/** The place of each token among the columns: a gap twice as wide as its neighbors has a column between. A sheet that leans away has closer columns. */
function placesOf(tokens: readonly HeadToken[]): number[] {
  const gaps = tokens.slice(1).map(({ x }, i) => x - tokens[i]!.x);
  let place = 0;
  return [
    0,
    ...gaps.map((gap, i) => {
      const beside = [gaps[i - 1], gaps[i + 1]].filter((one) => one !== undefined);
      const usual = beside.length > 0 ? Math.min(...beside) : gap;
      place += Math.max(1, Math.round(gap / usual));
      return place;
    }),
  ];
}

/** Values that rise by one step from column to column, as statics do; undefined where they follow no step. */
function stepped(
  tokens: readonly HeadToken[],
  places: readonly number[],
): { readonly first: number; readonly step: number } | undefined {
  const votes = new Map<string, number>();
  tokens.forEach((a, i) =>
    tokens.forEach((b, j) => {
      const apart = places[j]! - places[i]!;
      if (apart < 1) return;
      const step = Number(((b.value - a.value) / apart).toFixed(4));
      const first = Number((a.value - step * places[i]!).toFixed(4));
      if (step > 0 && first >= 0) votes.set(`${step} ${first}`, (votes.get(`${step} ${first}`) ?? 0) + 1);
    }),
  );
  const [best, count] = [...votes].sort((a, b) => b[1] - a[1])[0] ?? ['', 0];
  // Of n columns that agree n (n − 1) / 2 pairs do.
  if (count < 3 || count < (tokens.length * (tokens.length - 1)) / 6) return undefined;
  const [step, first] = best.split(' ').map(Number) as [number, number];
  return { first, step };
}

/** The columns of a line that is a head of statics; undefined for any other line. */
function headOf(line: TextLine, isPa: boolean): GridColumn[] | undefined {
  const tokens = line.words.flatMap((word): HeadToken[] => {
    const value = staticFigure(word.text);
    return value === undefined ? [] : [{ x: middleOf(word.box).x, value }];
  });
  if (tokens.length < LEAST_COLUMNS) return undefined;
  const most = isPa ? MOST_PA : MOST_IN_WC;
  const places = placesOf(tokens);
  const steps = stepped(tokens, places);
  const rises = tokens.every(({ value }, i) => i === 0 || value > tokens[i - 1]!.value);
  if (!steps) {
    // Uneven statics are believed as they are read when all of them rise.
    return rises && tokens.every(({ value }) => value <= most)
      ? tokens.map(({ x, value }) => ({ x, printed: value, isRead: true }))
      : undefined;
  }
  const columns = Array.from({ length: places.at(-1)! + 1 }, (_, place): GridColumn => {
    const at = places.indexOf(place);
    const printed = Number((steps.first + place * steps.step).toFixed(3));
    if (at >= 0) return { x: tokens[at]!.x, printed, isRead: tokens[at]!.value === printed };
    // Between two that were read.
    const after = places.findIndex((one) => one > place);
    const [from, to] = [tokens[after - 1]!, tokens[after]!];
    const share = (place - places[after - 1]!) / (places[after]! - places[after - 1]!);
    return { x: from.x + share * (to.x - from.x), printed, isRead: false };
  });
  return columns.every(({ printed }) => printed <= most) ? columns : undefined;
}

/** A column beyond the head is looked for within this share of the distance between columns. (J) */
const EDGE_REACH = 0.45;

/** Columns of figures beside the head’s own: its static there could not be read, and follows from the others. */
function widened(columns: readonly GridColumn[], lines: readonly TextLine[]): GridColumn[] {
  const [a, b] = [columns[0]!, columns[1]!];
  const [y, z] = columns.slice(-2) as [GridColumn, GridColumn];
  const figuresAt = (x: number, reach: number): number[] =>
    lines.flatMap(({ words }) =>
      words
        .filter(({ text, box }) => Math.abs(middleOf(box).x - x) < reach && typeof cellFigure(text) === 'object')
        .map(({ box }) => middleOf(box).x)
        .slice(0, 1),
    );
  const rows = figuresAt(b.x, (b.x - a.x) / 3).length;
  // Columns get closer where the sheet leans away: what is found says where the column is.
  const columnAt = (x: number, pitch: number): number | undefined => {
    const found = figuresAt(x, EDGE_REACH * pitch);
    return rows >= 2 && found.length >= Math.max(2, 0.6 * rows) ? median(found) : undefined;
  };
  const round = (value: number) => Number(value.toFixed(3));
  const first = { x: columnAt(2 * a.x - b.x, b.x - a.x), printed: round(2 * a.printed - b.printed) };
  const last = { x: columnAt(2 * z.x - y.x, z.x - y.x), printed: round(2 * z.printed - y.printed) };
  return [
    ...(first.x !== undefined && first.printed >= 0 ? [{ x: first.x, printed: first.printed, isRead: false }] : []),
    ...columns,
    ...(last.x === undefined ? [] : [{ x: last.x, printed: last.printed, isRead: false }]),
  ];
}

/** The name of a row: the words beside its first cell. */
function nameOf(words: readonly ReadWord[], left: number): Pick<GridRow, 'name' | 'nameConfidence'> {
  const beside = words.filter(({ box }) => middleOf(box).x <= left);
  // The edge of the sheet is read as a letter now and then.
  const sure = beside.filter(({ text, confidence }) => text.length > 1 || confidence >= LEAST_LETTER);
  const names = sure.length > 0 ? sure : beside;
  return {
    name: names
      .map(({ text }) => text)
      .join(' ')
      .replaceAll(/^[\s|_[\]{}.,:;]+|[\s|_[\]{}.,:;]+$/g, ''),
    nameConfidence: names.length === 0 ? 0 : Math.min(...names.map(({ confidence }) => confidence)),
  };
}

/** The lines that belong to one head, with what each column of them has. */
function rowsUnder(lines: readonly TextLine[], columns: readonly GridColumn[]): { rows: GridRow[]; pitch: number } {
  const reach = columns.length > 1 ? (columns[1]!.x - columns[0]!.x) / 2 : 40;
  const left = columns[0]!.x - reach;
  const rows: GridRow[] = [];
  for (const { y, words } of lines) {
    const inCells = words.filter(({ box }) => middleOf(box).x > left);
    const filled = columns.filter(({ x }) =>
      inCells.some(({ text, box }) => Math.abs(middleOf(box).x - x) < reach && cellFigure(text) !== undefined),
    );
    if (filled.length < Math.max(2, LEAST_FILLED * columns.length)) continue;
    rows.push({ y, ...nameOf(words, left) });
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

/**
 * Finds the tables of a photo by where their words are: a head of statics that rise, and rows of figures under it.
 *
 * @returns none where no line is a head
 */
export function findGrids(words: readonly ReadWord[]): FoundGrid[] {
  const lines = linesOf(words);
  const text = words.map((word) => word.text).join(' ');
  const isPa = /\bpa\b|pascal/i.test(text);
  const heads = lines.flatMap((line, i) => {
    const columns = headOf(line, isPa) ?? (isPa ? undefined : headOf(line, false));
    // Rows of figures can look like a head of uneven Pa: a head has rows of larger figures under it.
    return columns ? [{ i, columns }] : [];
  });
  const grids: FoundGrid[] = [];
  let until = -1;
  heads.forEach(({ i, columns: head }, k) => {
    if (i < until) return;
    const next = heads.slice(k + 1).find((one) => !isPa || one.columns[0]!.printed === head[0]!.printed);
    const end = next?.i ?? lines.length;
    const under = lines.slice(i + 1, end);
    const columns = widened(head, under);
    const { rows, pitch } = rowsUnder(under, columns);
    if (rows.length < 1) return;
    until = end;
    const reachX = columns.length > 1 ? median(columns.slice(1).map(({ x }, j) => x - columns[j]!.x)) / 2 : 40;
    const above = lines.slice(Math.max(0, i - 3), i).map((line) => line.words.map((word) => word.text).join(' '));
    grids.push({
      title: above.join(' · '),
      unit: isPa ? 'pa' : 'inWc',
      columns,
      rows: withGuesses(rows, pitch, lines[i]!.y).map((row) => {
        if (!row.isGuess) return row;
        const level = under.filter(({ y }) => Math.abs(y - row.y) < pitch / 3).flatMap((line) => line.words);
        return { ...row, ...nameOf(level, columns[0]!.x - reachX) };
      }),
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
