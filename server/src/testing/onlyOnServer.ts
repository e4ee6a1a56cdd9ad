import { openServerDb, type ServerOpening } from '../db/serverDb';
import { TESTS } from './testDb';
import type { Db } from '../db/db';

/** Tests of what a PostgreSQL server alone does: they run where the tests run on one. */
export const onlyOnServer = process.env.HUFF_TEST_DATABASE ? describe : describe.skip;

/** The address of a test's database. */
export async function addressOf(db: Db): Promise<string> {
  const [row] = await db.query<{ name: string }>('SELECT current_database() AS name');
  const address = new URL(process.env.HUFF_TEST_DATABASE!);
  address.pathname = row!.name;
  return address.href;
}

/** Another connection to the database of a test, as another server has it. */
export const besides = async (db: Db, opening: ServerOpening = {}): Promise<Db> =>
  openServerDb(await addressOf(db), { connections: 3, applicationName: TESTS, ...opening });
