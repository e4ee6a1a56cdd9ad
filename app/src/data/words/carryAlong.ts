import type { QueryClient } from '@tanstack/react-query';
import { askAhead, type Question } from './useServerWord';

/** What was told in the morning serves the day. */
const FRESH_MS = 3 * 3_600_000;

/**
 * Asks ahead for what a day's stops will want, one after the other, so that it is there where there is no signal. Ends at the first question
 * that is not answered: there is no signal now.
 *
 * @returns how many stand on the phone now
 */
export async function carryAlong(
  client: QueryClient,
  questions: readonly Question<unknown>[],
  isOver: () => boolean = () => false,
): Promise<number> {
  for (const [i, question] of questions.entries()) {
    if (isOver()) return i;
    await askAhead(client, question, FRESH_MS);
    if (client.getQueryState(question.key)?.status !== 'success') return i;
  }
  return questions.length;
}
