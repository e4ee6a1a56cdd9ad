import 'reflect-metadata';
import { beltDriveOf, motorPlateOf, speedsOf, type Rules, type UnitFacts, type VisitFacts } from '@huff/core';
import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsIn, IsOptional, ValidateNested } from 'class-validator';
import { TableFiguresDto } from './blowerTable';
import { FactDto } from './fact';
import { Id, LineOfText, Moment } from './fields';
import { LIMITS } from './limits';
import { pressureReading, ReadingDto } from './reading';
import { UnitFactsDto } from './unit';

/** The table a visit was computed from, kept with it. */
export class VisitTableDto extends TableFiguresDto {
  @Id('The table’s id')
  id!: string;

  @LineOfText(LIMITS.nameLength, 'The table’s name')
  name!: string;
}

/** A visit as it is sent and stored: the unit as it was found, and every reading taken. */
export class VisitDto extends UnitFactsDto {
  @Id('The visit’s id')
  id!: string;

  @LineOfText(LIMITS.nameLength, 'The title')
  title!: string;

  @Id('The unit’s id')
  @IsOptional()
  unitId?: string | null;

  @IsIn(['cooling', 'heating'], { message: 'The mode must be cooling or heating.' })
  mode!: 'cooling' | 'heating';

  @ValidateNested({ message: 'The table must have its id, name, statics and taps.' })
  @Type(() => VisitTableDto)
  @IsOptional()
  table?: VisitTableDto | null;

  @Moment('The start')
  startedAt!: string;

  /** When the client saved it: of two versions the later one stays. */
  @Moment('The time it was saved')
  savedAt!: string;

  @ValidateNested({ each: true, message: 'Each reading must be complete.' })
  @Type(() => ReadingDto)
  @ArrayMaxSize(LIMITS.readingsPerVisit.max, {
    message: `A visit takes at most ${LIMITS.readingsPerVisit.max} readings.`,
  })
  @IsArray({ message: 'Readings must be a list.' })
  readings!: ReadingDto[];

  /** What was recorded beside statics. */
  @ValidateNested({ each: true, message: 'Each fact must be complete.' })
  @Type(() => FactDto)
  @ArrayMaxSize(LIMITS.factsPerVisit.max, { message: `A visit takes at most ${LIMITS.factsPerVisit.max} facts.` })
  @IsArray({ message: 'Facts must be a list.' })
  @IsOptional()
  facts?: FactDto[];
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
  const own = visit.cfmPerTon !== shop.cfmPerTon;
  return {
    ...shop,
    sources: { ...shop.sources, ...(own ? { cfmPerTon: 'typed' as const } : {}) },
    cfmPerTon: visit.cfmPerTon,
    school: visit.setup?.school ?? shop.school,
    dropSchool: visit.setup?.dropSchool ?? shop.dropSchool,
  };
}

/** A visit as core assesses it. */
export function visitFacts(visit: VisitDto): VisitFacts<ReturnType<typeof pressureReading>> {
  const { setup } = visit;
  const rise = setup?.riseMinF && setup.riseMaxF ? { min: setup.riseMinF, max: setup.riseMaxF } : undefined;
  return {
    unit: unitFacts(visit),
    mode: visit.mode,
    readings: visit.readings.map(pressureReading),
    facts: visit.facts ?? [],
    altitudeFt: setup?.altitudeFt ?? undefined,
    lineVolts: setup?.lineVolts ?? undefined,
    table: { coil: setup?.tableCoil ?? undefined, volts: setup?.tableVolts ?? undefined },
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
            patchDiameterIn: setup.bareGrilleCollarIn ?? undefined,
            media: setup.filterMedia ?? undefined,
          }
        : undefined,
  };
}
