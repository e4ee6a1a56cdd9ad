import 'reflect-metadata';
import {
  ended,
  MOTOR_KINDS,
  staticText,
  staticWords,
  tableFaults,
  type BlowerTable,
  type MotorKind,
  type RpmFigures,
} from '@huff/core';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsOptional,
  registerDecorator,
  type ValidationArguments,
} from 'class-validator';
import { EachNested, Id, LineOfText, Moment, Nested, NumberIn } from './fields';
import { between, LIMITS } from './limits';

/** Each cell is a flow in range or null (blank: not allowed by the manufacturer). */
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
        defaultMessage: () =>
          `Each cell must be a CFM ${between(LIMITS.flowCfm)}, or null where the manufacturer gives none.`,
      },
    });
}

/** The whole table can be read safely, as core judges it. */
function IsSoundTable(): PropertyDecorator {
  const faultOf = (args?: ValidationArguments) => {
    const { staticsInWc, taps, byRpm } = (args?.object ?? {}) as Partial<BlowerTable>;
    const shaped =
      Array.isArray(staticsInWc) &&
      Array.isArray(taps) &&
      (taps as Partial<BlowerTable['taps'][number]>[]).every((row) => Array.isArray(row?.flowsCfm));
    const isGrid = (rows: unknown) => Array.isArray(rows) && rows.every((row) => Array.isArray(row));
    const rpmShaped = !byRpm || (Array.isArray(byRpm.flowsCfm) && isGrid(byRpm.rpm) && isGrid(byRpm.bhp));
    return shaped && rpmShaped ? tableFaults({ staticsInWc, taps, byRpm })[0] : undefined;
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

const isCell = (cell: unknown, { min, max }: { min: number; max: number }) =>
  cell === null || (typeof cell === 'number' && cell >= min && cell <= max);

/** A row of numbers in a range, or blanks. */
function IsRowOf(range: { min: number; max: number }, what: string): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'isRowOf',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: {
        validate: (row: unknown) => Array.isArray(row) && row.every((cell: unknown) => isCell(cell, range)),
        defaultMessage: () => `Each cell must be ${what} ${between(range)}, or null where the manufacturer gives none.`,
      },
    });
}

/** Rows of such cells. */
function IsGridOf(range: { min: number; max: number }, what: string): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'isGridOf',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: {
        validate: (rows: unknown) =>
          Array.isArray(rows) &&
          rows.length <= LIMITS.tableTaps.max &&
          rows.every((row: unknown) => Array.isArray(row) && row.every((cell: unknown) => isCell(cell, range))),
        defaultMessage: () => `Each cell must be ${what} ${between(range)}, or null where the manufacturer gives none.`,
      },
    });
}

/** A belt-driven unit's RPM and brake horsepower by airflow and static. */
export class RpmFiguresDto implements RpmFigures {
  @IsRowOf(LIMITS.flowCfm, 'a CFM')
  flowsCfm!: number[];

  @IsGridOf(LIMITS.rpm, 'an RPM')
  rpm!: (number | null)[][];

  @IsGridOf(LIMITS.bhp, 'a brake horsepower')
  bhp!: (number | null)[][];
}

export class TapRowDto {
  @LineOfText(LIMITS.tapLength, 'The tap')
  tap!: string;

  @IsFlowRow()
  flowsCfm!: (number | null)[];

  @IsRowOf(LIMITS.watts, 'a W')
  @IsOptional()
  watts?: (number | null)[] | null;
}

/** The manufacturer's figures alone: what a visit keeps a copy of, so that it stays readable when the table is changed. */
export class TableFiguresDto implements BlowerTable {
  @NumberInEach()
  @ArrayMaxSize(LIMITS.tableStatics.max, { message: `A table takes at most ${LIMITS.tableStatics.max} statics.` })
  @ArrayMinSize(LIMITS.tableStatics.min, { message: `A table needs at least ${LIMITS.tableStatics.min} statics.` })
  @IsArray({ message: 'Statics must be a list of numbers.' })
  staticsInWc!: number[];

  @IsSoundTable()
  @EachNested(() => TapRowDto, 'Each tap must have a name and its row of flows.')
  @ArrayMaxSize(LIMITS.tableTaps.max, { message: `A table takes at most ${LIMITS.tableTaps.max} taps.` })
  @ArrayMinSize(LIMITS.tableTaps.min, { message: 'A table needs at least one tap.' })
  @IsArray({ message: 'Taps must be a list of rows.' })
  taps!: TapRowDto[];

  /** For a belt drive, the manufacturer's RPM and BHP; `taps` then holds rows at round RPMs. */
  @Nested(() => RpmFiguresDto, 'A table by RPM has airflows, RPM and BHP.')
  @IsOptional()
  byRpm?: RpmFiguresDto | null;

  /** Only a part of the blower table was typed. */
  @IsBoolean({ message: 'Part must be true or false.' })
  @IsOptional()
  part?: boolean | null;
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
        defaultMessage: () => `Each static must be a number between ${staticText(min)} and ${ended(staticWords(max))}`,
      },
    });
}

/** What the manufacturer's figures were taken with, and how he corrects them. */
export class TableConditionsDto {
  @IsIn(['wet', 'dry'], { message: 'The table’s coil is wet or dry.' })
  @IsOptional()
  coil?: 'wet' | 'dry' | null;

  @NumberIn(LIMITS.volts, 'The table’s volts', 'V')
  @IsOptional()
  volts?: number | null;

  @IsIn(['in', 'out'], { message: 'The table’s filter is in or out.' })
  @IsOptional()
  filter?: 'in' | 'out' | null;

  /** What the manufacturer multiplies the airflow by on a dry coil. */
  @NumberIn(LIMITS.correctionFactor, 'The factor for a dry coil')
  @IsOptional()
  dryFactor?: number | null;
}

/** A manufacturer's blower table in the shop's list. */
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

  @Nested(() => TableConditionsDto, 'The conditions must be an object.')
  @IsOptional()
  conditions?: TableConditionsDto | null;

  /** Out of the lists, never deleted. */
  @Moment('The time it was archived')
  @IsOptional()
  archivedAt?: string | null;
}
