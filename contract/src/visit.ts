import 'reflect-metadata';
import { ArrayMaxSize, IsArray, IsIn, IsOptional } from 'class-validator';
import { TableFiguresDto } from './blowerTable';
import { FactDto } from './fact';
import { EachNested, Id, LineOfText, Moment, Nested } from './fields';
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

/** What is said of a visit beside what was read: the unit as it was found. */
export class VisitHeadDto extends UnitFactsDto {
  @Id('The visit’s id')
  id!: string;

  @LineOfText(LIMITS.titleLength, 'The title')
  title!: string;

  @Id('The unit’s id')
  @IsOptional()
  unitId?: string | null;

  @IsIn(['cooling', 'heating'], { message: 'The mode must be cooling or heating.' })
  mode!: 'cooling' | 'heating';

  @Nested(() => VisitTableDto, 'The table must have its id, name, statics and taps.')
  @IsOptional()
  table?: VisitTableDto | null;

  @Moment('The start')
  startedAt!: string;
}

/** A visit whole: the unit as it was found, and everything read and recorded. */
export class VisitDto extends VisitHeadDto {
  @EachNested(() => ReadingDto, 'Each reading must be complete.')
  @ArrayMaxSize(LIMITS.readingsPerVisit.max, {
    message: `A visit takes at most ${LIMITS.readingsPerVisit.max} readings.`,
  })
  @IsArray({ message: 'Readings must be a list.' })
  readings!: ReadingDto[];

  /** What was recorded beside statics. */
  @EachNested(() => FactDto, 'Each fact must be complete.')
  @ArrayMaxSize(LIMITS.factsPerVisit.max, { message: `A visit takes at most ${LIMITS.factsPerVisit.max} facts.` })
  @IsArray({ message: 'Facts must be a list.' })
  @IsOptional()
  facts?: FactDto[];
}
