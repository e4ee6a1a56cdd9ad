import type { VerdictWord } from '@huff/core';
import { useQuery } from '@tanstack/react-query';
import { ask } from './ask';

/** How a unit stood at its last visit. */
export interface UnitStand {
  readonly unitId: string;
  readonly visitId: string;
  readonly startedAt: string;
  readonly staticInWc: number | null;
  readonly staticWord: VerdictWord;
  readonly flowCfm: number | null;
  readonly flowWord: VerdictWord;
  readonly headline: string;
  readonly open: number;
}

/** How every unit stood at its last visit, as the server tells it. */
export function useStands() {
  const { data, isPending, isError } = useQuery({
    queryKey: ['stands'],
    queryFn: async () => (await ask<{ units: readonly UnitStand[] }>('/api/stands'))!.body.units,
    retry: false,
  });
  return { stands: data, isPending, isError };
}
