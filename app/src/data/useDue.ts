import type { DueItem } from '@huff/contract';
import { ask } from './ask';
import { useServerWord } from './words/useServerWord';

const NOTHING: readonly DueItem[] = [];

/** What is due at the units of the shop, the earliest first; nothing while the server never said. */
export function useDue(): readonly DueItem[] {
  const { data } = useServerWord({
    key: ['due'],
    ask: async () => (await ask<{ due: DueItem[] }>('/api/due'))?.body.due ?? NOTHING,
  });
  return data ?? NOTHING;
}
