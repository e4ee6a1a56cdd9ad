import 'reflect-metadata';
import { IsOptional } from 'class-validator';
import { Id, LineOfText, NumberIn } from './fields';
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
}
