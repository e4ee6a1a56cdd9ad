import type { DueItem } from '@huff/contract';
import { useQuery } from '@tanstack/react-query';

/** What is due at the units of the shop, the earliest first; nothing while the server does not say. */
export function useDue(): readonly DueItem[] {
  const { data } = useQuery({
    queryKey: ['due'],
    queryFn: async () => {
      const answer = await fetch('/api/due', { signal: AbortSignal.timeout(20_000) });
      if (!answer.ok) throw new Error('what is due was not told');
      return ((await answer.json()) as { due: DueItem[] }).due;
    },
    retry: false,
  });
  return data ?? NOTHING;
}
const NOTHING: readonly DueItem[] = [];
