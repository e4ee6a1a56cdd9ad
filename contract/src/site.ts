import 'reflect-metadata';
import { IsIn, IsOptional, Matches } from 'class-validator';
import { CLIMATES, MAIL_ADDRESS, type Climate } from '@huff/core';
import { Id, LineOfText, Moment, NumberIn, OptionalLine } from './fields';
import { LIMITS } from './limits';

/** A place with units. Its altitude thins the air of every one of them. */
export class SiteDto {
  @Id('The site’s id')
  id!: string;

  @LineOfText(LIMITS.nameLength, 'The site')
  name!: string;

  @NumberIn(LIMITS.altitudeFt, 'Altitude', 'ft')
  @IsOptional()
  altitudeFt?: number | null;

  /** Decides the target of its units, CFM per ton. */
  @IsIn(CLIMATES, { message: 'The climate is usual, humid or dry.' })
  @IsOptional()
  climate?: Climate | null;

  @OptionalLine(LIMITS.noteLine, 'The address')
  address?: string | null;

  /** Keys, gates, dogs, ladders. */
  @OptionalLine(LIMITS.noteText, 'The access notes')
  accessNotes?: string | null;

  @OptionalLine(LIMITS.nameLength, 'The contact')
  contact?: string | null;

  @OptionalLine(LIMITS.plateText, 'The phone number')
  phone?: string | null;

  /** Where reports and reminders would go. */
  @Matches(MAIL_ADDRESS, { message: 'Enter the email address as name@place.example.' })
  @OptionalLine(LIMITS.noteLine, 'The email address')
  email?: string | null;

  /** Out of the lists, never deleted. */
  @Moment('The time it was archived')
  @IsOptional()
  archivedAt?: string | null;
}
