import { median } from '../words';
import type { FigureKind } from './figures';

/** A table's own shape: what each cell should be by the others, and how closely this table keeps to it. */
export interface Shape {
  /** What the neighbors of each cell make likely; undefined where too few of them are known. */
  readonly likely: readonly (readonly (number | undefined)[])[];
  /** Whether a figure would fit in a place. */
  readonly fits: (row: number, column: number, value: number) => boolean;
  /** Whether it does not, or is in a row that contradicts itself. */
  readonly breaks: (row: number, column: number, value: number) => boolean;
  /** Figures are printed in steps of this. */
  readonly step: number;
}

type Cells = readonly (readonly (number | null)[])[];

/** (J) A cell is this many usual deviations off before it breaks the shape, and never less than the share. */
const DEVIATIONS = 5;
const LEAST_OFF = 0.003;
/** In a small table one wrong figure pulls on nearly all others: they do not widen what is allowed. */
const MOST_OFF = 0.025;
const USUAL_OFF = 0.001;
/** A figure so many times the usual one of its table, or so small a part of it, has a digit too many or too few. (J) */
const MOST_TIMES = 4;
/** Horsepower rises with the third power of the airflow. (J) */
const MOST_TIMES_BHP = 15;
/** So many of the oddest figures are suspected at a time; how odd one is counts up to a limit. (J) */
const SUSPECTS = 6;
const CAP = 0.1;
/** No tap of a table moves so much: there is a digit too many, in the whole table where a rule was read as a 1. CFM. */
const TOO_MANY = 10_000;
/** A row with a larger share of cells that break it is doubted as a whole. (J) */
const DOUBTED_ROW = 0.35;
/** Steps of rounding that a figure and its neighbors may add up to, between them and beyond them. */
const STEPS_INSIDE = 1.5;
const STEPS_AT_END = 4;
/** Neighbors a cell is judged by, on each side. */
const BESIDE = 2;

/** The value at x of the curve through some points (Lagrange). */
function through(points: readonly { readonly x: number; readonly y: number }[], x: number): number {
  return points.reduce((sum, a, i) => {
    const share = points.reduce((product, b, j) => (i === j ? product : (product * (x - b.x)) / (a.x - b.x)), 1);
    return sum + share * a.y;
  }, 0);
}

/** What a row makes likely at one of its places: a smooth curve through its nearest neighbors. */
function along(row: readonly (number | null)[], isTrusted: (column: number) => boolean, column: number) {
  const known = row.flatMap((value, j) => (value !== null && j !== column && isTrusted(j) ? [{ x: j, y: value }] : []));
  const left = known.filter(({ x }) => x < column).slice(-BESIDE);
  const right = known.filter(({ x }) => x > column).slice(0, BESIDE);
  const isInside = left.length > 0 && right.length > 0;
  const near = isInside
    ? [...left, ...right]
    : [...known].sort((a, b) => Math.abs(a.x - column) - Math.abs(b.x - column)).slice(0, 3);
  if (near.length < 2) return undefined;
  // Far beyond its points a curve says nothing.
  const far = Math.min(...near.map(({ x }) => Math.abs(x - column)));
  return far > 2 ? undefined : { value: through(near, column), isInside: isInside && near.length > 2 };
}

/** What other rows make likely: a row is another one times a factor that changes slowly along it. */
function across(
  cells: Cells,
  isTrusted: (row: number, column: number) => boolean,
  row: number,
  column: number,
): number | undefined {
  const told = cells.flatMap((other, k) => {
    const there = other[column];
    if (k === row || there === null || there === undefined || !isTrusted(k, column)) return [];
    const ratios = other.flatMap((value, j) => {
      const own = cells[row]![j];
      return j !== column && value !== null && own != null && isTrusted(row, j) && isTrusted(k, j)
        ? [{ x: j, y: own / value }]
        : [];
    });
    const near = ratios.sort((a, b) => Math.abs(a.x - column) - Math.abs(b.x - column)).slice(0, 2);
    return near.length < 2 ? [] : [there * through(near, column)];
  });
  return told.length > 0 ? median(told) : undefined;
}

/** The step that nearly all figures are printed in: 10, 5 or 1. */
function stepOf(cells: Cells): number {
  const all = cells.flat().filter((value) => value !== null);
  return [10, 5].find((step) => all.filter((value) => value % step === 0).length >= 0.8 * all.length) ?? 1;
}

