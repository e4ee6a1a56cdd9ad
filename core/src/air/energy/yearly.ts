/** What a shop takes for the year when it does not say otherwise. */
export interface EnergyRules {
  /** Hours a year the blower runs. */
  readonly hoursAYear: number;
  /** Price of a kilowatt-hour; undefined while the shop has not said it. */
  readonly tariffPerKwh?: number;
}

/** A cooling season and a heating season of a small building. Rule of thumb. */
export const USUAL_HOURS = 2000;

export interface YearlyEnergy {
  readonly kwh: number;
  /** undefined while the tariff is not known. */
  readonly money?: number;
}

/**
 * Energy a year from power and hours: kWh = W × h ÷ 1,000.
 *
 * @param watts may be a difference: below 0 it is saved
 * @example yearlyEnergy(-120, { hoursAYear: 2000, tariffPerKwh: 0.2 }) // { kwh: -240, money: -48 }
 */
export function yearlyEnergy(watts: number, { hoursAYear, tariffPerKwh }: EnergyRules): YearlyEnergy {
  const kwh = (watts * hoursAYear) / 1000;
  return { kwh, money: tariffPerKwh === undefined ? undefined : kwh * tariffPerKwh };
}
