import 'reflect-metadata';
import { LineOfText } from './fields';
import { LIMITS } from './limits';

/** What erases a customer: the name of the site, typed by the person who is sure. */
export class EraseRequestDto {
  @LineOfText(LIMITS.nameLength, 'The name of the site')
  name!: string;
}

/** What was erased with a site, counted. */
export interface ErasedCounts {
  readonly units: number;
  readonly visits: number;
  readonly photos: number;
}
