import type { VisitSummary } from '@huff/contract/spine';
import { useQuery } from '@tanstack/react-query';
import { ask } from './ask';

/** How each unit of a site stood at its last visit, by the unit’s id; from the server. */
export function useRoof(siteId: string) {
  const { data, isPending, isError } = useQuery({
    queryKey: ['roof', siteId],
    queryFn: async () => {
      const told = await ask<{ visits: VisitSummary[] }>(`/api/sites/${siteId}/roof`);
      return new Map((told?.body.visits ?? []).map((visit) => [visit.unitId, visit]));
    },
    retry: false,
  });
  return { last: data, isPending, isError };
}
