import 'reflect-metadata';
import { PORT_IDS, type Conditions, type PortId } from '@huff/core';
import { IsIn, IsOptional } from 'class-validator';
import { Id, Moment, Nested, NumberIn, OptionalLine } from './fields';
import { LIMITS } from './limits';
import { RunConditionsDto } from './runConditions';

export class ConditionsDto extends RunConditionsDto implements Conditions {
  @IsIn(['on', 'off'], { message: 'The door is on or off.' })
  door!: 'on' | 'off';

  @IsIn(['in', 'out'], { message: 'The filter is in or out.' })
  filter!: 'in' | 'out';

  @IsIn(['wet', 'dry'], { message: 'The coil is wet or dry.' })
  coil!: 'wet' | 'dry';

  @NumberIn(LIMITS.minutesRunning, 'Minutes running')
  @IsOptional()
  minutesRunning?: number;

  @NumberIn(LIMITS.volts, 'Line volts', 'V')
  @IsOptional()
  lineVolts?: number;
}

/** A fact read off an instrument. Never changed: a correction is a new reading that names the old one. */
export class ReadingDto {
  @Id('The reading’s id')
  id!: string;

  @IsIn(['staticPressure'], { message: 'The quantity must be staticPressure.' })
  quantity!: 'staticPressure';

  @IsIn(PORT_IDS, { message: `The port must be one of ${PORT_IDS.join(', ')}.` })
  port!: PortId;

  /** in. w.c., signed: suction below 0 */
  @NumberIn(LIMITS.staticInWc, 'Static', 'in. w.c.')
  value!: number;

  @IsIn(['inWc'], { message: 'The unit must be inWc.' })
  unit!: 'inWc';

  @IsIn(['typed', 'probe'], { message: 'The origin must be typed or probe.' })
  origin!: 'typed' | 'probe';

  /** As it was typed, where that was in another unit: "77 Pa". */
  @OptionalLine(LIMITS.tapLength, 'What was typed')
  typedAs?: string | null;

  @Nested(() => ConditionsDto, 'Conditions must say door, filter and coil.')
  conditions!: ConditionsDto;

  @Moment('The time of the reading')
  takenAt!: string;

  @Id('The corrected reading’s id')
  @IsOptional()
  replacesId?: string | null;

  /** Told by the server, never taken from a client: what to add to the time, where the phone’s clock was off. */
  clockOffsetMs?: number;
}
