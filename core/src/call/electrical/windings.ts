import type { Check, CheckedFrom } from '../checks/checkPoint';

/**
 * How far the largest of three windings lies off their mean, percent.
 *
 * @param ohms of the three pairs, each over 0
 * @returns percent, or undefined where all three read nothing
 * @example windingsApartPercent([3.1, 3.2, 3.0]) // 3.2
 */
export function windingsApartPercent(ohms: readonly number[]): number | undefined {
  const mean = ohms.reduce((sum, one) => sum + one, 0) / ohms.length;
  if (!(mean > 0)) return undefined;
  return (100 * Math.max(...ohms.map((one) => Math.abs(one - mean)))) / mean;
}

const pairsOf = (read: ReadonlyMap<string, Check>, ids: readonly string[]) => ids.map((id) => read.get(id));
const ohmsOf = (pairs: readonly (Check | undefined)[]): readonly number[] | undefined => {
  const ohms = pairs.flatMap((pair) => (pair?.value === undefined ? [] : [pair.value]));
  return ohms.length === pairs.length ? ohms : undefined;
};

const WINDING_PAIRS = ['windingPair1', 'windingPair2', 'windingPair3'] as const;
const MODULE_PAIRS = ['modulePair1', 'modulePair2', 'modulePair3'] as const;

/** Windings of a motor by three pairs and to ground: a pair that is open or a path to ground tells alone. */
export const WINDINGS_FROM: CheckedFrom = {
  points: [...WINDING_PAIRS, 'windingGround'],
  tell: (read) => {
    if (read.get('windingGround')?.state === 'reads') return { state: 'ground' };
    const pairs = pairsOf(read, WINDING_PAIRS);
    if (pairs.some((pair) => pair?.state === 'open')) return { state: 'open' };
    return ohmsOf(pairs) && read.get('windingGround')?.state === 'open' ? { state: 'sound' } : undefined;
  },
};

/** Windings behind a module: how far apart they are. */
export const MODULE_WINDINGS_FROM: CheckedFrom = {
  points: [...MODULE_PAIRS, 'moduleGround'],
  tell: (read) => {
    if (read.get('moduleGround')?.state === 'reads') return { state: 'ground' };
    const pairs = pairsOf(read, MODULE_PAIRS);
    if (pairs.some((pair) => pair?.state === 'open')) return { state: 'open' };
    const ohms = ohmsOf(pairs);
    const value = ohms && windingsApartPercent(ohms);
    return value === undefined ? undefined : { value: Math.min(100, value) };
  },
};
