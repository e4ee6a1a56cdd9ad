import type { PartSought } from './partSought';

export const PART_KINDS = ['belt', 'sheave', 'filter', 'capacitor', 'contactor', 'motor', 'other'] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** How many were counted on the truck, and when. */
export interface StockCount {
  readonly counted: number;
  /** ISO time. */
  readonly countedAt: string;
}

/** A part of the shop's lists. */
export interface StockedPart {
  /** What a taking names: "belt:A48", "part:…". */
  readonly key: string;
  readonly kind: PartKind;
  readonly name: string;
  readonly cost: number;
  /** It is carried on the truck at all. */
  readonly onTruck: boolean;
  readonly count?: StockCount;
  readonly mark?: string;
  readonly widthIn?: number;
  readonly heightIn?: number;
  readonly microfarads?: number;
}

/** Parts taken from the truck at a visit. */
export interface PartTaken {
  readonly key: string;
  readonly count: number;
  /** ISO time. */
  readonly takenAt: string;
}

/**
 * What is left of a count: what was taken before the count is in it already. More taken than counted leaves none.
 *
 * @returns undefined while nobody counted
 * @example leftOf({ counted: 4, countedAt: '2026-03-01T07:00:00Z' }, [{ key: 'belt:A48', count: 1, takenAt: '2026-03-01T11:00:00Z' }]) // 3
 */
export function leftOf(count: StockCount | undefined, taken: readonly PartTaken[]): number | undefined {
  if (!count) return undefined;
  const since = taken.filter(({ takenAt }) => Date.parse(takenAt) > Date.parse(count.countedAt));
  return Math.max(0, count.counted - since.reduce((sum, one) => sum + one.count, 0));
}

/** Frames are sold by whole and half inches: nearer than this two sizes are one, in. */
const SAME_SIZE_IN = 0.26;
const SAME_MICROFARADS = 0.1;
const near = (a: number | undefined, b: number, within: number) => a !== undefined && Math.abs(a - b) < within;

/**
 * Whether a part of the list is the one that is looked for. A filter may stand on its side. Of a capacitor of which nobody knows the rating none fits:
 * a wrong one burns the winding.
 *
 * @example fits({ kind: 'belt', mark: 'A48', … }, { kind: 'belt', mark: 'a48' }) // true
 */
export function fits(part: StockedPart, sought: PartSought): boolean {
  if (sought.kind === 'other') return part.name.trim().toLowerCase() === sought.name.trim().toLowerCase();
  if (part.kind !== sought.kind) return false;
  switch (sought.kind) {
    case 'belt':
      return part.mark?.toUpperCase() === sought.mark.toUpperCase();
    case 'filter': {
      const { widthIn, heightIn } = sought;
      const is = (width: number, height: number) =>
        near(part.widthIn, width, SAME_SIZE_IN) && near(part.heightIn, height, SAME_SIZE_IN);
      return is(widthIn, heightIn) || is(heightIn, widthIn);
    }
    case 'capacitor':
      return sought.microfarads !== undefined && near(part.microfarads, sought.microfarads, SAME_MICROFARADS);
    case 'contactor':
      return true;
  }
}
