import { READING_IDS, type ReadingId } from '../observe';
import type { RankedExplanation } from './ranking';
import { readingSigma } from './readingNoise';
import type { ExplainRequest } from './request';

/** One reading as it was taken, beside what an explanation expects there. */
export interface ComparedReading {
  readonly reading: ReadingId;
  /** What was read; absent where it was not. */
  readonly value?: number;
  readonly expected: number;
  /** One σ of the difference between the two. */
  readonly sigma: number;
  /** The reading is outside what is expected: more than two σ. */
  readonly isOff: boolean;
}

/**
 * What an explanation expects of each reading, beside what was read; then of readings that could be taken next.
 *
 * @param unread readings to show though nobody took them yet
 */
export function comparedReadings(
  { evidence }: Pick<ExplainRequest, 'evidence'>,
  { expects }: RankedExplanation,
  unread: readonly ReadingId[] = [],
): ComparedReading[] {
  const expected = new Map(expects.map((one) => [one.reading, one]));
  const read = evidence.flatMap(({ reading, value, sigma }): ComparedReading[] => {
    const one = expected.get(reading);
    if (!one) return [];
    const all = Math.hypot(sigma, one.sigma);
    return [{ reading, value, expected: one.value, sigma: all, isOff: Math.abs(value - one.value) > 2 * all }];
  });
  const taken = new Set(read.map(({ reading }) => reading));
  const open = unread.flatMap((reading): ComparedReading[] => {
    const one = expected.get(reading);
    return one && !taken.has(reading)
      ? [{ reading, expected: one.value, sigma: Math.hypot(one.sigma, readingSigma(reading, one.value)), isOff: false }]
      : [];
  });
  const order = (one: ComparedReading) => READING_IDS.indexOf(one.reading);
  return [...read.sort((a, b) => order(a) - order(b)), ...open];
}
