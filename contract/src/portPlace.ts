import 'reflect-metadata';
import { PORT_IDS, type PortId } from '@huff/core';
import { IsIn } from 'class-validator';
import { LineOfText } from './fields';
import { LIMITS } from './limits';

/** Where a hole is on this unit, so that the next visit reads at the same one. */
export class PortPlaceDto {
  @IsIn(PORT_IDS, { message: `A port is one of ${PORT_IDS.join(', ')}.` })
  port!: PortId;

  @LineOfText(LIMITS.noteLine, 'Where the hole is')
  where!: string;
}
