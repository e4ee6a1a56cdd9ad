import type { PixelBox } from '../image';
import { misread } from './figures';
import { cellBox, type FoundGrid } from './grid';
import { shapeOf, type Shape } from './shape';
import { inkKind } from './strips';
import { voted, type CellVote, type VotedCell } from './votes';

/** Why a cell is passed over by a person. */
type CellDoubt =
  /** The readings do not agree, and the table’s shape does not say which is right. */
  | 'votes'
  /** It does not fit the other figures. */
  | 'shape'
  /** No figure could be read where one must be. */
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

export const LEFT_OUT_MARK = '–';
const SURE_NAME = 60;
/** So sure of itself, two readings that agree need no third. (J) */
const MOST_OTHERS = 2;

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

/** The figure that a cell gets, and whether a person has to pass over it. */
function decided(
  cell: VotedCell,
  told: number | undefined,
  { breaks, fits }: { readonly breaks: (digits: string) => boolean; readonly fits: (digits: string) => boolean },
): Omit<TableCell, 'box' | 'likely'> {
  const { digits, candidates, isUnanimous } = cell;
  const fitting = candidates.filter((one) => !breaks(one.digits));
  const byShape = (from: readonly string[]) =>
    told === undefined ? [...from] : [...from].sort((a, b) => Math.abs(Number(a) - told) - Math.abs(Number(b) - told));
  if (digits === undefined) {
    return { text: '', doubt: 'unread', others: [] };
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
export const sureOf = ({ cells, shape }: ReturnType<typeof counted>) =>
  cells.map((row, i) =>
    row.map(({ vote: { digits, candidates } }, j) =>
      digits !== undefined && candidates[0]!.share >= TEACHES_SHARE && !shape.breaks(i, j, Number(digits))
        ? digits
        : undefined,
    ),
  );

/** A table from the readings of its cells. */
export function tableOf(
  grid: FoundGrid,
  { cells, shape }: ReturnType<typeof counted>,
  inks: readonly (readonly (PixelBox | undefined)[])[],
): PhotoTable {
  const names = namesInOrder(grid.rows.map(({ name }) => name));
  return {
    title: grid.title,
    unit: grid.unit,
    statics: grid.columns.map(({ printed, isRead }) => ({ printed, isRead })),
    rows: grid.rows.map(({ name, nameConfidence }, row) => {
      const filled = cells[row]!.flatMap(({ vote }, column) => (vote.digits === undefined ? [] : [column]));
      const [first, last] = [filled[0] ?? Infinity, filled.at(-1) ?? -Infinity];
      return {
        name: names[row]!,
        isSure: names[row] !== name || nameConfidence >= SURE_NAME,
        cells: cells[row]!.map(({ kind, isDash, vote }, column): TableCell => {
          const box = inks[row]![column] ?? cellBox(grid, row, column);
          const likely = shape.likely[row]![column];
          // A manufacturer leaves out the end of a row, never its middle: there a figure was lost.
          const isEnd = column < first || column > last;
          if (isEnd && (isDash || kind === 'empty') && vote.digits === undefined)
            return { text: LEFT_OUT_MARK, others: [], box };
          const found = decided(vote, likely, {
            breaks: (digits) => shape.breaks(row, column, Number(digits)),
            fits: (digits) => shape.fits(row, column, Number(digits)),
          });
          return { ...found, likely, box };
        }),
      };
    }),
  };
}

/** A grid with some of its rows only, and what was read and seen of them. */
export function withRows(
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

export const isFilled = (passes: readonly Pass[], row: number): boolean => {
  const columns = passes[0]![row]!.length;
  const filled = Array.from(
    { length: columns },
    (_, j) => passes.filter((pass) => typeof pass[row]![j] === 'object').length,
  ).filter((times) => times > 1).length;
  return filled >= FILLED_SHARE * columns;
};
