import type { KeptText, VerdictWord } from '@huff/core';
import { ask } from './ask';
import { useServerWord } from './words/useServerWord';

/** How a unit stood at its last visit. */
export interface UnitStand {
  readonly unitId: string;
  readonly visitId: string;
  readonly startedAt: string;
  readonly staticInWc: number | null;
  readonly staticWord: VerdictWord;
  readonly flowCfm: number | null;
  readonly flowWord: VerdictWord;
  readonly headline: KeptText;
  readonly open: number;
}

/** How every unit stood at its last visit, as the server tells it. */
export function useStands() {
  const { data, ...how } = useServerWord({
    key: ['stands'],
    ask: async () => (await ask<{ units: readonly UnitStand[] }>('/api/stands'))!.body.units,
  });
  return { stands: data, ...how };
}
