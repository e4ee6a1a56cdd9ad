import { toolFigure, toolText, toolUnitText, type ToolUnit } from '../../base/forms';
import type { ReadingId } from '../observe';
import type { ReadingRatings } from './request';

/** How a reading is named and shown. */
interface ReadingName {
  readonly name: string;
  readonly unit: ToolUnit;
  /** The figure of the nameplate that a share is a share of. */
  readonly of?: keyof ReadingRatings;
}

const OTHERS: Readonly<Record<string, ReadingName>> = {
  tesp: { name: 'TESP', unit: 'inWc' },
  inner: { name: 'Static before blower', unit: 'inWc' },
  airflow: { name: 'Measured airflow', unit: 'cfm' },
  drop: { name: 'Temperature drop', unit: 'deltaF' },
  returnOverRoom: { name: 'Return over room', unit: 'deltaF' },
  rpm: { name: 'Blower RPM', unit: 'rpm' },
  amps: { name: 'Blower amps', unit: 'amps', of: 'amps' },
  volts: { name: 'Motor volts', unit: 'volts', of: 'volts' },
  microfarads: { name: 'Run capacitor', unit: 'microfarads', of: 'microfarads' },
  flashes: { name: 'Flashed airflow', unit: 'cfm', of: 'settingCfm' },
  evaporating: { name: 'Evaporating', unit: 'degF' },
  condensing: { name: 'Condensing', unit: 'degF' },
  superheat: { name: 'Superheat', unit: 'deltaF' },
  subcooling: { name: 'Subcooling', unit: 'deltaF' },
};

/** How a reading is named: "R2", "R2, filter out", "Superheat". */
export function readingName(reading: ReadingId): string {
  const other = OTHERS[reading];
  if (other) return other.name;
  const [port, pulled] = reading.split(' ');
  return pulled ? `${port!}, filter out` : port!;
}

/** A reading's unit and its figure, as they are shown; a share of the nameplate where that is not known. */
function shown(reading: ReadingId, value: number, ratings: ReadingRatings = {}): { figure: number; unit: ToolUnit } {
  const { unit, of } = OTHERS[reading] ?? { unit: 'inWc' };
  if (!of) return { figure: value, unit };
  const rating = ratings[of];
  return rating === undefined ? { figure: 100 * value, unit: 'percent' } : { figure: value * rating, unit };
}

/** A figure without its unit. @example readingFigure('R2', -0.3) // '−0.30' */
export function readingFigure(reading: ReadingId, value: number, ratings?: ReadingRatings): string {
  const { figure, unit } = shown(reading, value, ratings);
  return toolFigure(figure, unit);
}

/** The unit of a reading; "% of nameplate" where its rating is not known. */
export function readingUnit(reading: ReadingId, ratings?: ReadingRatings): string {
  const { unit } = shown(reading, 0, ratings);
  return unit === 'percent' ? '% of rating' : toolUnitText(unit);
}

/** A figure with its unit. @example readingText('amps', 0.5, { amps: 6 }) // '3.0 A' */
export function readingText(reading: ReadingId, value: number, ratings?: ReadingRatings): string {
  const { figure, unit } = shown(reading, value, ratings);
  return unit === 'percent' ? `${Math.round(figure)}% of rating` : toolText(figure, unit);
}
