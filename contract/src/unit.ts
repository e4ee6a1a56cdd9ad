import 'reflect-metadata';
import { LAYOUT_IDS, MOTOR_KINDS, type LayoutId, type MotorKind } from '@huff/core';
import { Type } from 'class-transformer';
import { IsIn, IsOptional, ValidateNested } from 'class-validator';
import { Id, LineOfText, Moment, NumberIn } from './fields';
import { LIMITS } from './limits';
import { SetupDto } from './setup';

/** What is known of a unit, wherever it is written down. Absent facts are null: never guessed. */
export class UnitFactsDto {
  @IsIn(LAYOUT_IDS, { message: 'Choose the air path: airHandler, furnaceCasedCoil, packaged or makeUpAir.' })
  layout!: LayoutId;

  @IsIn(MOTOR_KINDS, { message: 'Choose the motor: psc, constantTorque, constantAirflow or beltDrive.' })
  motor!: MotorKind;

  @NumberIn(LIMITS.tons, 'Tons')
  @IsOptional()
  tons?: number | null;

  @NumberIn(LIMITS.maxTespInWc, 'Nameplate static', 'in. w.c.')
  @IsOptional()
  maxTespInWc?: number | null;

  @NumberIn(LIMITS.cfmPerTon, 'Target', 'CFM a ton')
  cfmPerTon!: number;

  @LineOfText(LIMITS.tapLength, 'The tap')
  @IsOptional()
  tap?: string | null;

  @ValidateNested({ message: 'The setup must be an object.' })
  @Type(() => SetupDto)
  @IsOptional()
  setup?: SetupDto | null;
}

/** A unit at a site. */
export class UnitDto extends UnitFactsDto {
  @Id('The unit’s id')
  id!: string;

  @LineOfText(LIMITS.nameLength, 'The site')
  siteName!: string;

  @LineOfText(LIMITS.nameLength, 'The unit’s name')
  name!: string;

  @Id('The blower table’s id')
  @IsOptional()
  blowerTableId?: string | null;

  @Moment('The time it was saved')
  savedAt!: string;
}
