/**
 * Uniform numbers from 0 to 1 that are the same for the same seed on every machine (mulberry32).
 *
 * @param seed any whole number
 * @source T. Ettinger, mulberry32, public domain
 * @example seededRandom(1)() === seededRandom(1)() // true
 */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A standard normal number. @source G. E. P. Box and M. E. Muller, Ann. Math. Stat. 29 (1958) 610 */
export const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
