/**
 * Imbalance of three line values, percent: 100 × largest deviation from the mean ÷ mean.
 *
 * @param values three volts or amps, above 0
 * @source NEMA MG 1, unbalanced voltages
 * @example imbalancePercent([226, 229, 233]) // 1.60
 */
export function imbalancePercent(values: readonly [number, number, number]): number {
  const mean = meanOf(values);
  return (100 * Math.max(...values.map((value) => Math.abs(value - mean)))) / mean;
}

/** @example meanOf([226, 229, 233]) // 229.3 */
export const meanOf = (values: readonly [number, number, number]) => (values[0] + values[1] + values[2]) / 3;

/** Volts: over 2 % investigate, over 5 % stop. Amps: over 10 % investigate. Source: motor manufacturers' rule, NEMA MG 1. */
const IMBALANCE_LIMITS = { voltsInvestigate: 2, voltsStop: 5, ampsInvestigate: 10 } as const;

/** How far an imbalance goes, and what to do about it. */
export interface ImbalanceFinding {
  readonly level: 'good' | 'investigate' | 'stop';
  readonly sentence: string;
}

/**
 * What an imbalance of line volts or of motor amps asks for.
 *
 * @param percent as of `imbalancePercent`
 * @source motor manufacturers' rule, NEMA MG 1
 * @example imbalanceFinding('volts', 1.6).level // good
 */
export function imbalanceFinding(of: 'volts' | 'amps', percent: number): ImbalanceFinding {
  const { voltsInvestigate, voltsStop, ampsInvestigate } = IMBALANCE_LIMITS;
  const most = of === 'volts' ? voltsInvestigate : ampsInvestigate;
  if (percent <= most) return { level: 'good', sentence: `Up to ${most} %: good.` };
  if (of === 'amps')
    return {
      level: 'investigate',
      sentence: `Over ${most} %: investigate. Roll the three leads: if the high leg follows the line it is the supply, else the motor.`,
    };
  return percent > voltsStop
    ? { level: 'stop', sentence: `Over ${voltsStop} %: stop the motor. A lost phase or a bad connection burns it.` }
    : { level: 'investigate', sentence: `Over ${most} %: investigate connections, contactor, utility.` };
}

/** Three legs as a meter reads them, V or A, when that is what a list holds; undefined when nothing is on any. @example threeLegs([226, 229, 233])?.[2] // 233 */
export const threeLegs = (values: unknown): readonly [number, number, number] | undefined =>
  Array.isArray(values) &&
  values.length === 3 &&
  values.every((v) => typeof v === 'number' && v >= 0) &&
  values.some((v) => v > 0)
    ? (values as unknown as readonly [number, number, number])
    : undefined;
