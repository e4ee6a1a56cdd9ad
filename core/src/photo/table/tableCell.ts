import type { PixelBox } from '../image';
import { misread, printedFigure, type FigureKind } from './figures';
import type { VotedCell } from './votes';

/** Why a cell is passed over by a person. */
type CellDoubt =
  /** The readings do not agree, and the table’s shape does not say which is right. */
  | 'votes'
  /** It does not fit the other figures. */
  | 'shape'
  /** No figure could be read where one must be. */
  | 'unread';

/** A cell as it was read. */
export interface TableCell {
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

export const LEFT_OUT_MARK = '–';
/** So many slips are offered. (J) */
const MOST_OTHERS = 2;
/** A reading that fits the shape, and has this share of the votes, is taken. (J) */
const DECIDES_SHARE = 0.4;

/** The figure that a cell gets, and whether a person has to pass over it. */
export function decided(
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
    const isDecided = one!.digits === digits || one!.share > DECIDES_SHARE;
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

/** A cell as it is printed. */
export const asPrinted = (cell: TableCell, kind: FigureKind | undefined): TableCell =>
  kind === 'bhp'
    ? {
        ...cell,
        text: /\d/.test(cell.text) ? printedFigure(cell.text, kind) : cell.text,
        others: cell.others.map((digits) => printedFigure(digits, kind)),
        ...(cell.likely === undefined ? {} : { likely: cell.likely / 100 }),
      }
    : cell;
