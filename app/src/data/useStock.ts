import type { FactDto } from '@huff/contract';
import { stockOf } from '@huff/contract/fix';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { toldKey } from './readAnew';
import { stockHere } from './stock';
import { stockQuestion, takingsOf, type StockLine } from './takings';
import { spine } from './theSpine';
import { useOutboxRows, useSyncStatus } from './useOutbox';
import { useShop } from './useShop';
import { useServerWord } from './words/useServerWord';

const NONE: ReadonlyMap<string, FactDto> = new Map();

/** The shop's parts with what is left of them, by what the server said and what was counted and taken here since. */
export function useStock(): readonly StockLine[] {
  const shop = useShop();
  const rows = useOutboxRows();
  const { clockOffsetMs: offsetMs = 0 } = useSyncStatus();
  const takings = takingsOf(rows);
  const mark = takings.map(({ fact }) => fact.id).join();
  const { data: told } = useServerWord({ ...stockQuestion, mark });
  const { data: corrected = NONE } = useQuery({
    queryKey: [...toldKey.list('visit'), undefined, 'taken', mark],
    queryFn: async () => {
      const wanted = new Set(takings.flatMap(({ fact: { replacesId } }) => replacesId ?? []));
      const store = await spine().store;
      const parts = await Promise.all([...new Set(takings.map(({ visitId }) => visitId))].map((id) => store.parts(id)));
      return new Map(
        parts.flat().flatMap((part) => (part.of === 'fact' && wanted.has(part.id) ? [[part.id, part.record]] : [])),
      );
    },
  });
  return useMemo(
    () => stockHere({ parts: stockOf(shop), told, rows, corrected, offsetMs }),
    [shop, told, rows, corrected, offsetMs],
  );
}
