import type { VisitSummary } from '@huff/contract/spine';
import { useQuery } from '@tanstack/react-query';

/** How each unit of a site stood at its last visit, by the unit’s id; from the server. */
export function useRoof(siteId: string) {
  const { data, isPending, isError } = useQuery({
    queryKey: ['roof', siteId],
    queryFn: async () => {
      const answer = await fetch(`/api/sites/${siteId}/roof`, { signal: AbortSignal.timeout(20_000) });
      if (!answer.ok) throw new Error('the roof sheet was not told');
      const { visits } = (await answer.json()) as { visits: VisitSummary[] };
      return new Map(visits.map((visit) => [visit.unitId, visit]));
    },
    retry: false,
  });
  return { last: data, isPending, isError };
}
