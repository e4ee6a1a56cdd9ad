import { PGlite, types, type Transaction } from '@electric-sql/pglite';
import { pg_trgm } from '@electric-sql/pglite/contrib/pg_trgm';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { createFolder, tidyAside } from './createFolder';
import type { Db, Query, Row } from './db';
import { DurableFs, type WhileDisk } from './durableFs';
import { lockFolder } from './folderLock';
import { freeBytes, whileRoom } from './room';
import { ensureUsable } from './usableFolder';

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

/** What is confirmed has reached the disk. PGlite's default is not to wait for it (docs/benchmarks.md has what the waiting costs). */
const DURABLE = ['fsync = on', 'synchronous_commit = on', 'wal_sync_method = fsync', 'full_page_writes = on'];
/** Started with this, no setting turns the waiting on. */
const NO_FSYNC = '-F';

const queryOn =
  (on: PGlite | Transaction): Query =>
  async <R extends Row>(sql: string, params: readonly unknown[] = []) =>
    (await on.query<R>(sql, [...params])).rows;

/**
 * Opens the embedded database.
 *
 * @param folder where it lives; none for a database in memory (tests)
 * @param template a data folder as tar to start a database in memory from
 * @param sync writes a file through to the disk
 * @param whileDisk is told of everything that is asked of the disk
 */
export async function openPglite(
  folder?: string,
  template?: Blob,
  sync?: (fd: number) => void,
  whileDisk?: WhileDisk,
): Promise<Db> {
  if (folder) ensureUsable(path.dirname(folder));
  const unlock = folder ? lockFolder(folder) : () => {};
  try {
    if (folder) tidyAside(folder);
    if (folder && !existsSync(folder)) await createFolder(folder);
    const pglite = await PGlite.create({
      ...(folder
        ? {
            fs: new DurableFs(folder, sync, whileDisk),
            startParams: PGlite.defaultStartParams.filter((param) => param !== NO_FSYNC),
          }
        : {}),
      ...(template ? { loadDataDir: template } : {}),
      extensions: { pg_trgm },
      postgresqlconf: folder ? [...SMALL_MEMORY, ...DURABLE] : SMALL_MEMORY,
      parsers: { [types.INT8]: (text: string) => Number(text) },
    });
    const db: Db = {
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
    return folder ? whileRoom(db, () => freeBytes(folder)) : db;
  } catch (error) {
    unlock();
    throw error;
  }
}
