import { cpSync, rmSync } from 'node:fs';
import path from 'node:path';
import { PGlite, types, type Transaction } from '@electric-sql/pglite';
import { pg_trgm } from '@electric-sql/pglite/contrib/pg_trgm';
import type { Copyable, Db, Query, Row } from './db';
import type { WhileDisk } from '../watch/watched';
import { DurableFs } from './durableFs';
import { oneServer } from './oneServer';
import { freeBytes, whileRoom } from './room';
import { rowCounts } from './rowCounts';
import { takeFolder } from './takeFolder';

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

/** How a database is opened. */
interface Opening {
  /** A data folder as tar to start a database in memory from. */
  readonly template?: Blob;
  /** Writes a file through to the disk. */
  readonly sync?: (fd: number) => void;
  /** Is told of everything that is asked of the disk. */
  readonly whileDisk?: WhileDisk;
}

/** Starts PGlite in a folder that this process has taken; without a folder in memory. */
export const startPglite = (folder?: string, { template, sync, whileDisk }: Opening = {}): Promise<PGlite> =>
  PGlite.create({
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

/** A database on what was started. */
export function dbOn(pglite: PGlite, folder?: string, whileDisk?: WhileDisk): Db & Copyable {
  return {
    ...oneServer(),
    query: queryOn(pglite),
    transaction: (work) => pglite.transaction((tx) => work(queryOn(tx))),
    script: async (sql) => {
      await pglite.transaction((tx) => tx.exec(sql));
    },
    close: () => pglite.close(),
    // Within a transaction no other statement runs; the log is written into the tables first, so that the copy is whole by itself.
    copyTo: (to) =>
      pglite.transaction(async (tx) => {
        if (!folder) throw new Error('A database in memory has no folder to copy.');
        const rows = await rowCounts(queryOn(tx));
        await tx.exec('CHECKPOINT');
        const copy = () => cpSync(folder, to, { recursive: true });
        if (whileDisk) whileDisk(copy);
        else copy();
        rmSync(path.join(to, 'postmaster.pid'), { force: true });
        return rows;
      }),
  };
}

/** Opens the database in a folder that this process has taken; without a folder one in memory. */
export const openTaken = async (folder?: string, opening: Opening = {}): Promise<Db & Copyable> =>
  dbOn(await startPglite(folder, opening), folder, opening.whileDisk);

/**
 * Opens the embedded database in this thread: for tests and for developers.
 *
 * @param folder where it lives; none for a database in memory
 */
export async function openPglite(folder?: string, template?: Blob, sync?: (fd: number) => void): Promise<Db> {
  if (!folder) return openTaken(undefined, { template });
  const giveBack = await takeFolder(folder);
  try {
    const db = await openTaken(folder, { sync });
    const close = async () => {
      await db.close();
      giveBack();
    };
    return whileRoom({ ...db, close }, () => freeBytes(folder));
  } catch (error) {
    giveBack();
    throw error;
  }
}
