import { checkPoint, type Check } from '../checks';

/** What a unit is known to take. */
export interface UnitParts {
  readonly filters: readonly { readonly count: number; readonly widthIn: number; readonly heightIn: number }[];
  /** Kind and depth of the filter, in words. */
  readonly filterWords?: string;
  /** As on the belt: "A44". */
  readonly belt?: string;
  readonly ratedMicrofarads?: number;
}

const PART_OF_FINDING: Readonly<Record<string, string>> = {
  upkeepContactor: 'contactor',
  upkeepCapacitor: 'run capacitor',
  upkeepBelt: 'belt',
  floatTipped: 'float switch',
  drainTrap: 'trap fittings',
  upkeepHeatAmps: 'heating element',
};

const inches = (value: number) => Number(value.toFixed(2));

/** A filter's size as on its frame, in. @example filterSize({ widthIn: 20, heightIn: 24.5 }) // '20 × 24.5' */
export const filterSize = ({ widthIn, heightIn }: { readonly widthIn: number; readonly heightIn: number }): string =>
  `${inches(widthIn)} × ${inches(heightIn)}`;

/**
 * What to bring to a unit, in words: its filters and belt, and the parts that were found wanting last time.
 *
 * @param last what was found at the visit before
 * @example bringList({ filters: [{ count: 2, widthIn: 16, heightIn: 25 }], belt: 'A44' }, []) // ['2 filters 16 × 25 in.', '2 belts A44: one to fit, one to leave']
 */
export function bringList(
  { filters, filterWords, belt, ratedMicrofarads }: UnitParts,
  last: readonly Check[],
): readonly string[] {
  const list = filters.map(
    ({ count, ...size }) =>
      `${count} filter${count === 1 ? '' : 's'} ${filterSize(size)}${filterWords === undefined ? ' in.' : ` in., ${filterWords}`}`,
  );
  if (belt !== undefined) list.push(`2 belts ${belt}: one to fit, one to leave`);
  const wanting = last.flatMap(({ point, state }) => {
    const part = PART_OF_FINDING[point];
    const isFound = checkPoint(point)?.states?.find(({ id }) => id === state)?.finding !== undefined;
    if (!part || !isFound || (part === 'belt' && belt !== undefined)) return [];
    return [part === 'run capacitor' && ratedMicrofarads !== undefined ? `run capacitor ${ratedMicrofarads} µF` : part];
  });
  return [...list, ...new Set(wanting)];
}