/**
 * Learns the shape of a table from its own figures: it falls along a row, rises from tap to tap, and bends evenly. What breaks it worst is passed
 * over, and the rest is learned again, until nothing breaks it.
 *
 * @param cells null where nothing is known
 * @param kind what the figures are: airflow where absent; of RPM a row rises
 * @example a row of 1163, 1128, 1002, 1054, 1014: the third is likely 1092
 */
export function shapeOf(cells: Cells, kind?: FigureKind): Shape {
  const step = stepOf(cells);
  const times = kind === 'bhp' ? MOST_TIMES_BHP : MOST_TIMES;
  const usual = median(cells.flat().filter((value) => value !== null));
  const isOfSize = (value: number) =>
    value < TOO_MANY && (!(usual > 0) || (value < times * usual && value > usual / times));
  const untrusted = new Set<string>();
  cells.forEach((line, row) =>
    line.forEach((value, column) => {
      if (value !== null && !isOfSize(value)) untrusted.add(`${row} ${column}`);
    }),
  );
  const isTrusted = (row: number, column: number) => !untrusted.has(`${row} ${column}`);
  const likelyAt = (row: number, column: number): { value: number; isInside: boolean } | undefined => {
    const own = along(cells[row]!, (j) => isTrusted(row, j), column);
    if (own?.isInside) return own;
    // Beyond the end of its points a curve strays, and one wrong figure among them throws it far; other rows do not.
    const value = across(cells, isTrusted, row, column) ?? own?.value;
    return value === undefined ? undefined : { value, isInside: false };
  };
  const offs = (): { row: number; column: number; off: number; ofRounding: number }[] =>
    cells.flatMap((line, row) =>
      line.flatMap((value, column) => {
        const told = value === null ? undefined : likelyAt(row, column);
        if (told === undefined || value === null) return [];
        const off = Math.abs(value / told.value - 1);
        return [{ row, column, off, ofRounding: off - rounding(told) }];
      }),
    );
  /** How far rounding alone may put a figure off what its neighbors, rounded too, make likely. */
  const rounding = ({ value, isInside }: { value: number; isInside: boolean }) =>
    ((isInside ? STEPS_INSIDE : STEPS_AT_END) * step) / Math.max(1, value);
  let limit = LEAST_OFF;
  const most = cells.flat().length;
  for (let pass = 0; pass < most; pass += 1) {
    const all = offs();
    const trusted = all.filter(({ row, column }) => isTrusted(row, column));
    const usualOff = Math.max(USUAL_OFF, 1.4826 * median(trusted.map(({ off }) => off)) || 0);
    limit = Math.min(MOST_OFF, Math.max(LEAST_OFF, DEVIATIONS * usualOff));
    const odd = trusted.filter(({ off, ofRounding }) => off > limit && ofRounding > 0).sort((a, b) => b.off - a.off);
    if (odd.length === 0 || untrusted.size > most / 3) break;
    // A wrong figure makes its neighbors look odd, and the end of its row most of all: the one to blame is the one without which the rest fits best.
    const without = odd.slice(0, SUSPECTS).map(({ row, column }) => {
      const key = `${row} ${column}`;
      untrusted.add(key);
      const rest = offs().reduce((sum, one) => sum + (isTrusted(one.row, one.column) ? Math.min(one.off, CAP) : 0), 0);
      untrusted.delete(key);
      return { key, rest };
    });
    untrusted.add(without.sort((a, b) => a.rest - b.rest)[0]!.key);
  }
  const told = cells.map((line, row) => line.map((_, column) => likelyAt(row, column)));
  // A row that contradicts itself in many places may be wrong in the others, too.
  const isDoubtedRow = cells.map((line, row) => {
    const known = line.flatMap((value, column) => (value === null ? [] : [column]));
    const odd = known.filter((column) => !isTrusted(row, column)).length;
    return odd > 2 && odd > DOUBTED_ROW * known.length;
  });
  const fits = (row: number, column: number, value: number) => {
    const likely = told[row]?.[column];
    if (value % step !== 0 || !isOfSize(value)) return false;
    return likely === undefined || Math.abs(value / likely.value - 1) <= Math.max(limit, rounding(likely));
  };
  return {
    likely: told.map((line) => line.map((one) => one?.value)),
    step,
    fits,
    breaks: (row, column, value) => isDoubtedRow[row] === true || !fits(row, column, value),
  };
}
