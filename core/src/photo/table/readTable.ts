import { flattened, inkOnly, leveled, resized, sharpened, withoutLines, type GrayImage, type PixelBox } from '../image';
import { median, middleOf, type ReadWord, type TextEngine } from '../words';
import { cellFigure, misread } from './figures';
import { cellBox, findGrids, type FoundGrid } from './grid';
import { votesByGlyphs } from './glyphs';
import { shapeOf, type Shape } from './shape';
import { inkKind, inkOfCells, setInStrips } from './strips';
import { voted, type CellVote, type VotedCell } from './votes';

/** Why a cell is passed over by a person. */
type CellDoubt =
  /** The readings do not agree, and the table’s shape does not say which is right. */
  | 'votes'
  /** It does not fit the other figures. */
  | 'shape'
  /** There is ink, and no figure could be read. */
  | 'unread';

/** A cell as it was read. */
interface TableCell {
  /** Digits as they are printed; "–" for a cell that is left out; empty for one that could not be read. */
  readonly text: string;
  readonly doubt?: CellDoubt;
  /** What else may be printed there, likeliest first. */
  readonly others: readonly string[];
  /** What the rest of the table makes likely. */
  readonly likely?: number;
  /** Where it is in the straightened picture. */
  readonly box: PixelBox;
}

/** A blower table as it was read from a photo. */
export interface PhotoTable {
  readonly title: string;
  readonly unit: 'inWc' | 'pa';
  readonly statics: readonly { readonly printed: number; readonly isRead: boolean }[];
  readonly rows: readonly { readonly name: string; readonly isSure: boolean; readonly cells: readonly TableCell[] }[];
}

/** How far a reading has come. */
export type ReadStage = 'picture' | 'text' | 'cells' | 'again';

export interface TablesRead {
  /** The straightened picture that the boxes are of. */
  readonly picture: GrayImage;
  readonly tables: readonly PhotoTable[];
  /** Every word of the first reading: what it is, where it is no table. */
  readonly words: readonly ReadWord[];
}

/** Longest side of the picture that is read, px. */
const READ_PX = 1800;
export const LEFT_OUT_MARK = '–';
const DIGITS = '0123456789';
const SURE_NAME = 60;
/** So sure of itself, two readings that agree need no third. (J) */
const MOST_OTHERS = 2;

/** The picture as the engine reads it best: level, paper white, rules gone. */
export function cleaned(sheet: GrayImage): { readonly level: GrayImage; readonly clean: GrayImage } {
  const longest = Math.max(sheet.width, sheet.height);
  const zoom = Math.min(READ_PX / longest, 2);
  const level = leveled(resized(sheet, sheet.width * zoom, sheet.height * zoom));
  const flat = flattened(level, Math.round(READ_PX / 50));
  const ink = inkOnly(flat, Math.round(READ_PX / 60));
  return { level, clean: withoutLines(flat, ink, Math.round(READ_PX / 14)) };
}

/** The readings of all cells by one pass: of the words that lie in each. */
function votesOf(
  words: readonly ReadWord[],
  grid: FoundGrid,
  cellAt: (word: ReadWord) => { row: number; column: number } | undefined,
) {
  const found = grid.rows.map(() => grid.columns.map((): ReadWord[] => []));
  for (const word of words) {
    const at = cellAt(word);
    if (at) found[at.row]?.[at.column]?.push(word);
  }
  return found.map((row) =>
    row.map((inCell): CellVote | 'dash' | undefined => {
      if (inCell.length === 0) return undefined;
      const text = [...inCell]
        .sort((a, b) => a.box.x - b.box.x)
        .map((word) => word.text)
        .join('');
      const figure = cellFigure(text);
      if (figure === undefined || figure === 'dash') return figure;
      return { digits: figure.digits, confidence: Math.min(...inCell.map(({ confidence }) => confidence)) };
    }),
  );
}

/** The cell of the grid that a word of the whole picture lies in. */
const inGrid = (grid: FoundGrid) => (word: ReadWord) => {
  const { x, y } = middleOf(word.box);
  const row = grid.rows.findIndex((one) => Math.abs(one.y - y) < grid.reach.y);
  const column = grid.columns.findIndex((one) => Math.abs(one.x - x) < grid.reach.x);
  return row < 0 || column < 0 ? undefined : { row, column };
};

