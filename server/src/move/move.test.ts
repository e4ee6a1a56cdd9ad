import type { Db } from '../db/db';
import { loadDemo } from '../demo/loadDemo';
import { DEMO_AUTHOR } from '../http/author';
import { embeddedDb, emptyDb, openly, testDb } from '../testing/testDb';
import { judgeAll } from '../testing/judging';
import { wholeVisits } from '../visits/wholeVisit';
import { move } from './move';
import { sumsOf, tablesInOrder } from './tables';

const { shopId } = DEMO_AUTHOR;
const JPEG = new Uint8Array([255, 216, 0, 1, 2, 254]);

/** The demo of years, judged, with what no demo has: a picture, a time between milliseconds, a figure of many digits. */
async function years(): Promise<Db> {
  const db = await testDb();
  await loadDemo(db, new Date('2026-05-13T12:00:00Z'));
  await judgeAll(db, shopId);
  const [visit] = await db.query<{ id: string }>('SELECT id FROM visits LIMIT 1');
  await db.query('UPDATE sites SET altitude_ft = 1 / 3.0::float8, saved_at = $1', ['2026-05-13T12:00:00.123456Z']);
  await db.query(
    `INSERT INTO photos (shop_id, id, written_by, saved_at, visit_id, item, revision)
     VALUES ($1, $2, $3, now(), $2, 'plate', 1)`,
    [shopId, visit!.id, DEMO_AUTHOR.personId],
  );
  await db.query("INSERT INTO photo_bytes (shop_id, photo_id, size, jpeg) VALUES ($1, $2, 'full', $3)", [
    shopId,
    visit!.id,
    JPEG,
  ]);
  return db;
}

const sums = (db: Db) => db.transaction(async (query) => sumsOf(query, await tablesInOrder(query)));
const epochs = (db: Db) => db.query<{ epoch: string }>('SELECT epoch FROM shops');

test('everything arrives, there and back: every table of both engines counts and sums the same', async () => {
  const from = await years();
  const before = await sums(from);
  // Where these tests run on a PostgreSQL server, from there to the embedded database and back to another one; else between two embedded ones.
  const between = openly(await embeddedDb());
  const moved = await move({ from, to: between });
  expect(moved).toEqual(before);
  expect(before.get('readings')!.rows).toBeGreaterThan(50);
  expect(before.get('photo_bytes')!.rows).toBe(1);
  expect(await epochs(between)).not.toEqual(await epochs(from));

  const back = openly(await emptyDb());
  await move({ from: between, to: back });
  const after = await sums(back);
  // Each move begins another life of the data: of that alone they differ.
  const differing = [...before.keys()].filter((name) => after.get(name)!.sum !== before.get(name)!.sum);
  expect(differing).toEqual(['shops']);
  const ids = (await from.query<{ id: string }>('SELECT id FROM visits')).map(({ id }) => id);
  const visits = async (db: Db) =>
    (await wholeVisits(db.query, shopId, ids)).sort((a, b) => (a.record.id < b.record.id ? -1 : 1));
  expect(await visits(back)).toEqual(await visits(from));
  const [photo] = await back.query<{ jpeg: Uint8Array }>('SELECT jpeg FROM photo_bytes');
  expect([...photo!.jpeg]).toEqual([...JPEG]);
  for (const db of [from, between, back]) await db.close();
}, 120_000);

test('a place that has data is refused, and so is a copy that differs; nothing is left of it', async () => {
  const from = await years();
  const other = await testDb();
  await expect(move({ from, to: other })).rejects.toThrow('has a shop already');
  const to = openly(await embeddedDb());
  // Of a statement that loses a row.
  const losing: Db = {
    ...to,
    transaction: (work) =>
      to.transaction((query) =>
        work((sql, params) =>
          sql.startsWith('INSERT INTO "readings"') ? query(`${sql} LIMIT 10`, params) : query(sql, params),
        ),
      ),
  };
  await expect(move({ from, to: losing })).rejects.toThrow('readings differ after the copy. Nothing was moved.');
  expect(await to.query('SELECT id FROM shops')).toEqual([]);
  await move({ from, to });
  for (const db of [from, other, to]) await db.close();
}, 120_000);
