import { inSentence } from '../../base/words';
import { checkPoint } from '../../call/points';
import type { Check } from '../../call/checks';
import { filterSize, partText, type PartSought } from './partSought';

/** What a unit is known to take. */
export interface UnitParts {
  readonly filters: readonly { readonly count: number; readonly widthIn: number; readonly heightIn: number }[];
  /** Kind and depth of the filter, in words. */
  readonly filterWords?: string;
  /** As on the belt: "A44". */
  readonly belt?: string;
  readonly ratedMicrofarads?: number;
}

/** The part that a bad point asks for. */
const PART_OF_POINT: Readonly<Record<string, (unit: UnitParts) => PartSought>> = {
  upkeepContactor: () => ({ kind: 'contactor' }),
  upkeepCapacitor: ({ ratedMicrofarads: microfarads }) => ({
    kind: 'capacitor',
    ...(microfarads === undefined ? {} : { microfarads }),
  }),
  upkeepBelt: ({ belt: mark }) => (mark === undefined ? { kind: 'other', name: 'belt' } : { kind: 'belt', mark }),
  floatTipped: () => ({ kind: 'other', name: 'float switch' }),
  drainTrap: () => ({ kind: 'other', name: 'trap fittings' }),
  upkeepHeatAmps: () => ({ kind: 'other', name: 'heating element' }),
};

/**
 * The parts that findings ask for, each once; a belt whose mark is known is counted with the unit's own.
 *
 * @param points ids of points that were found bad
 * @example partsWanted(['upkeepContactor'], { filters: [] }) // [{ kind: 'contactor' }]
 */
export function partsWanted(points: readonly string[], unit: UnitParts): readonly PartSought[] {
  const wanted = [...new Set(points)].flatMap((point) => PART_OF_POINT[point]?.(unit) ?? []);
  return wanted.filter(({ kind }) => kind !== 'belt');
}

/**
 * What to bring to a unit, in words: its filters and belt, and the parts that were found wanting last time.
 *
 * @param last what was found at the visit before
 * @example bringList({ filters: [{ count: 2, widthIn: 16, heightIn: 25 }], belt: 'A44' }, []) // ['2 filters 16 × 25 in.', '2 belts A44: one to fit, one to leave']
 */
export function bringList(unit: UnitParts, last: readonly Check[]): readonly string[] {
  const { filters, filterWords, belt } = unit;
  const list = filters.map(
    ({ count, ...size }) =>
      `${count} filter${count === 1 ? '' : 's'} ${filterSize(size)}${filterWords === undefined ? ' in.' : ` in., ${filterWords}`}`,
  );
  if (belt !== undefined) list.push(`2 belts ${belt}: one to install, one to leave`);
  const bad = last.filter(({ point, state }) => checkPoint(point)?.states?.find(({ id }) => id === state)?.finding);
  const wanted = partsWanted(
    bad.map(({ point }) => point),
    unit,
  );
  return [...list, ...wanted.map((part) => inSentence(partText(part)))];
}
