import type { ToolUnit } from '../forms/tool';
import type { Source } from '../numbers/source';

/** The four words of a verdict, everywhere. */
export type VerdictWord = 'inside' | 'atTheEdge' | 'outside' | 'cantSay';

export type Unit = ToolUnit | 'share';

/** One line of the working behind a figure. */
export interface WorkingInput {
  readonly name: string;
  readonly value: number;
  readonly unit: Unit;
  readonly source: Source;
}

/** How a figure was got: the formula in words and signs, and what went in. */
export interface Working {
  readonly formula: string;
  readonly inputs: readonly WorkingInput[];
}

interface Limit {
  /** Lowest value inside; absent for a limit from above only. */
  readonly low?: number;
  readonly high: number;
  readonly source: Source;
  /** The limit in words: "nameplate maximum", "target band". */
  readonly name: string;
}

/** A judgement of one quantity: never without its limit, the limit's source, and the readings behind it. */
export interface Verdict {
  readonly word: VerdictWord;
  readonly unit: Unit;
  /** undefined when it can't be said */
  readonly value?: number;
  readonly limit?: Limit;
  /** The chance that the quantity lies inside its limit, 0 to 1, where it is known how sure it is. */
  readonly odds?: number;
  /** One or two sentences: the figure, the limit, what it means. */
  readonly sentence: string;
  readonly working: Working;
  readonly readingIds: readonly string[];
}

/** Keeps a sum of decimals such as 0.1 + 0.2 from falling outside a limit of 0.3. */
const ROUNDING = 1e-9;

/**
 * The word for a value under an upper limit.
 *
 * @param edgeShare from this share of the limit on it is at the edge, 0 to 1
 * @example wordUnder(0.45, 0.5, 0.8) // 'atTheEdge'
 */
export function wordUnder(value: number, high: number, edgeShare: number): VerdictWord {
  if (value > high + ROUNDING) return 'outside';
  return value > high * edgeShare + ROUNDING ? 'atTheEdge' : 'inside';
}
