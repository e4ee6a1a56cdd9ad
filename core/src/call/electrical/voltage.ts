/** How a supply reads: good, low (it runs at your risk, and weakly), or lost. */
export type VoltageState = 'good' | 'low' | 'lost';

/** Within this of nominal a supply is good. @source ANSI C84.1, range B; NEMA MG 1: motors run within 10 % of the nameplate */
const GOOD_SHARE = 0.9;
/** Under this share of nominal it is no supply: a leg is lost, or it is back-fed through a winding. (J) */
const LOST_SHARE = 0.5;
/** The lowest nominal voltage of a blower, V: held against it while the nameplate is not known. */
const LEAST_NOMINAL_V = 120;

/**
 * The state of a supply voltage.
 *
 * @param volts measured, V, 0 and up
 * @param nominalVolts of the nameplate, V; 120 where it is not known, so that nothing is called low that may be right
 * @example voltageState(195, 230) // 'low', 85 %
 * @example voltageState(96, 208) // 'lost', 46 %
 */
export function voltageState(volts: number, nominalVolts: number = LEAST_NOMINAL_V): VoltageState {
  if (volts >= GOOD_SHARE * nominalVolts) return 'good';
  return volts >= LOST_SHARE * nominalVolts ? 'low' : 'lost';
}
