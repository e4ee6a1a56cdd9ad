import 'reflect-metadata';
import { Transform } from 'class-transformer';
import { IsOptional } from 'class-validator';
import { applyDecorators } from '../applyDecorators';
import { LineOfText, NumberIn } from '../fields';
import { LIMITS } from '../limits';
import { fromNumberText } from './numberText';

const NumberText = () => Transform(({ value }) => fromNumberText(value));

/** A number that may stay blank. */
const OptionalNumber = (range: { min: number; max: number }, what: string, unit = '') =>
  applyDecorators(NumberIn(range, what, unit), IsOptional(), NumberText());

/** The typed part of a unit's set-up: fields hold text, the checked value holds numbers, blank is null. */
export class UnitSetup {
  @LineOfText(LIMITS.nameLength, 'The title')
  title!: string;

  @OptionalNumber(LIMITS.tons, 'Tons')
  tons!: number | null;

  @OptionalNumber(LIMITS.maxTespInWc, 'Nameplate static', 'in. w.c.')
  maxTespInWc!: number | null;

  @NumberIn(LIMITS.cfmPerTon, 'Target', 'CFM per ton')
  @NumberText()
  cfmPerTon!: number;

  @OptionalNumber(LIMITS.flowCfm, 'Design airflow', 'CFM')
  designCfm!: number | null;

  @OptionalNumber(LIMITS.filterCount, 'Filters')
  filterCount!: number | null;

  @OptionalNumber(LIMITS.filterSideIn, 'Filter width', 'in.')
  filterWidthIn!: number | null;

  @OptionalNumber(LIMITS.filterSideIn, 'Filter height', 'in.')
  filterHeightIn!: number | null;

  @OptionalNumber(LIMITS.filterSideIn, 'Collar', 'in.')
  bareGrilleCollarIn!: number | null;

  @OptionalNumber(LIMITS.altitudeFt, 'Altitude', 'ft')
  altitudeFt!: number | null;

  @OptionalNumber(LIMITS.volts, 'Line volts', 'V')
  lineVolts!: number | null;

  @OptionalNumber(LIMITS.volts, 'The table’s volts', 'V')
  tableVolts!: number | null;

  @OptionalNumber(LIMITS.riseF, 'Lowest rise', '°F')
  riseMinF!: number | null;

  @OptionalNumber(LIMITS.riseF, 'Highest rise', '°F')
  riseMaxF!: number | null;

  @OptionalNumber(LIMITS.lengthFt, 'Effective length', 'ft')
  effectiveLengthFt!: number | null;
}
