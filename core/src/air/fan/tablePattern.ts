import { flowText, staticText } from '../../base/words';

/** A grid of a manufacturer's figures as far as it is typed: a row for each tap (or airflow), a cell for each static. */
export interface TypedGrid {
  /** Rising. */
  readonly staticsInWc: readonly number[];
  readonly rows: readonly { readonly name: string; readonly cells: readonly (number | null)[] }[];
  /** Airflow falls along a row; RPM and horsepower rise. */
  readonly along: 'falling' | 'rising';
}

/** What is odd about one cell. */
export interface CellQuestion {
  readonly row: number;
  readonly column: number;
  readonly sentence: string;
  /** What its neighbours make likely. */
  readonly likely: number;
  /** The same figures in another order, or a key beside: what was meant, if that fits. */
  readonly slip?: number;
}

/** (J) A cell this far off what its row's neighbours on both sides make likely is asked about, as a share. */
const OFF_BETWEEN = 0.05;
/** (J) The same where only one side, or another row, tells. */
const OFF_BESIDE = 0.12;
/** (J) A slip is offered when it fits this well. */
const FITS = 0.025;

type Row = readonly (number | null)[];

/** The nearest filled cell of a row to one side; −1 for none. */
function nearest(cells: Row, from: number, step: 1 | -1): number {
  for (let i = from + step; i >= 0 && i < cells.length; i += step) if (cells[i] != null) return i;
  return -1;
}

/** A row that goes the way it must all along. */
function isOrdered(cells: Row, sign: 1 | -1): boolean {
  const filled = cells.filter((cell) => cell !== null);
  return filled.every((cell, i) => i === 0 || sign * (cell - filled[i - 1]!) <= 0);
}

/** What other sound rows say: they change by the same share from a cell that both have. */
function byOtherRows({ rows, along }: TypedGrid, row: number, column: number): number | undefined {
  const own = rows[row]!.cells;
  const told: number[] = [];
  rows.forEach((other, k) => {
    const there = other.cells[column];
    if (k === row || there == null || !isOrdered(other.cells, along === 'falling' ? 1 : -1)) return;
    own.forEach((value, j) => {
      const beside = other.cells[j];
      if (j !== column && value != null && beside != null) told.push((value * there) / beside);
    });
  });
  return told.length > 0 ? told.sort((a, b) => a - b)[Math.floor(told.length / 2)] : undefined;
}

/** What a cell should about be, by its neighbours, and how well they tell; undefined while nothing does. */
function likely(grid: TypedGrid, row: number, column: number): { value: number; off: number } | undefined {
  const { cells } = grid.rows[row]!;
  const p = grid.staticsInWc;
  const [left, right] = [nearest(cells, column, -1), nearest(cells, column, 1)];
  if (left >= 0 && right >= 0) {
    const share = (p[column]! - p[left]!) / (p[right]! - p[left]!);
    return { value: cells[left]! + share * (cells[right]! - cells[left]!), off: OFF_BETWEEN };
  }
  const others = byOtherRows(grid, row, column);
  return others === undefined ? undefined : { value: others, off: OFF_BESIDE };
}

/** The keys beside a key of the pad. */
const BESIDE: Readonly<Record<string, string>> = {
  '1': '24',
  '2': '135',
  '3': '26',
  '4': '157',
  '5': '2468',
  '6': '359',
  '7': '48',
  '8': '5790',
  '9': '68',
  '0': '8',
};

/** What a finger may have meant: two figures changed over, one doubled or left out, the key beside. */
function slips(value: number): number[] {
  const digits = String(Math.round(value));
  const found = new Set<string>();
  for (let i = 0; i < digits.length; i += 1) {
    for (let j = i + 1; j < digits.length; j += 1) {
      const swapped = [...digits];
      [swapped[i], swapped[j]] = [swapped[j]!, swapped[i]!];
      found.add(swapped.join(''));
    }
    found.add(digits.slice(0, i) + digits.slice(i + 1));
    for (const key of BESIDE[digits[i]!] ?? '') found.add(digits.slice(0, i) + key + digits.slice(i + 1));
  }
  for (const key of '0123456789') found.add(digits + key);
  return [...found].filter((text) => text !== '' && !text.startsWith('0') && text !== digits).map(Number);
}

/**
 * What breaks the pattern of a table while it is typed: a figure that rises where the row falls, or that lies far off its neighbours. Of two
 * cells that contradict each other the one that fits its surroundings less is asked about.
 *
 * @returns one question a cell, in reading order
 * @example tap 3: 1163, 1128, 1219, 1054 → "Tap 3 at 0.30: 1,219 is more than at 0.20. About 1,091 would fit."
 */
export function tableQuestions(grid: TypedGrid, rowWord = 'Tap'): CellQuestion[] {
  const sign = grid.along === 'falling' ? 1 : -1;
  return grid.rows.flatMap(({ name, cells }, row) => {
    const offOf = (column: number) => {
      const told = likely(grid, row, column);
      return told && Math.abs(cells[column]! / told.value - 1);
    };
    return cells.flatMap((value, column): CellQuestion[] => {
      if (value === null) return [];
      const told = likely(grid, row, column);
      if (!told) return [];
      const [left, right] = [nearest(cells, column, -1), nearest(cells, column, 1)];
      const breaks = (other: number) =>
        other >= 0 &&
        sign * (column - other) * (value - cells[other]!) > 0 &&
        // The other one is to blame when it fits worse.
        (offOf(column) ?? 0) >= (offOf(other) ?? 0);
      const against = breaks(left) ? left : breaks(right) ? right : undefined;
      const off = Math.abs(value / told.value - 1);
      if (against === undefined && off <= told.off) return [];
      const worse = [left, right].some((other) => other >= 0 && (offOf(other) ?? 0) > off);
      if (against === undefined && worse) return [];
      const fits = (candidate: number) =>
        Math.abs(candidate / told.value - 1) <= FITS &&
        (left < 0 || sign * (cells[left]! - candidate) >= 0) &&
        (right < 0 || sign * (candidate - cells[right]!) >= 0);
      const slip = slips(value)
        .filter(fits)
        .sort((a, b) => Math.abs(a - told.value) - Math.abs(b - told.value))[0];
      const at = staticText(grid.staticsInWc[column]!);
      const what =
        against === undefined
          ? `${flowText(value)} is far from its neighbors.`
          : `${flowText(value)} is ${value > cells[against]! ? 'more' : 'less'} than at ${staticText(grid.staticsInWc[against]!)}.`;
      return [
        {
          row,
          column,
          sentence: `${rowWord} ${name} at ${at}: ${what} ${slip === undefined ? `About ${flowText(told.value)} would fit.` : `${flowText(slip)}?`}`,
          likely: told.value,
          ...(slip === undefined ? {} : { slip }),
        },
      ];
    });
  });
}
