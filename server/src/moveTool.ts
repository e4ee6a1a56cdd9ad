import { existsSync, rmSync } from 'node:fs';
import path from 'node:path';
import type { Db } from './db/db';
import { openPglite } from './db/pgliteDb';
import { openServerDb } from './db/serverDb';
import { CREATE_FOLDER_ARGUMENT, createFolderHere } from './db/createFolder';
import { move } from './move/move';
import type { Sum } from './move/tables';

const isServer = (place: string) => /^postgres(?:ql)?:\/\//.test(place);

const databaseIn = (place: string) => path.join(path.resolve(place), 'db');

/** A data folder as HUFF_DATA names it, or a PostgreSQL server as DATABASE_URL does. */
function open(place: string, isNew: boolean): Promise<Db> {
  if (isServer(place)) return openServerDb(place, { applicationName: 'huff move', connections: 2 });
  const folder = databaseIn(place);
  if (!isNew && !existsSync(folder))
    throw new Error(`${place} has no Huff data. Name the folder that HUFF_DATA names.`);
  if (isNew && existsSync(folder)) throw new Error(`${place} has data already. Name a new folder.`);
  return openPglite(folder);
}

async function run(from: string, to: string): Promise<void> {
  const source = await open(from, false);
  try {
    const target = await open(to, true);
    let isMoved = false;
    try {
      const onTable = (name: string, { rows }: Sum) => console.log(`${name}: ${rows}`);
      const sums = await move({ from: source, to: target, onTable });
      isMoved = true;
      const rows = [...sums.values()].reduce((sum, one) => sum + one.rows, 0);
      console.log(
        `Moved ${rows} rows of ${sums.size} tables. Every table was counted and summed on both sides; they agree.`,
      );
    } finally {
      await target.close();
      // A folder that was made for nothing would stand in the way of the next try.
      if (!isMoved && !isServer(to)) rmSync(databaseIn(to), { recursive: true, force: true });
    }
  } finally {
    await source.close();
  }
}

const create = process.argv.indexOf(CREATE_FOLDER_ARGUMENT);
const [, , from = '', to = ''] = process.argv;
try {
  if (create > 0) process.exitCode = (await createFolderHere(process.argv[create + 1] ?? '')) ? 0 : 1;
  else await run(from, to);
} catch (error) {
  console.error((error as Error).message);
  process.exitCode = 1;
}
