import type { UnitDto, VisitDto } from '@huff/contract';
import { sameValue, SETUP_FIELDS, UNIT_FACTS, type Field } from '@huff/contract/spine';

/** Fields that a visit offers to its unit, each with what it is called in the offer. */
const offered = <Name extends string>(fields: Readonly<Record<Name, Field>>): readonly (readonly [Name, string])[] =>
  (Object.entries(fields) as [Name, Field][]).flatMap(([name, { kept }]) => (kept ? [[name, kept] as const] : []));

const [OFFERED_FACTS, OFFERED_SETUP] = [offered(UNIT_FACTS), offered(SETUP_FIELDS)];

export interface Learnt {
  /** "filter", "speed". */
  readonly words: readonly string[];
  /** The unit with it. */
  readonly unit: UnitDto;
}

/**
 * What a visit says of its unit that the unit's record does not: to be kept there, once somebody agrees. What the visit does not say takes
 * nothing away.
 */
export function learntAt(visit: VisitDto, unit: UnitDto): Learnt | undefined {
  const words = new Set<string>();
  let next: UnitDto = unit;
  const taken = new Set<string>(visit.setup?.unsaid ?? []);
  for (const [key, word] of OFFERED_FACTS) {
    const said = visit[key];
    if (said === null || said === undefined || taken.has(key) || sameValue(said, unit[key])) continue;
    words.add(word);
    next = { ...next, [key]: said };
  }
  for (const [key, word] of OFFERED_SETUP) {
    const said = visit.setup?.[key];
    if (said === null || said === undefined || sameValue(said, unit.setup?.[key])) continue;
    words.add(word);
    next = { ...next, setup: { ...next.setup, [key]: said } };
  }
  if (visit.table && visit.table.id !== unit.blowerTableId) {
    words.add('blower table');
    next = { ...next, blowerTableId: visit.table.id };
  }
  return words.size > 0 ? { words: [...words], unit: next } : undefined;
}

/** A unit as a visit found it. @param at where it stands, and what it is called there */
export function unitFrom(
  visit: VisitDto,
  at: { readonly id: string; readonly siteId: string; readonly name: string },
): UnitDto {
  const { layout, motor, tons, maxTespInWc, cfmPerTon, tap, plate, table } = visit;
  // The site's altitude and the last proof are not the unit's to keep.
  const setup = { ...visit.setup, altitudeFt: null, proven: null };
  return {
    ...at,
    layout,
    motor,
    tons: tons ?? null,
    maxTespInWc: maxTespInWc ?? null,
    cfmPerTon,
    tap: tap ?? null,
    setup,
    plate: plate ?? null,
    blowerTableId: table?.id ?? null,
  };
}
