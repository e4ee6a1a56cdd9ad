import 'reflect-metadata';
import { MOTOR_KINDS, tableFaults, type BlowerTable, type MotorKind } from '@huff/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsOptional,
  registerDecorator,
  ValidateNested,
  type ValidationArguments,
} from 'class-validator';
import { Id, LineOfText, Moment, NumberIn } from './fields';
import { between, LIMITS } from './limits';

/** Each cell is a flow in range or null (blank: not allowed by the maker). */
function IsFlowRow(): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'isFlowRow',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: {
        validate: (row: unknown) =>
          Array.isArray(row) &&
          row.every(
            (cell: unknown) =>
              cell === null || (typeof cell === 'number' && cell >= LIMITS.flowCfm.min && cell <= LIMITS.flowCfm.max),
          ),
        defaultMessage: () => `Each cell must be a CFM ${between(LIMITS.flowCfm)}, or null where the maker gives none.`,
      },
    });
}

/** The whole table can be read safely, as core judges it. */
function IsSoundTable(): PropertyDecorator {
  const faultOf = (args?: ValidationArguments) => {
    const { staticsInWc, taps } = (args?.object ?? {}) as Partial<BlowerTable>;
    const shaped =
      Array.isArray(staticsInWc) &&
      Array.isArray(taps) &&
      (taps as Partial<BlowerTable['taps'][number]>[]).every((row) => Array.isArray(row?.flowsCfm));
    return shaped ? tableFaults({ staticsInWc, taps })[0] : undefined;
  };
  return (target, propertyName) =>
    registerDecorator({
      name: 'isSoundTable',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: {
        validate: (_: unknown, args) => faultOf(args) === undefined,
        defaultMessage: (args) => faultOf(args)?.message ?? '',
      },
    });
}

export class TapRowDto {
  @LineOfText(LIMITS.tapLength, 'The tap')
  tap!: string;

  @IsFlowRow()
  flowsCfm!: (number | null)[];
}

/** The maker's figures alone: what a visit keeps a copy of, so that it stays readable when the table is changed. */
export class TableFiguresDto implements BlowerTable {
  @NumberInEach()
  @ArrayMaxSize(LIMITS.tableStatics.max, { message: `A table takes at most ${LIMITS.tableStatics.max} statics.` })
  @ArrayMinSize(LIMITS.tableStatics.min, { message: `A table needs at least ${LIMITS.tableStatics.min} statics.` })
  @IsArray({ message: 'Statics must be a list of numbers.' })
  staticsInWc!: number[];

  @IsSoundTable()
  @ValidateNested({ each: true, message: 'Each tap must have a name and its row of flows.' })
  @Type(() => TapRowDto)
  @ArrayMaxSize(LIMITS.tableTaps.max, { message: `A table takes at most ${LIMITS.tableTaps.max} taps.` })
  @ArrayMinSize(LIMITS.tableTaps.min, { message: 'A table needs at least one tap.' })
  @IsArray({ message: 'Taps must be a list of rows.' })
  taps!: TapRowDto[];
}

function NumberInEach(): PropertyDecorator {
  const { min, max } = LIMITS.tableStaticInWc;
  return (target, propertyName) =>
    registerDecorator({
      name: 'numberInEach',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: {
        validate: (list: unknown) =>
          Array.isArray(list) && list.every((p: unknown) => typeof p === 'number' && p >= min && p <= max),
        defaultMessage: () => `Each static must be a number ${between({ min, max })} in. w.c.`,
      },
    });
}

/** A maker's blower table in the shop's list. */
export class BlowerTableDto extends TableFiguresDto {
  @Id('The table’s id')
  id!: string;

  @LineOfText(LIMITS.nameLength, 'The name')
  name!: string;

  @IsIn(MOTOR_KINDS, { message: 'Choose the motor: psc, constantTorque, constantAirflow or beltDrive.' })
  motor!: MotorKind;

  @NumberIn(LIMITS.tons, 'Tons')
  @IsOptional()
  tons?: number | null;

  @Moment('The time it was saved')
  savedAt!: string;
}
