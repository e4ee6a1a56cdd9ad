/// <reference path="./psychrolib.d.ts" />
import psychrolib from 'psychrolib';

// The library keeps its unit system in a global: this is the one place that imports it.
psychrolib.SetUnitSystem(psychrolib.IP);

/** Standard barometric pressure at sea level, psia. */
export const SEA_LEVEL_PSIA = 14.696;

/** Moist air at a place: everything that airflow and capacity need of it. */
export interface MoistAir {
  readonly dryBulbF: number;
  readonly wetBulbF: number;
  readonly dewPointF: number;
  /** 0 to 1 */
  readonly relativeHumidity: number;
  /** lb of water a lb of dry air */
  readonly humidityRatio: number;
  /** Btu a lb of dry air */
  readonly enthalpyBtuLb: number;
  /** lb/ft³ of moist air */
  readonly densityLbFt3: number;
}

/** How the moisture of the air was measured: one of the two. */
export type Moisture = { readonly wetBulbF: number } | { readonly relativeHumidity: number };

/**
 * Barometric pressure of the standard atmosphere at an altitude, psia.
 *
 * @param altitudeFt −1,000 to 15,000 ft
 * @source ICAO standard atmosphere, ASHRAE Handbook of Fundamentals ch. 1 eq. 3, through psychrolib
 * @example barometricPsia(5000) // 12.23
 */
export function barometricPsia(altitudeFt: number): number {
  return psychrolib.GetStandardAtmPressure(altitudeFt);
}

/**
 * The state of moist air from dry bulb and one measure of its moisture.
 *
 * @param dryBulbF −40 to 200 °F
 * @param moisture wet bulb not above dry bulb, or relative humidity 0 to 1
 * @param altitudeFt altitude of the site, ft
 * @throws RangeError when the wet bulb is above the dry bulb or so far below that the air would hold less than no water
 * @source ASHRAE Handbook of Fundamentals 2017 ch. 1, through psychrolib
 * @example moistAir(80, { wetBulbF: 67 }).enthalpyBtuLb // 31.5
 */
export function moistAir(dryBulbF: number, moisture: Moisture, altitudeFt = 0): MoistAir {
  const pressure = barometricPsia(altitudeFt);
  if ('wetBulbF' in moisture && moisture.wetBulbF > dryBulbF) {
    throw new RangeError('The wet bulb cannot be above the dry bulb.');
  }
  const humidityRatio =
    'wetBulbF' in moisture
      ? psychrolib.GetHumRatioFromTWetBulb(dryBulbF, moisture.wetBulbF, pressure)
      : psychrolib.GetHumRatioFromRelHum(dryBulbF, moisture.relativeHumidity, pressure);
  // The library holds very dry air at 1e-7 rather than below nothing.
  if (!(humidityRatio > 2e-7)) throw new RangeError('Wet bulb too far below dry bulb: wet the sock and measure again.');
  return ofHumidityRatio(dryBulbF, humidityRatio, altitudeFt);
}

/** The state of moist air from dry bulb and humidity ratio. */
export function ofHumidityRatio(dryBulbF: number, humidityRatio: number, altitudeFt = 0): MoistAir {
  const pressure = barometricPsia(altitudeFt);
  return {
    dryBulbF,
    humidityRatio,
    wetBulbF: psychrolib.GetTWetBulbFromHumRatio(dryBulbF, humidityRatio, pressure),
    dewPointF: psychrolib.GetTDewPointFromHumRatio(dryBulbF, humidityRatio, pressure),
    relativeHumidity: psychrolib.GetRelHumFromHumRatio(dryBulbF, humidityRatio, pressure),
    enthalpyBtuLb: psychrolib.GetMoistAirEnthalpy(dryBulbF, humidityRatio),
    densityLbFt3: psychrolib.GetMoistAirDensity(dryBulbF, humidityRatio, pressure),
  };
}

/** Enthalpy of saturated air, Btu/lb. @param dryBulbF °F @param altitudeFt ft @example saturatedEnthalpy(50, 0) // 20.3 */
export function saturatedEnthalpy(dryBulbF: number, altitudeFt = 0): number {
  return psychrolib.GetSatAirEnthalpy(dryBulbF, barometricPsia(altitudeFt));
}
