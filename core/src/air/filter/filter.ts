import type { FilterMediaId } from './media';

/** Face velocity a shop wants through a filter, fpm, when it says nothing else. */
export const USUAL_FACE_FPM = 300;

/** The filters that share the air of one unit. */
export interface FilterFacts {
  readonly count: number;
  readonly widthIn: number;
  readonly heightIn: number;
  /** A bare ceiling grille without a box above it: only a round patch under the duct collar works. */
  readonly collarIn?: number;
  /** Further sizes beside the first, all boxed. */
  readonly more?: readonly { readonly count: number; readonly widthIn: number; readonly heightIn: number }[];
  /** Kind and depth of the medium, where it was read off the frame. */
  readonly media?: FilterMediaId;
}

/**
 * Area that the air really passes, sq ft.
 *
 * A bare ceiling filter grille works only where the duct collar pulls: a round patch about half as wide again as the collar,
 * never more than the filter.
 *
 * @example filterAreaSqFt({ count: 1, widthIn: 20, heightIn: 20 }) // 2.78
 */
export function filterAreaSqFt({ count, widthIn, heightIn, collarIn, more = [] }: FilterFacts): number {
  const face = (widthIn * heightIn) / 144;
  const others = more.reduce((sum, set) => sum + (set.count * set.widthIn * set.heightIn) / 144, 0);
  if (collarIn === undefined) return count * face + others;
  const patch = (Math.PI * (1.5 * collarIn) ** 2) / 576;
  return count * Math.min(face, patch) + others;
}

/** Face velocity, fpm. @param flowCfm CFM @example faceVelocityFpm(1200, one 20 × 20) // 432 */
export const faceVelocityFpm = (flowCfm: number, filters: FilterFacts) => flowCfm / filterAreaSqFt(filters);

/** How many filters of this size a flow needs, whole. @example filtersNeeded(1200, one 20 × 20, 300) // 2 */
export function filtersNeeded(flowCfm: number, filters: FilterFacts, limitFpm: number): number {
  const each = filterAreaSqFt({ ...filters, count: 1, more: [] });
  return Math.ceil(flowCfm / (limitFpm * each) - 1e-9);
}

/** Filter sizes that are sold, width × height in in. */
export const FILTER_SIZES_IN: readonly (readonly [number, number])[] = [
  [12, 12],
  [12, 20],
  [14, 20],
  [14, 25],
  [16, 20],
  [16, 25],
  [18, 24],
  [20, 20],
  [20, 25],
  [20, 30],
  [24, 24],
  [24, 30],
];

/** The smallest single filter that is sold within a face velocity, or undefined when one is not enough. */
export const filterSizeFor = (flowCfm: number, limitFpm: number) =>
  FILTER_SIZES_IN.filter(([w, h]) => (w * h) / 144 >= flowCfm / limitFpm - 1e-9).sort(
    (a, b) => a[0] * a[1] - b[0] * b[1],
  )[0];
