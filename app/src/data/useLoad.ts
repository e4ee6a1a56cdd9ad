import type { LoadLine } from '@huff/core/call';
import { ask } from './ask';
import { useServerWord, type Question } from './words/useServerWord';

/** What the visits of some days need, minus what is on the truck, as the server tells it. */
export interface Load {
  readonly stops: number;
  readonly currency: string;
  readonly lines: readonly LoadLine[];
}

/** Some days, and whose. */
export interface LoadDays {
  readonly from: string;
  readonly to: string;
  readonly person?: string;
}

export const loadAddress = (path: string, { from, to, person }: LoadDays): string =>
  `/api/load${path}?from=${from}&to=${to}${person === undefined ? '' : `&person=${encodeURIComponent(person)}`}`;

export const loadQuestion = (days: LoadDays): Question<Load> => ({
  key: ['load', days],
  ask: async () => (await ask<Load>(loadAddress('', days)))!.body,
});

/** @param mark of the plan as it stands: of another plan it is asked for anew */
export function useLoad(days: LoadDays, mark: string) {
  const { data, ...how } = useServerWord({ ...loadQuestion(days), mark, keepsBefore: true });
  return { load: data, ...how };
}
