import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { Copyable, Db } from '../db/db';
import { ensureUsable } from '../db/usableFolder';
import { freeBytes, LEAST_FREE_BYTES } from '../db/room';
import { syncPath, syncTree } from '../db/syncTree';

/** Rows of each table. */
export type RowCounts = Readonly<Record<string, number>>;

/** What is known of a backup that was read back and is good. */
export interface Backup {
  readonly name: string;
  readonly madeAt: string;
  readonly rows: RowCounts;
  readonly bytes: number;
}

/** What a backup is made of. */
export type CopiedDb = Pick<Db, 'query'> & Copyable;

interface Making {
  readonly db: CopiedDb;
  /** Where backups are kept, a folder each. */
  readonly folder: string;
  /** How many good ones are kept. */
  readonly keep: number;
  readonly now: Date;
  /** Opens a copy in a separate process and counts its rows. */
  readonly readBack: (folder: string) => Promise<RowCounts>;
}

const NOTE = 'backup.json';
const PART = '.part-';

/** The database within a backup. */
export const databaseIn = (backup: string): string => path.join(backup, 'db');

function noteIn(folder: string, name: string): Backup | undefined {
  try {
    const { madeAt, rows, bytes } = JSON.parse(readFileSync(path.join(folder, name, NOTE), 'utf8')) as Backup;
    return existsSync(databaseIn(path.join(folder, name))) ? { name, madeAt, rows, bytes } : undefined;
  } catch {
    // No backup, or one that was cut off before it was read back.
    return undefined;
  }
}

/** The good backups of a folder, the newest first. */
export function backupsIn(folder: string): readonly Backup[] {
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .flatMap((name) => (name.startsWith('.') ? [] : (noteIn(folder, name) ?? [])))
    .sort((a, b) => b.madeAt.localeCompare(a.madeAt));
}

/** The tables in which two counts differ. */
export const differingTables = (a: RowCounts, b: RowCounts): string[] =>
  Object.keys({ ...a, ...b }).filter((table) => a[table] !== b[table]);

/** Bytes of everything in a folder. */
const bytesOf = (folder: string): number =>
  readdirSync(folder, { withFileTypes: true, recursive: true }).reduce(
    (sum, entry) => (entry.isFile() ? sum + statSync(path.join(entry.parentPath, entry.name)).size : sum),
    0,
  );

async function ensureRoom(db: CopiedDb, folder: string): Promise<void> {
  ensureUsable(folder);
  const [row] = await db.query<{ bytes: number }>('SELECT pg_database_size(current_database()) AS bytes');
  // Beside the tables there is the log.
  const needed = 2 * (row?.bytes ?? 0) + LEAST_FREE_BYTES;
  if (freeBytes(folder) < needed)
    throw new Error(
      `The disk of ${folder} needs ${Math.ceil(needed / 1e6)} MB free for a backup. Free up space, or set HUFF_BACKUPS to another folder.`,
    );
}

/** A name that no backup has: two may be made within a second. */
function freeName(folder: string, stamp: string): string {
  let name = stamp;
  for (let n = 2; existsSync(path.join(folder, name)); n += 1) name = `${stamp}-${n}`;
  return name;
}

/**
 * Makes a backup while the database runs: copies its folder, opens the copy and counts every row again. It counts as made only once that is
 * so; older ones than are to be kept go then.
 *
 * @throws Error in a sentence where it could not be made; what was there before stays
 */
export async function makeBackup({ db, folder, keep, now, readBack }: Making): Promise<Backup> {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  for (const name of readdirSync(folder))
    if (name.startsWith(PART)) rmSync(path.join(folder, name), { recursive: true, force: true });
  await ensureRoom(db, folder);
  const madeAt = now.toISOString();
  const name = freeName(folder, madeAt.slice(0, 19).replace(/:/g, '-'));
  const part = path.join(folder, `${PART}${name}`);
  mkdirSync(part, { mode: 0o700 });
  try {
    const rows = await db.copyTo(databaseIn(part));
    const differ = differingTables(rows, await readBack(databaseIn(part)));
    if (differ.length > 0) throw new Error(`The backup was read back and differs in ${differ.join(', ')}. Try again.`);
    const backup: Backup = { name, madeAt, rows, bytes: bytesOf(part) };
    writeFileSync(path.join(part, NOTE), JSON.stringify(backup, null, 2));
    await syncTree(part);
    renameSync(part, path.join(folder, name));
    syncPath(folder);
    for (const old of backupsIn(folder).slice(keep)) rmSync(path.join(folder, old.name), { recursive: true });
    return backup;
  } catch (error) {
    rmSync(part, { recursive: true, force: true });
    throw error;
  }
}

const HOUR_MS = 3_600_000;
/** Local hours in which a backup is made by itself. */
const NIGHT = { from: 2, until: 5 } as const;
/** A machine that is off at night makes up for it by day. */
const OVERDUE_MS = 26 * HOUR_MS;
const APART_MS = 12 * HOUR_MS;
/** Without a good one for so long, people are warned. */
const WARN_MS = 48 * HOUR_MS;

const ageMs = (last: Backup | undefined, now: Date) => (last ? now.getTime() - Date.parse(last.madeAt) : Infinity);

/** Whether one is made now: each night, and at once where the night was missed. */
export function isBackupDue(last: Backup | undefined, now: Date): boolean {
  const age = ageMs(last, now);
  const hour = now.getHours();
  return age > OVERDUE_MS || (hour >= NIGHT.from && hour < NIGHT.until && age > APART_MS);
}

/** Whether people are told that there is no good one of late. */
export const lacksBackup = (last: Backup | undefined, now: Date): boolean => ageMs(last, now) > WARN_MS;
