/**
 * Overload dial for a motor, A: plate amps × 1.15, × 1.25 when the service factor is 1.15 or more.
 *
 * @source motor overload rule of the electrical codes; local code decides
 * @example overloadDialAmps(9.6, 1.15) // 12.0
 */
export const overloadDialAmps = (plateAmps: number, serviceFactor: number): number =>
  plateAmps * (serviceFactor >= 1.15 ? 1.25 : 1.15);

/**
 * Most amps a motor may draw at its plate's volts: full-load amps × service factor.
 * @example mostAmps(6.8, 1.15) // 7.82
 */
export const mostAmps = (plateAmps: number, serviceFactor: number): number => plateAmps * serviceFactor;

/**
 * Electrical power, W: V·A·pf, × √3 for three phases.
 * @param powerFactor 0 to 1
 * @example electricWatts(230, 4.6, 0.8, 3) // 1,466
 */
export const electricWatts = (volts: number, amps: number, powerFactor: number, phases: 1 | 3): number =>
  volts * amps * powerFactor * (phases === 3 ? Math.sqrt(3) : 1);

/** Power factor and efficiency taken for a small motor when they are not known. Rule of thumb; always shown as assumed. */
export const ASSUMED_POWER_FACTOR = 0.8;
export const ASSUMED_EFFICIENCY = 0.8;

export const WATTS_A_HP = 745.7;

/**
 * Motor sizes that are sold, hp. Source: NEMA MG 1 standard ratings.
 */
export const MOTOR_SIZES_HP = [0.25, 0.33, 0.5, 0.75, 1, 1.5, 2, 3, 5, 7.5, 10, 15, 20] as const;

/** The smallest motor that carries a load within its plate rating; undefined when none sold here does. @example motorSizeFor(1.7) // 2 */
export const motorSizeFor = (bhp: number): number | undefined => MOTOR_SIZES_HP.find((size) => size >= bhp);

/**
 * Capacitance of a run capacitor while it runs at 60 Hz, µF: 2,652 × A ÷ V.
 *
 * @param amps through the capacitor's lead
 * @param volts across its terminals
 * @source C = I/(2πfV); 10⁶/(2π·60) = 2,652
 * @example runningMicrofarads(4.2, 370) // 30.1
 */
export const runningMicrofarads = (amps: number, volts: number): number => (2652 * amps) / volts;
