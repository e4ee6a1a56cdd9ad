import type { VisitDto } from '@huff/contract';
import { useQuery } from '@tanstack/react-query';
import { del, get, set } from 'idb-keyval';
import { useCallback } from 'react';
import { queryClient } from './queryClient';

const KEY = 'huff-draft-visit';
const queryKey = ['draft-visit'];

/** The visit that is open on this phone and not yet saved. It survives a reload; there is one at a time. */
export function useDraft() {
  const { data } = useQuery<VisitDto | null>({
    queryKey,
    queryFn: async () => (await get<VisitDto>(KEY)) ?? null,
    networkMode: 'always',
    staleTime: Infinity,
    // The very visit that was kept comes back: what is drawn of it already need not be drawn again.
    structuralSharing: false,
  });
  const keep = useCallback((visit: VisitDto | null) => {
    queryClient.setQueryData(queryKey, visit);
    void (visit ? set(KEY, visit) : del(KEY));
  }, []);
  return { draft: data, keep };
}