/** Names that count on: where all but some follow, the others do too. */
export function namesInOrder(names: readonly string[]): string[] {
  const parts = names.map((name) => /^(.*?)(\d+|[A-Z])$/.exec(name.trim()));
  const keys = parts.map(
    (part, i) => part && `${part[1]}|${/\d/.test(part[2]!) ? Number(part[2]) - i : `@${part[2]!.charCodeAt(0) - i}`}`,
  );
  const counts = new Map<string, number>();
  for (const key of keys) if (key) counts.set(key, (counts.get(key) ?? 0) + 1);
  const [best, count] = [...counts].sort((a, b) => b[1] - a[1])[0] ?? ['', 0];
  if (count < 2 || count < names.length / 2) return [...names];
  const [prefix, from] = best.split('|') as [string, string];
  return names.map((_, i) =>
    from.startsWith('@') ? prefix + String.fromCharCode(Number(from.slice(1)) + i) : `${prefix}${Number(from) + i}`,
  );
}

/** The figure that is taken for a cell, and whether a person has to pass over it. */
function decided(
  cell: VotedCell,
  isRead: boolean,
  told: number | undefined,
  { breaks, fits }: { readonly breaks: (digits: string) => boolean; readonly fits: (digits: string) => boolean },
): Omit<TableCell, 'box' | 'likely'> {
  const { digits, candidates, isUnanimous } = cell;
  const fitting = candidates.filter((one) => !breaks(one.digits));
  const byShape = (from: readonly string[]) =>
    told === undefined ? [...from] : [...from].sort((a, b) => Math.abs(Number(a) - told) - Math.abs(Number(b) - told));
  if (digits === undefined) {
    return { text: '', doubt: isRead ? 'unread' : undefined, others: [] };
  }
  if (fitting.length === 1 && (candidates.length > 1 || isUnanimous || told !== undefined)) {
    const [one] = fitting;
    // Of several readings one fits: the shape has decided, where most readings agree with it.
    const isDecided = one!.digits === digits || one!.share > 0.4;
    return {
      text: one!.digits,
      ...(isDecided ? {} : { doubt: 'votes' as const }),
      others: candidates.filter((other) => other !== one).map((other) => other.digits),
    };
  }
  if (fitting.length === 0) {
    const slips = byShape(candidates.flatMap((one) => misread(one.digits)).filter(fits));
    return {
      text: digits,
      doubt: 'shape',
      others: [...new Set([...slips.slice(0, MOST_OTHERS), ...candidates.slice(1).map((one) => one.digits)])],
    };
  }
  return {
    text: fitting[0]!.digits,
    ...(isUnanimous ? {} : { doubt: 'votes' as const }),
    others: byShape(candidates.map((one) => one.digits).filter((one) => one !== fitting[0]!.digits)),
  };
}

type Pass = readonly (readonly (CellVote | 'dash' | undefined)[])[];

/** What the readings of each cell come to, and the shape of the table they make. */
function counted(
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
      const isDash = kind === 'dash' || (votes.length === 0 && all.includes('dash'));
      return { kind, isDash, vote: voted(isDash ? [] : votes, asked) };
    }),
  );
  const shape: Shape = shapeOf(
    cells.map((row) => row.map(({ vote }) => (vote.digits === undefined ? null : Number(vote.digits)))),
  );
  return { cells, shape };
}

/** So much of the votes for one figure, and it teaches what its digits look like. (J) */
const TEACHES_SHARE = 0.6;

/** The figures that most readings agree on and that fit the table. */
const sureOf = ({ cells, shape }: ReturnType<typeof counted>) =>
  cells.map((row, i) =>
    row.map(({ vote: { digits, candidates } }, j) =>
      digits !== undefined && candidates[0]!.share >= TEACHES_SHARE && !shape.breaks(i, j, Number(digits))
        ? digits
        : undefined,
    ),
  );

/** A table from the readings of its cells. */
function tableOf(
  grid: FoundGrid,
  { cells, shape }: ReturnType<typeof counted>,
  inks: readonly (readonly (PixelBox | undefined)[])[],
): PhotoTable {
  const names = namesInOrder(grid.rows.map(({ name }) => name));
  return {
    title: grid.title,
    unit: grid.unit,
    statics: grid.columns.map(({ printed, isRead }) => ({ printed, isRead })),
    rows: grid.rows.map(({ name, nameConfidence }, row) => ({
      name: names[row]!,
      isSure: names[row] !== name || nameConfidence >= SURE_NAME,
      cells: cells[row]!.map(({ kind, isDash, vote }, column): TableCell => {
        const box = inks[row]![column] ?? cellBox(grid, row, column);
        const likely = shape.likely[row]![column];
        if (isDash) return { text: LEFT_OUT_MARK, others: [], box };
        const found = decided(vote, kind === 'figure', likely, {
          breaks: (digits) => shape.breaks(row, column, Number(digits)),
          fits: (digits) => shape.fits(row, column, Number(digits)),
        });
        return { ...found, likely, box };
      }),
    })),
  };
}

