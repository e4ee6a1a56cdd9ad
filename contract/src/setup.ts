import 'reflect-metadata';
import {
  BELT_DRIVE_FORM,
  EQUIPMENT_IDS,
  beltDriveFaults,
  FILTER_MEDIA_IDS,
  FILTER_PLACES,
  inputFaults,
  MOTOR_PLATE_FORM,
  SPEEDS_FORM,
  type EquipmentId,
  type FilterMediaId,
  type FilterPlace,
} from '@huff/core';
import { ArrayMaxSize, IsArray, IsIn, IsInt, IsOptional } from 'class-validator';
import { EachNested, LineOfText, Nested, NumberIn } from './fields';
import { Inputs } from './inputs';
import { LIMITS } from './limits';
import { Suits } from './suits';

/** A point of the unit's own curve, proven after work. */
export class ProvenPointDto {
  @NumberIn(LIMITS.flowCfm, 'Verified airflow', 'CFM')
  flowCfm!: number;

  @NumberIn(LIMITS.maxTespInWc, 'Verified static', 'in. w.c.')
  tespInWc!: number;

  @LineOfText(LIMITS.tapLength, 'The tap')
  tap!: string;
}

/** Filters of one size, side by side. */
export class FilterSetDto {
  @IsInt({ message: 'Filters are counted in whole numbers.' })
  @NumberIn(LIMITS.filterCount, 'Filters')
  count!: number;

  @NumberIn(LIMITS.filterSideIn, 'Filter width', 'in.')
  widthIn!: number;

  @NumberIn(LIMITS.filterSideIn, 'Filter height', 'in.')
  heightIn!: number;
}

/** What of a unit is only taken until somebody says it. */
export const UNSAID = ['layout', 'motor'] as const;
export type Unsaid = (typeof UNSAID)[number];

/** What measuring the whole air path needs to know beyond table, tap and tons. All of it may be unknown. */
export class SetupDto {
  @IsIn(FILTER_PLACES, { message: 'The filters are atUnit, atGrilles or both.' })
  @IsOptional()
  filterPlace?: FilterPlace | null;

  @IsInt({ message: 'Filters are counted in whole numbers.' })
  @NumberIn(LIMITS.filterCount, 'Filters')
  @IsOptional()
  filterCount?: number | null;

  @NumberIn(LIMITS.filterSideIn, 'Filter width', 'in.')
  @IsOptional()
  filterWidthIn?: number | null;

  @NumberIn(LIMITS.filterSideIn, 'Filter height', 'in.')
  @IsOptional()
  filterHeightIn?: number | null;

  /** Further sizes beside the first: odd cut-downs, a second bank. */
  @EachNested(() => FilterSetDto, 'Each set of filters has a count, a width and a height.')
  @ArrayMaxSize(LIMITS.filterSets.max, { message: `At most ${LIMITS.filterSets.max} sizes of filters.` })
  @IsArray({ message: 'Filter sets must be a list.' })
  @IsOptional()
  moreFilters?: FilterSetDto[] | null;

  /** Air path and motor stand in the record always: these two were taken, not said. */
  @IsIn(UNSAID, { each: true, message: `What was not entered is ${UNSAID.join(' or ')}.` })
  @IsArray({ message: 'What was not entered must be a list.' })
  @IsOptional()
  unsaid?: Unsaid[] | null;

  /** Kind and depth of the filter's medium, as on its frame. */
  @IsIn(FILTER_MEDIA_IDS, { message: `The filter is one of ${FILTER_MEDIA_IDS.join(', ')}.` })
  @IsOptional()
  filterMedia?: FilterMediaId | null;

  /** Duct collar over a bare ceiling filter grille: only a round patch under it works. */
  @NumberIn(LIMITS.filterSideIn, 'Collar', 'in.')
  @IsOptional()
  bareGrilleCollarIn?: number | null;

  /** Of the site, copied when the visit begins. */
  @NumberIn(LIMITS.altitudeFt, 'Altitude', 'ft')
  @IsOptional()
  altitudeFt?: number | null;

