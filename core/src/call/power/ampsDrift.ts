import type { VerdictWord } from '../../base/verdict';

/** Amps as they were read, with when. */
export interface AmpsReading {
  readonly amps: number;
  readonly atMs: number;
}

/** How amps moved while the motor warmed up. */
export interface AmpsDrift {
  readonly minutes: number;
  readonly fromAmps: number;
  readonly toAmps: number;
  readonly percent: number;
  readonly word: VerdictWord;
  readonly sentence: string;
}

/** So long a motor must run between two readings before they tell a drift, minutes (J). */
const LEAST_MINUTES = 3;
/** Clamp and eye move so much between two readings, percent (J). */
const STEADY_PERCENT = 3;
/** From so much a rise is a finding, percent (J). */
const RISING_PERCENT = 8;

/**
 * How the amps of a motor moved over minutes: a rise under the same air is heat, a bearing or falling volts; a fall is windings that warm up, or a
 * duct that closes.
 *
 * @param readings at one speed, doors on, in any order
 * @returns undefined while no two are three minutes apart
 * @example ampsDrift([{ amps: 4, atMs: 0 }, { amps: 4.5, atMs: 600_000 }])?.word // 'outside', 12.5 % in 10 min
 */
export function ampsDrift(readings: readonly AmpsReading[]): AmpsDrift | undefined {
  const inOrder = [...readings].sort((a, b) => a.atMs - b.atMs);
  const [first, last] = [inOrder[0], inOrder.at(-1)];
  if (!first || !last || first.amps <= 0) return undefined;
  const minutes = (last.atMs - first.atMs) / 60_000;
  if (minutes < LEAST_MINUTES) return undefined;
  const percent = 100 * (last.amps / first.amps - 1);
  const word = percent > RISING_PERCENT ? 'outside' : Math.abs(percent) > STEADY_PERCENT ? 'atTheEdge' : 'inside';
  const moved = `${first.amps} to ${last.amps} A in ${Math.round(minutes)} min`;
  const meaning =
    percent > STEADY_PERCENT
      ? 'rising. Check volts first, then bearings and windings, before something trips.'
      : percent < -STEADY_PERCENT
        ? 'falling. Normal while windings warm up; later it means airflow is closing off.'
        : 'steady.';
  return { minutes, fromAmps: first.amps, toAmps: last.amps, percent, word, sentence: `${moved}: ${meaning}` };
}
