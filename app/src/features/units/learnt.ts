import type { SetupDto, UnitDto, UnitFactsDto, VisitDto } from '@huff/contract';
import { sameValue } from '@huff/contract/spine';

/** What a field is called in an offer; null: it is not the unit's to keep. A field that is missing here does not compile. */
type Offered<Fields> = Readonly<Record<keyof Fields, string | null>>;

const FACTS: Offered<Omit<UnitFactsDto, 'setup'>> = {
  tap: 'speed',
  tons: 'tons',
  maxTespInWc: 'plate’s static',
  layout: 'air path',
  motor: 'motor',
  plate: 'nameplate',
  // Begins as the site's climate or the shop's target has it; changed at the unit itself.
  cfmPerTon: null,
};

const SETUP: Offered<SetupDto> = {
  filterWidthIn: 'filter',
  filterHeightIn: 'filter',
  filterCount: 'filter',
  filterMedia: 'filter',
  filterPlace: 'filter',
  moreFilters: 'filter',
  bareGrilleCollarIn: 'filter',
  drive: 'sheaves and belt',
  motorPlate: 'motor plate',
  speeds: 'other speeds',
  riseMinF: 'plate’s rise',
  riseMaxF: 'plate’s rise',
  designCfm: 'design airflow',
  lineVolts: 'line volts',
  effectiveLengthFt: 'length of the ducts',
  equipment: 'equipment',
  stages: 'stages',
  zoning: 'zones or bypass',
  school: 'how it is judged',
  dropSchool: 'how it is judged',
  // How the manufacturer took the table goes with the table.
  tableCoil: null,
  tableVolts: null,
  tableFilter: null,
  tableDryFactor: null,
  // The site's altitude, the last proof and what nobody said are not the unit's to keep.
  altitudeFt: null,
  proven: null,
  unsaid: null,
  // The stage that ran is the visit's.
  stage: null,
};

const offered = <Fields extends object>(names: Offered<Fields>) =>
  (Object.entries(names) as [keyof Fields & string, string | null][]).filter(
    (one): one is [keyof Fields & string, string] => one[1] !== null,
  );

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
  for (const [key, word] of offered(FACTS)) {
    const said = visit[key];
    if (said === null || said === undefined || taken.has(key) || sameValue(said, unit[key])) continue;
    words.add(word);
    next = { ...next, [key]: said };
  }
  for (const [key, word] of offered(SETUP)) {
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
