import 'reflect-metadata';
import type { Rules, UnitFacts } from '@huff/core';
import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsIn, IsOptional, ValidateNested } from 'class-validator';
import { TableFiguresDto } from './blowerTable';
import { Id, LineOfText, Moment } from './fields';
import { LIMITS } from './limits';
import { ReadingDto } from './reading';
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
  };
}

/** The shop's rules with the target this visit was judged by. */
export function visitRules(visit: VisitDto, shop: Rules): Rules {
  return { ...shop, cfmPerTon: visit.cfmPerTon };
}
