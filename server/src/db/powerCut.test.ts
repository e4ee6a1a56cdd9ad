import { PGlite } from '@electric-sql/pglite';
import { cpSync, mkdirSync, mkdtempSync, readFileSync, readlinkSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openPglite } from './pgliteDb';

/**
 * A disk that forgets: beside the database's folder stands a shadow of it, which has of each file what it had when it was last written
 * through. That is all a power cut may leave.
 */
function forgettingDisk(folder: string, shadow: string) {
  let synced = 0;
  return {
    begin: () => cpSync(folder, shadow, { recursive: true }),
    sync: (fd: number) => {
      const file = readlinkSync(`/proc/self/fd/${fd}`);
      const kept = path.join(shadow, path.relative(folder, file));
      mkdirSync(path.dirname(kept), { recursive: true });
      cpSync(file, kept, { recursive: true });
      synced += 1;
    },
    synced: () => synced,
  };
}

let root: string;
beforeEach(() => (root = mkdtempSync(path.join(tmpdir(), 'huff-power-'))));
afterEach(() => rmSync(root, { recursive: true, force: true }));

test('after a power cut everything that was confirmed is there, and what was not finished is not', async () => {
  const [folder, shadow] = [path.join(root, 'db'), path.join(root, 'after')];
  const made = await PGlite.create(folder, { loadDataDir: new Blob([readFileSync(process.env.PGLITE_TEMPLATE!)]) });
  await made.close();
  const disk = forgettingDisk(folder, shadow);
  disk.begin();
  const db = await openPglite(folder, undefined, disk.sync);
  await db.query('CREATE TABLE kept (id integer PRIMARY KEY, text text)');
  const before = disk.synced();
  const confirmed: number[] = [];
  for (let id = 0; id < 120; id += 1) {
    await db.transaction(async (query) => {
      await query('INSERT INTO kept VALUES ($1, $2)', [id, 'x'.repeat(3000)]);
    });
    confirmed.push(id);
    if (id === 60) await db.query('CHECKPOINT');
  }
  // Each was waited for, none was left to a later one.
  expect(disk.synced() - before).toBeGreaterThanOrEqual(120);
  // The power goes here, in the middle of one that was not confirmed: what was written since the last sync never reached the disk.
  const cut = path.join(root, 'cut');
  await db
    .transaction(async (query) => {
      await query("INSERT INTO kept VALUES (999, 'half')");
      cpSync(shadow, cut, { recursive: true });
      throw new Error('no power');
    })
    .catch(() => undefined);
  await db.close();

  rmSync(path.join(cut, 'postmaster.pid'), { force: true });
  const after = await openPglite(cut);
  const rows = await after.query<{ id: number }>('SELECT id FROM kept ORDER BY id');
  expect(rows.map(({ id }) => id)).toEqual(confirmed);
  await after.close();
}, 120_000);
