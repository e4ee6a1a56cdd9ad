import type { DueItem } from '@huff/contract';
import { useQuery } from '@tanstack/react-query';
import { ask } from './ask';

const NOTHING: readonly DueItem[] = [];

/** What is due at the units of the shop, the earliest first; nothing while the server does not say. */
export function useDue(): readonly DueItem[] {
  const { data } = useQuery({
    queryKey: ['due'],
    queryFn: async () => (await ask<{ due: DueItem[] }>('/api/due'))?.body.due ?? NOTHING,
    retry: false,
  });
  return data ?? NOTHING;
}
