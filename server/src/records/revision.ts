import type { Query } from '../db/db';

/**
 * Moves the shop's counter. The row stays locked until the transaction ends: writers of a shop come one after the other, so that whoever
 * sees the counter at n sees every change up to n.
 */
export async function nextRevision(query: Query, shopId: string): Promise<number> {
  const [row] = await query<{ revision: number }>(
    'UPDATE shops SET revision = revision + 1 WHERE id = $1 RETURNING revision',
    [shopId],
  );
  return row!.revision;
}

/** Where a shop's counter is, and in which life of its data. */
export interface ShopState {
  readonly revision: number;
  readonly epoch: string;
}

export async function shopStateOf(query: Query, shopId: string): Promise<ShopState> {
  const [row] = await query<ShopState & Record<string, unknown>>('SELECT revision, epoch FROM shops WHERE id = $1', [
    shopId,
  ]);
  return row ?? { revision: 0, epoch: shopId };
}

/** So many are taken at once where many are needed. */
const BLOCK = 500;

/**
 * Revisions for a transaction that makes many records: taken by the block. A row that is changed for each of them would be found ever more slowly
 * within one transaction. Those that are left over stand for nothing.
 */
export function manyRevisions(query: Query, shopId: string): () => Promise<number> {
  let [next, end] = [1, 0];
  return async () => {
    if (next > end) {
      const [row] = await query<{ revision: number }>(
        `UPDATE shops SET revision = revision + ${BLOCK} WHERE id = $1 RETURNING revision`,
        [shopId],
      );
      end = row!.revision;
      next = end - BLOCK + 1;
    }
    return next++;
  };
}
