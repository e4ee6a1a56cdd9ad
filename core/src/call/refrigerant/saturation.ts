import type { RefrigerantId } from './refrigerants';
import { SATURATION } from './saturationTable';

/** Dew (saturated vapour) is the base of superheat, bubble (saturated liquid) that of subcooling. */
export type Phase = 'dew' | 'bubble';

const RANKINE = 459.67;
const COLUMN = { bubble: 1, dew: 2 } as const;

/** What lies outside the table is a value, never an extrapolation. */
export interface OffSaturation {
  readonly kind: 'offSaturation';
  readonly side: 'below' | 'above';
  readonly sentence: string;
}

export const isOff = (value: number | OffSaturation): value is OffSaturation => typeof value === 'object';

const off = (side: 'below' | 'above', refrigerant: RefrigerantId, psia: number): OffSaturation => ({
  kind: 'offSaturation',
  side,
  sentence: `${refrigerant} at ${psia.toFixed(0)} psia lies ${side} the saturation table. Is it the right refrigerant and the right gauge?`,
});

/**
 * Saturation temperature, °F, of a pressure: ln p is straight in 1/T between the rows of the table.
 *
 * @param psia absolute pressure, psia: gauge + the site's barometer
 * @returns °F, or where it lies off the table
 * @source Clausius-Clapeyron between neighbouring rows; rows by reference equations of state (core/data)
 * @example saturationTempF('R-410A', 132.7, 'dew') // about 40.3
 */
export function saturationTempF(refrigerant: RefrigerantId, psia: number, phase: Phase): number | OffSaturation {
  const rows = SATURATION[refrigerant];
  const column = COLUMN[phase];
  if (!(psia >= rows[0]![column])) return off('below', refrigerant, psia);
  if (psia > rows.at(-1)![column]) return off('above', refrigerant, psia);
  let low = 0;
  let high = rows.length - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (rows[middle]![column] <= psia) low = middle;
    else high = middle;
  }
  const [a, b] = [rows[low]!, rows[high]!];
  const [ta, tb] = [1 / (a[0] + RANKINE), 1 / (b[0] + RANKINE)];
  const share = (Math.log(psia) - Math.log(a[column])) / (Math.log(b[column]) - Math.log(a[column]));
  return 1 / (ta + share * (tb - ta)) - RANKINE;
}

/**
 * Saturation pressure, psia, of a temperature: the way back, on the same lines.
 *
 * @param tempF °F within the table
 * @returns psia, or undefined off the table
 * @example saturationPsia('R-410A', 110, 'bubble') // about 380
 */
export function saturationPsia(refrigerant: RefrigerantId, tempF: number, phase: Phase): number | undefined {
  const rows = SATURATION[refrigerant];
  const column = COLUMN[phase];
  const high = rows.findIndex(([temp]) => temp >= tempF);
  if (high < 0 || tempF < rows[0]![0]) return undefined;
  const [a, b] = [rows[Math.max(0, high - 1)]!, rows[Math.max(1, high)]!];
  const inverse = (temp: number) => 1 / (temp + RANKINE);
  const share = (inverse(tempF) - inverse(a[0])) / (inverse(b[0]) - inverse(a[0]));
  return Math.exp(Math.log(a[column]) + share * (Math.log(b[column]) - Math.log(a[column])));
}
