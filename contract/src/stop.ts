import 'reflect-metadata';
import { isDay } from '@huff/core';
import { IsInt, IsOptional, ValidateBy } from 'class-validator';
import { Id, LineOfText, Moment, NumberIn, OptionalLine } from './fields';
import { LIMITS } from './limits';

/** A day of the calendar, as 2026-12-08. */
export const Day = (what: string) =>
  ValidateBy({
    name: 'day',
    validator: {
      validate: (value: unknown) => typeof value === 'string' && isDay(value),
      defaultMessage: () => `${what} must be a day of the calendar, as 2026-12-08.`,
    },
  });

/** A visit that is planned: a stop of somebody's day. */
export class StopDto {
  @Id('The stop’s id')
  id!: string;

  @Day('The day')
  day!: string;

  /** Its place among the stops of the day: the lowest first. */
  @IsInt({ message: 'The place in the day is whole.' })
  @NumberIn(LIMITS.placeInDay, 'The place in the day')
  place!: number;

  /** Whose day; absent while nobody has it. */
  @OptionalLine(LIMITS.nameLength, 'The person')
  person?: string | null;

  @Id('The site’s id')
  siteId!: string;

  /** Absent: the site as a whole. */
  @Id('The unit’s id')
  @IsOptional()
  unitId?: string | null;

  /** What for: "Filter", "No cooling upstairs". */
  @LineOfText(LIMITS.noteLine, 'What for')
  why!: string;

  /** When it was done; absent while it is ahead. */
  @Moment('The time it was done')
  @IsOptional()
  doneAt?: string | null;

  /** Taken off the plan, never deleted. */
  @Moment('The time of removal')
  @IsOptional()
  archivedAt?: string | null;
}
