import { filterSize, type UnitParts } from '../upkeep';

/** What one unit of a site takes. */
export interface RoofUnitParts {
  readonly name: string;
  readonly parts: UnitParts;
  /** Its belt was found worn or off: it is fitted now, beside the spare. */
  readonly beltDue: boolean;
  /** Its filter was found loaded, or is due. */
  readonly filterDue: boolean;
}

/** One line of what is taken up to a roof. */
export interface TakeUp {
  readonly part: string;
  /** "1 fitted + 1 spare", "Roof 1, Roof 3" */
  readonly why: string;
  readonly count: number;
}

/**
 * Spare belts for like units: about two for three, never none.
 *
 * @example sparesFor(3) // 2
 */
export const sparesFor = (units: number): number => (units === 0 ? 0 : Math.max(1, Math.round((2 * units) / 3)));

/**
 * What is taken up to a roof: belts to fit and spares by mark, filters by size, each with the units it is for.
 *
 * @param units those of the site
 */
export function takeUp(units: readonly RoofUnitParts[]): readonly TakeUp[] {
  const belts = new Map<string, RoofUnitParts[]>();
  const filters = new Map<string, { count: number; names: string[] }>();
  for (const unit of units) {
    const { belt, filters: sizes, filterWords } = unit.parts;
    if (belt !== undefined) belts.set(belt, [...(belts.get(belt) ?? []), unit]);
    if (!unit.filterDue) continue;
    for (const { count, ...frame } of sizes) {
      const size = [filterSize(frame), filterWords].filter(Boolean).join(', ');
      const known = filters.get(size) ?? { count: 0, names: [] };
      filters.set(size, { count: known.count + count, names: [...known.names, unit.name] });
    }
  }
  return [
    ...[...belts].map(([mark, like]): TakeUp => {
      const fitted = like.filter(({ beltDue }) => beltDue).length;
      const spares = sparesFor(like.length);
      const words = [fitted > 0 && `${fitted} fitted`, `${spares} spare${spares === 1 ? '' : 's'}`].filter(Boolean);
      return { part: `Belt ${mark}`, why: words.join(' + '), count: fitted + spares };
    }),
    ...[...filters].map(([size, { count, names }]): TakeUp => ({
      part: `Filter ${size}`,
      why: names.join(', '),
      count,
    })),
  ];
}
