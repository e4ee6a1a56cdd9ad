import { barometricPsia, SEA_LEVEL_PSIA, type MoistAir } from './moistAir';

/** Density of standard air, lb/ft³: what fan tables and the 1.08 of the trade stand on. */
export const STANDARD_DENSITY = 0.075;

/** What is known of the air that is measured. */
export interface AirFacts {
  readonly altitudeFt?: number;
  /** Its state, when it was measured; else standard temperature and moisture are taken. */
  readonly air?: MoistAir;
}

/**
 * Density of the air, lb/ft³: from its measured state, else standard air thinned by the altitude.
 *
 * @example densityOf({ altitudeFt: 5000 }) // 0.0624, 0.832 of sea level
 */
export function densityOf({ altitudeFt = 0, air }: AirFacts): number {
  return air?.densityLbFt3 ?? (STANDARD_DENSITY * barometricPsia(altitudeFt)) / SEA_LEVEL_PSIA;
}

/**
 * Sensible heat factor, Btu/h per CFM and °F: 60 × ρ × c. 1.08 for standard air.
 *
 * c = 0.24 + 0.45·W when the moisture is known, else 0.24.
 *
 * @source energy balance of moist air, ASHRAE Handbook of Fundamentals ch. 1
 * @example sensibleFactor({}) // 1.08
 * @example sensibleFactor({ altitudeFt: 5000 }) // 0.90
 */
export function sensibleFactor(facts: AirFacts): number {
  return 60 * densityOf(facts) * (0.24 + 0.45 * (facts.air?.humidityRatio ?? 0));
}

/**
 * Mean velocity from a velocity pressure, fpm: V = 1096.7·√(VP/ρ).
 *
 * @param velocityPressureInWc VP ≥ 0, in. w.c.
 * @param densityLbFt3 ρ > 0, lb/ft³
 * @source Bernoulli in US units, ASHRAE Standard 111
 * @example velocityFpm(0.01, 0.075) // 400
 */
export function velocityFpm(velocityPressureInWc: number, densityLbFt3: number): number {
  return 1096.7 * Math.sqrt(velocityPressureInWc / densityLbFt3);
}
