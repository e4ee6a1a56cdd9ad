import type { Query } from '../db/db';
import { openTaken } from '../db/pgliteDb';

/**
 * Begins another life of data that was put back: phones notice it by the epoch. Who had left since, or lost a phone, would be in again by a session of
 * then: all of them end. A backup of before there were epochs or sessions gets them when its Huff is updated.
 */
export async function beginAnew(query: Query): Promise<void> {
  const has = async (table: string, column: string) =>
    (
      await query('SELECT 1 AS there FROM information_schema.columns WHERE table_name = $1 AND column_name = $2', [
        table,
        column,
      ])
    ).length > 0;
  if (await has('shops', 'epoch')) await query('UPDATE shops SET epoch = gen_random_uuid()');
  for (const table of ['sessions', 'entry_codes']) if (await has(table, 'key')) await query(`DELETE FROM ${table}`);
}

/** The same for the data in a folder. */
export async function newEpoch(folder: string): Promise<void> {
  const db = await openTaken(folder);
  try {
    await beginAnew(db.query);
  } finally {
    await db.close();
  }
}
