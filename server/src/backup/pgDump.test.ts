import { mkdtempSync, readdirSync, rmSync, truncateSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Db } from '../db/db';
import { dropDatabase } from '../db/dropDatabase';
import { rowCounts } from '../db/rowCounts';
import { loadDemo } from '../demo/loadDemo';
import { onlyOnServer, addressOf } from '../testing/onlyOnServer';
import { testDb } from '../testing/testDb';
import { databaseIn, makeBackup } from './backups';
import { dumpedDb, dumpIn, readDump, withDatabase } from './pgDump';
import { restoreServer } from './restoreServer';

onlyOnServer('a backup of a PostgreSQL server', () => {
  let db: Db;
  let url: string;
  let folder: string;
  beforeAll(async () => {
    db = await testDb();
    await loadDemo(db, new Date('2026-05-13T12:00:00Z'));
    url = await addressOf(db);
    folder = mkdtempSync(path.join(tmpdir(), 'huff-dump-'));
  }, 120_000);
  afterAll(async () => {
    rmSync(folder, { recursive: true, force: true });
    await db.close();
  });
  const make = (copied = dumpedDb(url, db)) =>
    makeBackup({ db: copied, folder, keep: 3, now: new Date(), readBack: readDump(url) });

  test('is made while it is used, holds the rows of every shop, and comes back', async () => {
    const copied = dumpedDb(url, db);
    const writing = {
      ...copied,
      copyTo: async (to: string) => {
        const counts = copied.copyTo(to);
        // Written meanwhile: it is in the next one.
        await new Promise((go) => setTimeout(go, 150));
        await db.query("INSERT INTO search_words (shop_id, word) SELECT id, 'meanwhile' FROM shops");
        return counts;
      },
    };
    const made = await make(writing);
    expect(made.rows.readings).toBeGreaterThan(50);
    expect(made.rows.search_words).toBe(0);
    await db.query(
      "INSERT INTO sessions (shop_id, key, person_id, label, expires_at) SELECT shop_id, 'x', id, 'Phone', now() + interval '1 day' FROM people",
    );
    const next = await make();
    expect(next.rows.sessions).toBe(1);
    const name = await restoreServer(url, next, databaseIn(path.join(folder, next.name)), new Date());
    const address = new URL(url);
    address.pathname = name;
    await withDatabase(address.href, async (restored) => {
      // Nobody is let in by a session of then.
      expect(await rowCounts(restored.query)).toEqual({ ...next.rows, sessions: 0 });
      const [now] = await restored.query<{ epoch: string }>('SELECT epoch FROM shops');
      const [before] = await db.query<{ epoch: string }>('SELECT epoch FROM shops');
      expect(now!.epoch).not.toBe(before!.epoch);
    });
    await withDatabase(url, (maker) => dropDatabase(maker.query, name));
  }, 120_000);

  test('that was cut off does not count, and leaves the good ones', async () => {
    const before = readdirSync(folder);
    const copied = dumpedDb(url, db);
    const cut = {
      ...copied,
      copyTo: async (to: string) => {
        const counts = await copied.copyTo(to);
        truncateSync(dumpIn(to), 5000);
        return counts;
      },
    };
    await expect(make(cut)).rejects.toThrow('pg_restore failed');
    expect(readdirSync(folder)).toEqual(before);
    const left = await db.query("SELECT datname FROM pg_database WHERE datname LIKE 'huff_check_%'");
    expect(left).toEqual([]);
  }, 60_000);

  test('says which program is missing', async () => {
    const before = process.env.PATH;
    process.env.PATH = folder;
    try {
      await expect(make()).rejects.toThrow('pg_dump is missing. Install PostgreSQL’s client programs');
    } finally {
      process.env.PATH = before;
    }
  });
});
