import { partText, type PartSought, type UnitParts } from '../stock';

/** What one unit of a site takes. */
export interface RoofUnitParts {
  readonly name: string;
  readonly parts: UnitParts;
  /** Its belt was found worn or off: it is fitted now, beside the spare. */
  readonly beltDue: boolean;
  /** Its filter was found loaded, or is due. */
  readonly filterDue: boolean;
  /** What else its findings ask for. */
  readonly wanted?: readonly PartSought[];
}

/** One line of what is taken up to a roof. */
export interface TakeUp {
  readonly sought: PartSought;
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
 * What is taken up to a roof: belts to fit and spares by mark, filters by size, each with the units it is for, and what findings ask for.
 *
 * @param units those of the site
 */
export function takeUp(units: readonly RoofUnitParts[]): readonly TakeUp[] {
  const belts = new Map<string, RoofUnitParts[]>();
  const byPart = new Map<string, { sought: PartSought; count: number; names: string[] }>();
  const add = (sought: PartSought, count: number, name: string) => {
    const known = byPart.get(partText(sought));
    byPart.set(partText(sought), {
      sought,
      count: (known?.count ?? 0) + count,
      names: [...(known?.names ?? []), name],
    });
  };
  for (const { name, parts, filterDue } of units) {
    if (!filterDue) continue;
    for (const { count, ...frame } of parts.filters)
      add({ kind: 'filter', ...frame, ...(parts.filterWords ? { words: parts.filterWords } : {}) }, count, name);
  }
  for (const unit of units) {
    const { belt } = unit.parts;
    if (belt !== undefined) belts.set(belt, [...(belts.get(belt) ?? []), unit]);
    for (const sought of unit.wanted ?? []) add(sought, 1, unit.name);
  }
  return [
    ...[...belts].map(([mark, like]): TakeUp => {
      const fitted = like.filter(({ beltDue }) => beltDue).length;
      const spares = sparesFor(like.length);
      const words = [fitted > 0 && `${fitted} fitted`, `${spares} spare${spares === 1 ? '' : 's'}`].filter(Boolean);
      const sought = { kind: 'belt', mark } as const;
      return { sought, part: partText(sought), why: words.join(' + '), count: fitted + spares };
    }),
    ...[...byPart].map(([part, { sought, count, names }]): TakeUp => ({ sought, part, why: names.join(', '), count })),
  ];
}
