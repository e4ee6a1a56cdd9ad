import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Db } from './db';

const FOLDER = fileURLToPath(new URL('./migrations', import.meta.url));

/** The migrations as files: "0001_first.sql" is number 1. */
export function migrationFiles(folder = FOLDER): { number: number; file: string }[] {
  return readdirSync(folder)
    .filter((file) => /^\d{4}_\w+\.sql$/.test(file))
    .sort()
    .map((file) => ({ number: Number(file.slice(0, 4)), file }));
}

/** What a migration says, told apart from any other; line ends are the editor's. */
const checksumOf = (sql: string) => createHash('sha256').update(sql.replace(/\r\n/g, '\n')).digest('hex');

interface Ran {
  readonly number: number;
  readonly file: string;
  readonly checksum: string | null;
}

/** A database of another program than this one. @throws Error in a sentence that says what to change */
function refuseOthers(done: readonly Ran[], known: ReadonlyMap<number, string>): void {
  const last = Math.max(0, ...known.keys());
  const newer = done.find(({ number }) => number > last);
  if (newer)
    throw new Error(
      `This data was written by a newer Huff (${newer.file}). Update Huff, or set HUFF_DATA to another folder.`,
    );
  const edited = done.find(
    ({ number, checksum }) => checksum !== null && known.has(number) && checksum !== known.get(number),
  );
  if (edited)
    throw new Error(
      `${edited.file} was changed after it ran on this data. Put the file of that Huff back; add a new migration instead.`,
    );
}

/**
 * Brings the database up to date: each migration not yet run, in order, in a transaction of its own together with the note
 * that it ran and what it said. A migration that has landed is never edited; a new one is added.
 *
 * @returns the numbers that ran now
 * @throws Error in a sentence where the data is of a newer program, or a migration was edited
 */
export async function migrate(db: Db, folder = FOLDER): Promise<number[]> {
  await db.script(`CREATE TABLE IF NOT EXISTS migrations (
    number integer PRIMARY KEY,
    file text NOT NULL,
    ran_at timestamptz NOT NULL DEFAULT now()
  )`);
  await db.script('ALTER TABLE migrations ADD COLUMN IF NOT EXISTS checksum text');
  const known = migrationFiles(folder).map(({ number, file }) => {
    const sql = readFileSync(path.join(folder, file), 'utf8');
    return { number, file, sql, checksum: checksumOf(sql) };
  });
  const rows = await db.query<Ran & Record<string, unknown>>('SELECT number, file, checksum FROM migrations');
  refuseOthers(rows, new Map(known.map(({ number, checksum }) => [number, checksum])));
  const done = new Map(rows.map(({ number, checksum }) => [number, checksum]));
  const ran: number[] = [];
  for (const { number, file, sql, checksum } of known) {
    // Of before checksums were kept: what is here now counts as what ran.
    if (done.get(number) === null)
      await db.query('UPDATE migrations SET checksum = $2 WHERE number = $1', [number, checksum]);
    if (done.has(number)) continue;
    await db.script(
      `${sql};\nINSERT INTO migrations (number, file, checksum) VALUES (${number}, '${file}', '${checksum}')`,
    );
    ran.push(number);
  }
  return ran;
}