/** A grid with some of its rows only, and what was read and seen of them. */
function withRows(
  { grid, inks }: { readonly grid: FoundGrid; readonly inks: readonly (readonly (PixelBox | undefined)[])[] },
  passes: readonly Pass[],
  keeps: (row: FoundGrid['rows'][number], i: number) => boolean,
) {
  const kept = grid.rows.flatMap((row, i) => (keeps(row, i) ? [i] : []));
  const of = <T>(list: readonly T[]) => kept.map((i) => list[i]!);
  return { grid: { ...grid, rows: of(grid.rows) }, inks: of(inks), passes: passes.map(of) };
}

/** So many columns of a row have a figure in at least two readings. (J) */
const FILLED_SHARE = 0.5;

const isFilled = (passes: readonly Pass[], row: number): boolean => {
  const columns = passes[0]![row]!.length;
  const filled = Array.from(
    { length: columns },
    (_, j) => passes.filter((pass) => typeof pass[row]![j] === 'object').length,
  ).filter((times) => times > 1).length;
  return filled >= FILLED_SHARE * columns;
};

/**
 * Reads the blower tables of a straightened photo: by where the words are, by three readings that owe nothing to one another, and by the table’s
 * own shape.
 *
 * @param onStage told as it goes on
 * @param onFirst given what the first reading alone comes to, so that something can be shown early
 */
export async function readTables(
  sheet: GrayImage,
  read: TextEngine,
  onStage: (stage: ReadStage) => void = () => undefined,
  onFirst: (first: TablesRead) => void = () => undefined,
): Promise<TablesRead> {
  onStage('picture');
  const { level, clean } = cleaned(sheet);
  onStage('text');
  const words = await read(clean, { mode: 'block' });
  const grids = findGrids(words);
  const parts = grids.map((grid) => {
    const first = votesOf(words, grid, inGrid(grid));
    const heights = words
      .filter((word) => inGrid(grid)(word) !== undefined && typeof cellFigure(word.text) === 'object')
      .map(({ box }) => box.height);
    const digitPx = median(heights) || 28;
    const inks = inkOfCells(clean, grid, digitPx);
    return { grid, first, digitPx, inks };
  });
  onFirst({
    picture: level,
    words,
    tables: parts.map((part) => {
      const sound = withRows(part, [part.first], (row) => !row.isGuess);
      return tableOf(sound.grid, counted(sound.grid, sound.passes, 1, sound.inks, part.digitPx), sound.inks);
    }),
  });
  const tables: PhotoTable[] = [];
  for (const part of parts) {
    const { digitPx } = part;
    const boxesOf = (inks: readonly (readonly (PixelBox | undefined)[])[]) =>
      inks.map((row) => row.map((box) => (inkKind(box, digitPx) === 'figure' ? box : undefined)));
    const boxes = boxesOf(part.inks);
    onStage('cells');
    const strip = setInStrips(clean, boxes, digitPx);
    const second = votesOf(await read(strip.image, { mode: 'block', only: DIGITS }), part.grid, strip.cellAt);
    onStage('again');
    const other = setInStrips(sharpened(flattened(level, Math.round(digitPx * 1.6)), 2, 0.8), boxes, digitPx, 1.3);
    const third = votesOf(await read(other.image, { mode: 'block', only: DIGITS }), part.grid, other.cellAt);
    // A row that nothing was read of at first is one if its cells are figures now.
    const all = [part.first, second, third];
    const { grid, inks, passes } = withRows(part, all, (row, i) => !row.isGuess || isFilled(all, i));
    const bySure = sureOf(counted(grid, passes, passes.length, inks, digitPx));
    const ink = inkOnly(clean, Math.round(digitPx * 1.5), 0.75);
    const glyphs = votesByGlyphs(clean, ink, boxesOf(inks), digitPx, bySure);
    tables.push(tableOf(grid, counted(grid, [...passes, glyphs], passes.length, inks, digitPx), inks));
  }
  return { picture: level, tables, words };
}
