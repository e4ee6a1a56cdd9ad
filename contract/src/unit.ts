import 'reflect-metadata';
import {
  LAYOUT_IDS,
  NEEDED_HOURS,
  MOTOR_KINDS,
  PLATE_FORM,
  plateFaults,
  liftSystem,
  operate,
  STORED_FORM,
  type LayoutId,
  type MotorKind,
  type System,
} from '@huff/core';
import { ArrayMaxSize, IsArray, IsIn, IsOptional, isUUID, Matches, registerDecorator } from 'class-validator';
import { EachNested, Id, isMoment, LineOfText, Moment, Nested, NumberIn, OptionalLine } from './fields';
import { Inputs } from './inputs';
import { LIMITS } from './limits';
import { PortPlaceDto } from './portPlace';
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

  @NumberIn(LIMITS.cfmPerTon, 'Target', 'CFM per ton')
  cfmPerTon!: number;

  @LineOfText(LIMITS.tapLength, 'The tap')
  @IsOptional()
  tap?: string | null;

  @Nested(() => SetupDto, 'The setup must be an object.')
  @IsOptional()
  setup?: SetupDto | null;

  /** What stands on its nameplate beside the maximum static. */
  @Inputs(PLATE_FORM, plateFaults)
  @IsOptional()
  plate?: Record<string, unknown> | null;
}

/** A unit as it was proven: where fan and path met, and the system they are part of. */
export interface ProvenUnit {
  /** In which form its system is written (`STORED_FORM`); absent in the first. */
  readonly form?: number;
  readonly visitId: string;
  readonly at: string;
  readonly flowCfm: number;
  readonly tespInWc: number;
  readonly system: System;
}

const isIn = (figure: unknown, { min, max }: { min: number; max: number }) =>
  typeof figure === 'number' && figure >= min && figure <= max;

/** Whether a proven system can be read back: it must run. */
function isProven(value: unknown): value is ProvenUnit {
  const { form, visitId, at, flowCfm, tespInWc, system } = (value ?? {}) as Partial<ProvenUnit>;
  if (!isUUID(visitId)) return false;
  if (!isMoment(at) || !isIn(flowCfm, LIMITS.flowCfm) || !isIn(tespInWc, LIMITS.staticInWc)) return false;
  if (form !== undefined && (!Number.isInteger(form) || form < 1 || form > STORED_FORM)) return false;
  if (JSON.stringify(value).length > LIMITS.planBytes.max) return false;
  try {
    const found = operate(liftSystem(system as System, form));
    return found.kind === 'crossing' ? Number.isFinite(found.flowCfm) : Number.isFinite(found.edgeFlowCfm);
  } catch {
    return false;
  }
}

function IsProven(): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'isProven',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: { validate: isProven, defaultMessage: () => 'A verified unit stores a system that can be read.' },
    });
}

/** A unit at a site. */
export class UnitDto extends UnitFactsDto {
  @Id('The unit’s id')
  id!: string;

  @Id('The site’s id')
  siteId!: string;

  @LineOfText(LIMITS.nameLength, 'The unit’s name')
  name!: string;

  @Id('The blower table’s id')
  @IsOptional()
  blowerTableId?: string | null;

  /** How it was proven last: its path measured anew after the work. */
  @IsProven()
  @IsOptional()
  proven?: ProvenUnit | null;

  /** Where its holes are. */
  @EachNested(() => PortPlaceDto, 'Each hole has a port and a place.')
  @ArrayMaxSize(LIMITS.portPlaces.max, { message: `A unit has at most ${LIMITS.portPlaces.max} ports.` })
  @IsArray({ message: 'Ports must be a list.' })
  @IsOptional()
  ports?: PortPlaceDto[] | null;

  /** How to get to it: "attic, hatch in the hall closet". */
  @OptionalLine(LIMITS.noteText, 'Where it is')
  location?: string | null;

  @OptionalLine(LIMITS.noteText, 'The notes')
  notes?: string | null;

  /** When the customer needs it, local time: it cannot be shut off then. */
  @Matches(NEEDED_HOURS, { message: 'Type the hours in use as 08:00-17:00.' })
  @IsOptional()
  neededHours?: string | null;

  /** Out of the lists, never deleted. */
  @Moment('The time it was archived')
  @IsOptional()
  archivedAt?: string | null;
}
