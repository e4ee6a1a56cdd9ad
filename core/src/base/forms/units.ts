import { isQuantity, shownUnit, unitText } from '../words';
import { bareMark, keepsFigures } from '../words/keptText';
import type { ToolUnit } from './tool';

/** A unit as it stands after a figure, for whoever reads it. */
export const toolUnitText = (unit: ToolUnit): string => (isQuantity(unit) ? unitText(unit) : UNIT_TEXT[unit]);

const UNIT_TEXT: Readonly<Record<ToolUnit, string>> = {
  inWc: 'in. w.c.',
  cfm: 'CFM',
  cfmPerTon: 'CFM per ton',
  fpm: 'fpm',
  degF: '°F',
  deltaF: '°F',
  percent: '%',
  percentFine: '%',
  volts: 'V',
  amps: 'A',
  watts: 'W',
  in: 'in.',
  ft: 'ft',
  sqFt: 'sq ft',
  sqIn: 'sq in.',
  seconds: 's',
  cuFt: 'cu ft',
  btuPerCuFt: 'Btu/cu ft',
  btuH: 'Btu/h',
  tons: 'tons',
  lbPerCuFt: 'lb/cu ft',
  lbPerLb: 'lb/lb',
  btuPerLb: 'Btu/lb',
  inWcPer100Ft: 'in. w.c. per 100 ft',
  psia: 'psia',
  count: '',
  year: '',
  factor: '',
  rpm: 'RPM',
  hp: 'hp',
  microfarads: 'µF',
  ohms: 'Ω',
  microamps: 'µA',
  minutes: 'min',
  oz: 'oz',
  microns: 'microns',
  psig: 'psig',
  turns: 'turns',
  degrees: '°',
};

const PLACES: Partial<Record<ToolUnit, number>> = {
  percent: 0,
  percentFine: 2,
  amps: 1,
  lbPerCuFt: 4,
  lbPerLb: 4,
  btuPerLb: 1,
  psia: 2,
  factor: 3,
  tons: 2,
  seconds: 1,
  cuFt: 2,
  hp: 2,
  microfarads: 1,
  ohms: 1,
  microamps: 1,
  oz: 1,
  turns: 1,
};
/** Said without a zero after the point: 3 tons, 12 oz. */
const TRIMMED: ReadonlySet<ToolUnit> = new Set(['tons', 'oz']);
const FORMATS = new Map<number, Intl.NumberFormat>();

/** A figure of a tool without its unit: "0.083", "1,083", "−0.31". */
export function toolFigure(stored: number, unit: ToolUnit): string {
  if (isQuantity(unit) && keepsFigures()) return bareMark(stored, unit);
  const shown = isQuantity(unit) ? shownUnit(unit) : undefined;
  const places = shown?.places ?? PLACES[unit] ?? 0;
  const value = shown ? stored * shown.per + (shown.plus ?? 0) : stored;
  const key = TRIMMED.has(unit) ? -10 - places : unit === 'year' ? -2 : places;
  let format = FORMATS.get(key);
  if (!format) {
    format = new Intl.NumberFormat('en-US', {
      minimumFractionDigits: TRIMMED.has(unit) ? 0 : places,
      maximumFractionDigits: places,
      useGrouping: unit !== 'year',
    });
    FORMATS.set(key, format);
  }
  const text = format.format(Math.abs(value));
  return value < 0 && /[1-9]/.test(text) ? `−${text}` : text;
}

/** A figure with its unit: "0.58 in. w.c." */
export const toolText = (value: number, unit: ToolUnit) => `${toolFigure(value, unit)} ${toolUnitText(unit)}`.trim();
