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

/**
 * Brings the database up to date: each migration not yet run, in order, in a transaction of its own together with the note
 * that it ran. A migration that has landed is never edited; a new one is added.
 *
 * @returns the numbers that ran now
 */
export async function migrate(db: Db, folder = FOLDER): Promise<number[]> {
  await db.script(`CREATE TABLE IF NOT EXISTS migrations (
    number integer PRIMARY KEY,
    file text NOT NULL,
    ran_at timestamptz NOT NULL DEFAULT now()
  )`);
  const done = new Set((await db.query<{ number: number }>('SELECT number FROM migrations')).map((r) => r.number));
  const ran: number[] = [];
  for (const { number, file } of migrationFiles(folder)) {
    if (done.has(number)) continue;
    const sql = readFileSync(path.join(folder, file), 'utf8');
    await db.script(`${sql};\nINSERT INTO migrations (number, file) VALUES (${number}, '${file}')`);
    ran.push(number);
  }
  return ran;
}
