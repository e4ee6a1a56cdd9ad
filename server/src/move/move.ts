import type { Db } from '../db/db';
import { migrate } from '../db/migrate';
import { acrossShops } from '../db/shopFence';
import { copyTable, sumsOf, tablesInOrder, type Sum } from './tables';

interface Moving {
  readonly from: Db;
  /** Without any shop. */
  readonly to: Db;
  /** Told after each table. */
  readonly onTable?: (name: string, sum: Sum) => void;
}

/** Whether no Huff was ever started on it: the first start makes a shop. */
async function ensureEmpty(to: Db): Promise<void> {
  const [shop] = await to.query('SELECT 1 AS there FROM shops LIMIT 1');
  if (shop)
    throw new Error(
      'The new place has a shop already, if only from a first start. Choose an empty database or a new folder.',
    );
}

/** Another Huff that still uses the database, on a PostgreSQL server. */
async function ensureUnused(db: Db): Promise<void> {
  const others = await db.query(
    `SELECT 1 AS there FROM pg_stat_activity
     WHERE datname = current_database() AND application_name IN ('huff', 'huff notices') LIMIT 1`,
  );
  if (others.length > 0) throw new Error('A Huff still uses this database. Stop it, then move.');
}

/**
 * Copies everything from one database to another, whichever engine each is: every row of every table, all of it or nothing; then counts and sums
 * both and compares. What is moved begins another life, which phones notice.
 *
 * @returns rows and sum of each table
 * @throws Error in a sentence where it cannot be done; the old place is as it was, the new one is empty
 */
export function move({ from, to, onTable }: Moving): Promise<ReadonlyMap<string, Sum>> {
  return acrossShops(async () => {
    await ensureUnused(from);
    await ensureUnused(to);
    // Both speak of the same tables, in the same words.
    await migrate(from);
    await migrate(to);
    await ensureEmpty(to);
    return from.transaction(async (read) => {
      await read('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ');
      await read('SET LOCAL statement_timeout = 0');
      const tables = await tablesInOrder(read);
      const there = await sumsOf(read, tables);
      return to.transaction(async (write) => {
        await write('SET LOCAL statement_timeout = 0');
        for (const table of tables) {
          await copyTable(read, write, table);
          onTable?.(table.name, there.get(table.name)!);
        }
        const here = await sumsOf(write, tables);
        const differ = tables.filter(({ name }) => here.get(name)!.sum !== there.get(name)!.sum);
        if (differ.length > 0)
          throw new Error(`${differ.map(({ name }) => name).join(', ')} differ after the copy. Nothing was moved.`);
        await write('UPDATE shops SET epoch = gen_random_uuid()');
        return here;
      });
    });
  });
}
