import { execFile } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdirSync } from 'node:fs';
import path from 'node:path';
import { promisify } from 'node:util';
import type { Db } from '../db/db';
import { dropDatabase } from '../db/dropDatabase';
import { rowCounts } from '../db/rowCounts';
import { openServerDb } from '../db/serverDb';
import { acrossShops } from '../db/shopFence';
import type { CopiedDb, RowCounts } from './backups';

const DUMP = 'huff.dump';
/** Of a shop of years. */
const LONGEST_MS = 2 * 3_600_000;

/** Of a place where a PostgreSQL server's database is kept as a file. */
export const dumpIn = (folder: string): string => path.join(folder, DUMP);

/** How PostgreSQL's own programs reach a database: by settings that no list of processes shows. */
function settingsOf(url: string, database?: string): NodeJS.ProcessEnv {
  const { hostname, port, username, password, pathname, searchParams } = new URL(url);
  const told = (value: string | null, name: string) => (value ? { [name]: decodeURIComponent(value) } : {});
  return {
    ...process.env,
    ...told(hostname, 'PGHOST'),
    ...told(port, 'PGPORT'),
    ...told(username, 'PGUSER'),
    ...told(password, 'PGPASSWORD'),
    ...told(database ?? pathname.slice(1), 'PGDATABASE'),
    ...told(searchParams.get('sslmode'), 'PGSSLMODE'),
    // The rows of every shop, not of the one that a connection is set to.
    PGOPTIONS: '-c huff.shop=every',
  };
}

async function program(name: string, args: readonly string[], env: NodeJS.ProcessEnv): Promise<void> {
  try {
    await promisify(execFile)(name, args, { env, timeout: LONGEST_MS, maxBuffer: 1e7 });
  } catch (error) {
    const { code, stderr } = error as { code?: unknown; stderr?: string };
    if (code === 'ENOENT')
      throw new Error(`${name} is missing. Install PostgreSQL’s client programs on this computer.`, { cause: error });
    const [said = 'no reason given'] = (stderr ?? '').trim().split('\n').slice(-1);
    throw new Error(`${name} failed: ${said}`, { cause: error });
  }
}

/** A database with the name of another server's address. */
function named(url: string, database: string): string {
  const address = new URL(url);
  address.pathname = database;
  return address.href;
}

/** A database on a PostgreSQL server, to be copied while it is used: as it stood in one moment, with the counts of that moment. */
export const dumpedDb = (url: string, db: Db): CopiedDb => ({
  query: (sql, params) => acrossShops(() => db.query(sql, params)),
  copyTo: (folder) =>
    acrossShops(() =>
      db.transaction(async (query) => {
        await query('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ');
        await query('SET LOCAL idle_in_transaction_session_timeout = 0');
        await query('SET LOCAL statement_timeout = 0');
        const [row] = await query<{ snapshot: string }>('SELECT pg_export_snapshot() AS snapshot');
        const counts = await rowCounts(query);
        mkdirSync(folder, { recursive: true, mode: 0o700 });
        await program(
          'pg_dump',
          [
            '--format=custom',
            '--no-owner',
            '--no-privileges',
            '--enable-row-security',
            `--snapshot=${row!.snapshot}`,
            `--file=${dumpIn(folder)}`,
          ],
          settingsOf(url),
        );
        return counts;
      }),
    ),
});

/** Does something with a database that is opened for it alone. */
export async function withDatabase<T>(url: string, work: (db: Db) => Promise<T>): Promise<T> {
  const db = await openServerDb(url, { connections: 1, applicationName: 'huff backup' });
  try {
    return await acrossShops(() => work(db));
  } finally {
    await db.close();
  }
}

/** Puts a copy into a new database beside the one of the address. @returns its name and address */
export async function restoreBeside(url: string, folder: string, name: string): Promise<string> {
  if (!existsSync(dumpIn(folder)))
    throw new Error(`${folder} is no backup of a PostgreSQL server: ${DUMP} is missing.`);
  await withDatabase(url, (db) => db.query(`CREATE DATABASE "${name}"`));
  await program(
    'pg_restore',
    ['--exit-on-error', '--no-owner', `--dbname=${name}`, dumpIn(folder)],
    settingsOf(url, name),
  );
  return named(url, name);
}

/** Reads a copy back: into a separate database, which is dropped afterward. @returns the rows of each table */
export const readDump =
  (url: string) =>
  async (folder: string): Promise<RowCounts> => {
    const name = `huff_check_${randomUUID().slice(0, 8)}`;
    try {
      return await withDatabase(await restoreBeside(url, folder, name), (db) => rowCounts(db.query));
    } finally {
      await withDatabase(url, (db) => dropDatabase(db.query, name));
    }
  };
