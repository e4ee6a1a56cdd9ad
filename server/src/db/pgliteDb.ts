import { PGlite, types, type Transaction } from '@electric-sql/pglite';
import { pg_trgm } from '@electric-sql/pglite/contrib/pg_trgm';
import { existsSync } from 'node:fs';
import { createFolder } from './createFolder';
import type { Db, Query, Row } from './db';
import { lockFolder } from './folderLock';

/**
 * What a single-user database needs and no more. The default of 128 MB for shared buffers alone costs the process about
 * 140 MB of memory (docs/benchmarks.md); a data set of this size sits in 8 MB and the system's file cache.
 */
const SMALL_MEMORY = [
  'shared_buffers = 8MB',
  'wal_buffers = 256kB',
  'max_connections = 5',
  'temp_buffers = 1MB',
  'work_mem = 1MB',
  'maintenance_work_mem = 8MB',
];

const queryOn =
  (on: PGlite | Transaction): Query =>
  async <R extends Row>(sql: string, params: readonly unknown[] = []) =>
    (await on.query<R>(sql, [...params])).rows;

/**
 * Opens the embedded database.
 *
 * @param folder where it lives; none for a database in memory (tests)
 * @param template a data folder as tar to start a database in memory from
 */
export async function openPglite(folder?: string, template?: Blob): Promise<Db> {
  const unlock = folder ? lockFolder(folder) : () => {};
  try {
    if (folder && !existsSync(folder)) await createFolder(folder);
    const pglite = await PGlite.create({
      ...(folder ? { dataDir: folder } : {}),
      ...(template ? { loadDataDir: template } : {}),
      extensions: { pg_trgm },
      postgresqlconf: SMALL_MEMORY,
      parsers: { [types.INT8]: (text: string) => Number(text) },
    });
    return {
      query: queryOn(pglite),
      transaction: (work) => pglite.transaction((tx) => work(queryOn(tx))),
      script: async (sql) => {
        await pglite.transaction((tx) => tx.exec(sql));
      },
      close: async () => {
        await pglite.close();
        unlock();
      },
    };
  } catch (error) {
    unlock();
    throw error;
  }
}
