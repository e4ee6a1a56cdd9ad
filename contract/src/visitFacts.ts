import {
  beltDriveOf,
  motorPlateOf,
  speedsOf,
  targetPerTonSource,
  type EquipmentFacts,
  type PressureReading,
  type Rules,
  type UnitFacts,
  type VisitFacts,
} from '@huff/core';
import type { ReadingDto } from './reading';
import type { VisitDto } from './visit';

/** A static reading as core takes it. */
export function pressureReading(reading: ReadingDto): PressureReading & { origin: 'typed' | 'probe' } {
  return {
    id: reading.id,
    port: reading.port,
    staticInWc: reading.value,
    conditions: reading.conditions,
    replacesId: reading.replacesId,
    takenAt: reading.takenAt,
    clockOffsetMs: reading.clockOffsetMs,
    origin: reading.origin,
  };
}

/** A visit's unit as core takes it. */
export function unitFacts(visit: VisitDto): UnitFacts {
  return {
    layout: visit.layout,
    motor: visit.motor,
    tons: visit.tons ?? undefined,
    maxTespInWc: visit.maxTespInWc ?? undefined,
    table: visit.table ?? undefined,
    tap: visit.tap ?? undefined,
    filterPlace: visit.setup?.filterPlace ?? undefined,
    designCfm: visit.setup?.designCfm ?? undefined,
  };
}

/** The shop's rules with the target and the schools this visit was judged by, and where its target comes from. */
export function visitRules(visit: VisitDto, shop: Rules): Rules {
  return {
    ...shop,
    sources: { ...shop.sources, cfmPerTon: targetPerTonSource(shop, visit.cfmPerTon) },
    cfmPerTon: visit.cfmPerTon,
    school: visit.setup?.school ?? shop.school,
    dropSchool: visit.setup?.dropSchool ?? shop.dropSchool,
  };
}

/** What is known of the equipment behind the air path. */
export const equipmentOfVisit = ({ setup }: VisitDto): EquipmentFacts => ({
  kind: setup?.equipment ?? undefined,
  stages: setup?.stages ?? undefined,
  zoning: setup?.zoning ?? undefined,
});

/** A visit as core assesses it. */
export function visitFacts(visit: VisitDto): VisitFacts<ReturnType<typeof pressureReading>> {
  const { setup } = visit;
  const rise = setup?.riseMinF && setup.riseMaxF ? { min: setup.riseMinF, max: setup.riseMaxF } : undefined;
  return {
    unit: unitFacts(visit),
    mode: visit.mode,
    stage: setup?.stage ?? undefined,
    equipment: equipmentOfVisit(visit),
    readings: visit.readings.map(pressureReading),
    facts: visit.facts ?? [],
    altitudeFt: setup?.altitudeFt ?? undefined,
    lineVolts: setup?.lineVolts ?? undefined,
    table: {
      coil: setup?.tableCoil ?? undefined,
      volts: setup?.tableVolts ?? undefined,
      filter: setup?.tableFilter ?? undefined,
      dryFactor: setup?.tableDryFactor ?? undefined,
    },
    rise,
    ...(setup?.speeds ? speedsOf(setup.speeds, rise) : {}),
    motorPlate: setup?.motorPlate ? motorPlateOf(setup.motorPlate) : undefined,
    drive: setup?.drive ? beltDriveOf(setup.drive) : undefined,
    effectiveLengthFt: setup?.effectiveLengthFt ?? undefined,
    proven: setup?.proven ?? undefined,
    filters:
      setup?.filterWidthIn && setup.filterHeightIn
        ? {
            count: setup.filterCount ?? 1,
            widthIn: setup.filterWidthIn,
            heightIn: setup.filterHeightIn,
            collarIn: setup.bareGrilleCollarIn ?? undefined,
            media: setup.filterMedia ?? undefined,
            ...(setup.moreFilters?.length ? { more: setup.moreFilters } : {}),
          }
        : undefined,
  };
}
