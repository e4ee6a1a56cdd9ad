import { median, middleOf, type ReadWord, type TextLine } from '../words';
import { cellFigure, staticFigure, type FigureKind } from './figures';

/** A column: the static over it, and where it is. */
export interface GridColumn {
  /** In the unit that the table is printed in. */
  readonly printed: number;
  /** False where the figure was worked out from its neighbors. */
  readonly isRead: boolean;
  readonly x: number;
  /** What its figures are: airflow where absent. */
  readonly kind?: FigureKind;
}

const LEAST_COLUMNS = 3;
/** So many of the figures in a head are statics. (J) */
const HEAD_SHARE = 0.6;
/** No blower table goes so far in in. w.c.: more is Pa. */
export const MOST_IN_WC = 3;
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

/** Values that rise by one step from place to place, as statics do; undefined where they follow no step. */
export function stepped(
  values: readonly number[],
  places: readonly number[],
): { readonly first: number; readonly step: number } | undefined {
  const votes = new Map<string, number>();
  values.forEach((a, i) =>
    values.forEach((b, j) => {
      const apart = places[j]! - places[i]!;
      if (apart < 1) return;
      const step = Number(((b - a) / apart).toFixed(4));
      const first = Number((a - step * places[i]!).toFixed(4));
      if (step > 0 && first >= 0) votes.set(`${step} ${first}`, (votes.get(`${step} ${first}`) ?? 0) + 1);
    }),
  );
  const [best, count] = [...votes].sort((a, b) => b[1] - a[1])[0] ?? ['', 0];
  // Of n columns that agree n (n − 1) / 2 pairs do.
  if (count < 3 || count < (values.length * (values.length - 1)) / 6) return undefined;
  const [step, first] = best.split(' ').map(Number) as [number, number];
  return { first, step };
}

/** Statics in Pa where nothing says so: at least so many, that rise by one step from at least this. (J) */
const LEAST_UNSAID = 4;
const LEAST_PA = 10;

/** The columns under some figures of one line, if they are a head of statics. */
function columnsUnder(tokens: readonly HeadToken[], isPaSaid: boolean): GridColumn[] | undefined {
  if (tokens.length < LEAST_COLUMNS) return undefined;
  const isUnsaid = tokens.length >= LEAST_UNSAID && tokens.every(({ value }) => value >= LEAST_PA);
  const most = isPaSaid || isUnsaid ? MOST_PA : MOST_IN_WC;
  const places = placesOf(tokens);
  const steps = stepped(
    tokens.map(({ value }) => value),
    places,
  );
  const rises = tokens.every(({ value }, i) => i === 0 || value > tokens[i - 1]!.value);
  if (!steps) {
    // Uneven statics are believed as they are read when all of them rise.
    return rises && !(isUnsaid && !isPaSaid) && tokens.every(({ value }) => value <= most)
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

/** The columns of a line that is a head of statics, block by block: a second block beside the first begins with the same static. None for any other line. */
export function headsOf(line: TextLine, isPa: boolean): GridColumn[][] {
  const tokens = line.words.flatMap((word): HeadToken[] => {
    const value = staticFigure(word.text);
    return value === undefined ? [] : [{ x: middleOf(word.box).x, value }];
  });
  // A row of figures is no head, though its horsepower rises as statics do.
  const figures = line.words.filter(({ text }) => /\d.*\d/.test(text)).length;
  if (tokens.length < HEAD_SHARE * figures) return [];
  const starts = tokens.flatMap(({ value }, i) => (value === tokens[0]!.value ? [i] : []));
  if (starts.length > 1) {
    const blocks = starts.map((from, k) => columnsUnder(tokens.slice(from, starts[k + 1]), isPa));
    // Not where a static was misread as one that comes later.
    if (blocks.every((one) => one?.[0]?.isRead)) return blocks as GridColumn[][];
  }
  const whole = columnsUnder(tokens, isPa);
  return whole ? [whole] : [];
}

/** A column beyond the head is looked for within this share of the distance between columns. (J) */
const EDGE_REACH = 0.45;
/** So many rows have something there. (J) */
const EDGE_FILLED = 0.6;

/**
 * Columns of figures beside the head’s own: statics there could not be read, and follow from the others.
 *
 * @param nameX where the column of names has its own heading: what is there is no static that was lost
 */
export function widened(
  columns: readonly GridColumn[],
  lines: readonly TextLine[],
  nameX: readonly number[] = [],
): GridColumn[] {
  const wordsAt = (x: number, reach: number) =>
    lines.flatMap(({ words }) =>
      words
        .filter(({ text, box }) => Math.abs(middleOf(box).x - x) < reach && cellFigure(text) !== undefined)
        .slice(0, 1),
    );
  const isFigure = ({ text }: ReadWord) => typeof cellFigure(text) === 'object';
  const [a, b] = [columns[0]!, columns[1]!];
  const rows = wordsAt(b.x, (b.x - a.x) / 3).filter(isFigure).length;
  // Columns get closer where the sheet leans away: what is found says where the column is.
  const columnAfter = (before: GridColumn, last: GridColumn): GridColumn | undefined => {
    const pitch = Math.abs(last.x - before.x);
    const x = 2 * last.x - before.x;
    const printed = Number((2 * last.printed - before.printed).toFixed(3));
    if (printed < 0 || nameX.some((one) => Math.abs(one - x) < EDGE_REACH * pitch)) return undefined;
    // In the last column some taps are left out: a dash is there, too.
    const found = wordsAt(x, EDGE_REACH * pitch);
    if (rows < 2 || !found.some(isFigure) || found.length < Math.max(2, EDGE_FILLED * rows)) return undefined;
    return { x: median(found.map(({ box }) => middleOf(box).x)), printed, isRead: false };
  };
  const all = [...columns];
  for (let next = columnAfter(b, a); next; next = columnAfter(all[1]!, all[0]!)) all.unshift(next);
  for (let next = columnAfter(all.at(-2)!, all.at(-1)!); next; next = columnAfter(all.at(-2)!, all.at(-1)!))
    all.push(next);
  return all;
}
