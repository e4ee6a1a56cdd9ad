/** (J) No-load amps of a three-phase motor as a share of its full-load amps, by rated horsepower. */
const NO_LOAD_SHARE: readonly (readonly [number, number])[] = [
  [1, 0.6],
  [2, 0.5],
  [5, 0.4],
];

/** No-load amps as a share of the plate's: 0.60 up to 1 hp, 0.50 at 2, 0.40 from 5, linear between. @example noLoadShare(2) // 0.5 */
export function noLoadShare(ratedHp: number): number {
  const [first, ...more] = NO_LOAD_SHARE as [readonly [number, number], ...(readonly [number, number])[]];
  if (ratedHp <= first[0]) return first[1];
  let low = first;
  for (const high of more) {
    if (ratedHp <= high[0]) return low[1] + ((high[1] - low[1]) * (ratedHp - low[0])) / (high[0] - low[0]);
    low = high;
  }
  return low[1];
}

/**
 * Amps of a belt drive's motor at a load: I = √(I₀² + (P/Pr)²(FLA² − I₀²)).
 *
 * @param loadShare P/Pr, 0 or more
 * @source induction motor: a load current beside a magnetising one that stays
 * @example ampsAtLoad(0, 6.8, 2) // 3.4
 */
export function ampsAtLoad(loadShare: number, plateAmps: number, ratedHp: number): number {
  const idle = noLoadShare(ratedHp) * plateAmps;
  return Math.sqrt(idle ** 2 + loadShare ** 2 * (plateAmps ** 2 - idle ** 2));
}

/**
 * Load of a belt drive's motor from its amps, as a share of its rated power: the law of `ampsAtLoad` read backwards.
 *
 * @param idleShare I₀ as a share of the plate's amps
 * @returns 0 at or under the no-load amps
 * @example loadAtAmps(5.2, 6.8, 0.5) // 0.67
 */
export function loadAtAmps(amps: number, plateAmps: number, idleShare: number): number {
  const idle = idleShare * plateAmps;
  return amps <= idle ? 0 : Math.sqrt((amps ** 2 - idle ** 2) / (plateAmps ** 2 - idle ** 2));
}

/** Power factor of a belt drive's motor by load: 0.45 at 40 %, 0.65 at 60 %, 0.8 at 100 %. (J) */
export function beltPowerFactor(loadShare: number): number {
  if (loadShare <= 0.4) return 0.45;
  if (loadShare <= 0.6) return 0.45 + (0.2 * (loadShare - 0.4)) / 0.2;
  return Math.min(0.85, 0.65 + (0.15 * (loadShare - 0.6)) / 0.4);
}