  @NumberIn(LIMITS.flowCfm, 'Design airflow', 'CFM')
  @IsOptional()
  designCfm?: number | null;

  @NumberIn(LIMITS.volts, 'Line volts', 'V')
  @IsOptional()
  lineVolts?: number | null;

  /** Conditions of the blower table. */
  @IsIn(['wet', 'dry'], { message: 'The table’s coil is wet or dry.' })
  @IsOptional()
  tableCoil?: 'wet' | 'dry' | null;

  @NumberIn(LIMITS.volts, 'The table’s volts', 'V')
  @IsOptional()
  tableVolts?: number | null;

  /** The table was taken with the filter in the cabinet, or without one. */
  @IsIn(['in', 'out'], { message: 'The table’s filter is in or out.' })
  @IsOptional()
  tableFilter?: 'in' | 'out' | null;

  /** What the manufacturer multiplies the airflow by on a dry coil. */
  @NumberIn(LIMITS.correctionFactor, 'The factor for a dry coil')
  @IsOptional()
  tableDryFactor?: number | null;

  @NumberIn(LIMITS.riseF, 'Lowest rise', '°F')
  @IsOptional()
  riseMinF?: number | null;

  @Suits(({ riseMinF, riseMaxF }) =>
    typeof riseMinF === 'number' && riseMinF >= Number(riseMaxF)
      ? 'The highest rise must be above the lowest. Check both on the nameplate.'
      : undefined,
  )
  @NumberIn(LIMITS.riseF, 'Highest rise', '°F')
  @IsOptional()
  riseMaxF?: number | null;

  @NumberIn(LIMITS.lengthFt, 'Effective length', 'ft')
  @IsOptional()
  effectiveLengthFt?: number | null;

  @IsIn(['shareOfPlate', 'leftForDucts'], { message: 'The school is shareOfPlate or leftForDucts.' })
  @IsOptional()
  school?: 'shareOfPlate' | 'leftForDucts' | null;

  @IsIn(['predicted', 'ruleOfThumb'], { message: 'The drop is judged as predicted or by the ruleOfThumb.' })
  @IsOptional()
  dropSchool?: 'predicted' | 'ruleOfThumb' | null;

  /** Kind of equipment by what makes the heat; whether it is packaged is its air path's to say. */
  @IsIn(EQUIPMENT_IDS, { message: `The equipment is one of ${EQUIPMENT_IDS.join(', ')}.` })
  @IsOptional()
  equipment?: EquipmentId | null;

  @IsIn([1, 2], { message: 'The equipment has 1 or 2 stages.' })
  @IsOptional()
  stages?: 1 | 2 | null;

  /** A zone panel or a bypass duct: airflow and static change with the call. */
  @IsIn(['none', 'zones', 'bypass'], { message: 'Zoning is none, zones or bypass.' })
  @IsOptional()
  zoning?: 'none' | 'zones' | 'bypass' | null;

  /** The stage that ran at a visit. */
  @IsIn(['low', 'high'], { message: 'The stage is low or high.' })
  @IsOptional()
  stage?: 'low' | 'high' | null;

  /** The belt drive, as the form of core asks for it. */
  @Inputs(BELT_DRIVE_FORM, beltDriveFaults)
  @IsOptional()
  drive?: Record<string, unknown> | null;

  /** How the unit was proven last, copied when the visit begins. */
  @Nested(() => ProvenPointDto, 'The last verified point has an airflow, a static and a tap.')
  @IsOptional()
  proven?: ProvenPointDto | null;

  /** What stands on the blower motor. */
  @Inputs(MOTOR_PLATE_FORM, (raw) => inputFaults(MOTOR_PLATE_FORM, raw))
  @IsOptional()
  motorPlate?: Record<string, unknown> | null;

  /** Heating's speed and output, the low stage's speed. */
  @Inputs(SPEEDS_FORM, (raw) => inputFaults(SPEEDS_FORM, raw))
  @IsOptional()
  speeds?: Record<string, unknown> | null;
}
