import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import type { Db } from '../db/db';
import { dropDatabase } from '../db/dropDatabase';
import { openPglite } from '../db/pgliteDb';
import { openServerDb } from '../db/serverDb';
import { acrossShops, shopSeen } from '../db/shopFence';

/** What PostgreSQL lists the tests as: they are no Huff that uses a database. */
export const TESTS = 'huff tests';

/** A database on the PostgreSQL server of the tests, which goes when it is closed. @param template empty when absent */
async function onServer(server: string, template?: string): Promise<Db> {
  const name = `huff_${randomUUID().replace(/-/g, '')}`;
  const maker = await openServerDb(server, { connections: 1 });
  await maker.query(`CREATE DATABASE ${name}${template === undefined ? '' : ` TEMPLATE ${template}`}`);
  const address = new URL(server);
  address.pathname = name;
  const db = await openServerDb(address.href, { connections: 4, applicationName: TESTS });
  const close = async () => {
    await db.close();
    await dropDatabase(maker.query, name);
    await maker.close();
  };
  return { ...db, close };
}

const embeddedFrom = (template: string): Promise<Db> => openPglite(undefined, new Blob([readFileSync(template)]));

/** Embedded, in memory, from the template that Jest's global set-up makes; empty. */
export const embeddedDb = (): Promise<Db> => embeddedFrom(process.env.PGLITE_TEMPLATE!);

/** An empty database: embedded, or on a PostgreSQL server where the tests run on that. */
export const emptyDb = (): Promise<Db> => {
  const server = process.env.HUFF_TEST_DATABASE;
  return server ? onServer(server) : embeddedDb();
};

/**
 * A migrated database for one test file, with the first shop: embedded, or on a PostgreSQL server where the tests run on that. A copy of one that
 * was made once, with a new epoch, because each data set has its own.
 */
export async function serverDbOfTest(): Promise<Db> {
  const server = process.env.HUFF_TEST_DATABASE;
  const db = await (server
    ? onServer(server, process.env.HUFF_TEST_TEMPLATE)
    : embeddedFrom(process.env.PGLITE_MIGRATED!));
  await acrossShops(() => db.query('UPDATE shops SET epoch = gen_random_uuid()'));
  return db;
}

/** A database as a test asks it, outside of any request: rows of every shop are seen. */
export const openly = (db: Db): Db => {
  const seen = <T>(work: () => T): T => (shopSeen() === '' ? acrossShops(work) : work());
  return {
    ...db,
    query: (sql, params) => seen(() => db.query(sql, params)),
    transaction: (work) => seen(() => db.transaction(work)),
    script: (sql) => seen(() => db.script(sql)),
  };
};

export const testDb = async (): Promise<Db> => openly(await serverDbOfTest());
