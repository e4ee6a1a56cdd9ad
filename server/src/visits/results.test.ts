import { pino } from 'pino';
import type { Db, Query } from '../db/db';
import { loadDemo } from '../demo/loadDemo';
import { DEMO_AUTHOR } from '../http/author';
import { testDb } from '../testing/testServer';
import { resultsBeside } from './results';

const { shopId } = DEMO_AUTHOR;
let db: Db;
let ids: string[];
beforeAll(async () => {
  db = await testDb();
  await loadDemo(db, new Date('2026-05-13T12:00:00Z'));
  ids = (await db.query<{ id: string }>('SELECT id FROM visits ORDER BY random()')).map(({ id }) => id);
}, 120_000);
afterAll(() => db.close());
beforeEach(() => db.query('DELETE FROM results'));

const kept = async () => (await db.query('SELECT visit_id FROM results')).length;

/** The same database, that remembers how many visits were asked for whole at once. */
function watched() {
  const asked: number[] = [];
  const query: Query = (sql, params = []) => {
    const list = params.find((one): one is string[] => Array.isArray(one));
    if (list && sql.includes('FROM readings')) asked.push(list.length);
    return db.query(sql, params);
  };
  return { db: { ...db, query }, asked };
}

test('many at once are computed a few at a time: a file of years must not fill the memory or stand in the way', async () => {
  const { db: seen, asked } = watched();
  const results = resultsBeside(seen, pino({ level: 'silent' }));
  results.addBrought(shopId, ids);
  await results.settled();
  expect(await kept()).toBe(ids.length);
  expect(ids.length).toBeGreaterThan(25);
  expect(Math.max(...asked)).toBe(25);
});

test('the visits of a unit are computed in their order, with those that came after one that changed', async () => {
  const [unit] = await db.query<{ id: string }>(
    'SELECT unit_id AS id FROM visits WHERE unit_id IS NOT NULL GROUP BY unit_id ORDER BY count(*) DESC LIMIT 1',
  );
  const visits = await db.query<{ id: string }>('SELECT id FROM visits WHERE unit_id = $1 ORDER BY started_at', [
    unit!.id,
  ]);
  const results = resultsBeside(db, pino({ level: 'silent' }));
  results.add(shopId, [visits[2]!.id]);
  await results.settled();
  const done = await db.query<{ id: string }>('SELECT visit_id AS id FROM results');
  expect(new Set(done.map(({ id }) => id))).toEqual(new Set(visits.slice(2).map(({ id }) => id)));
});

test('those of a phone are told of once, those of a file never; a stop ends it between two', async () => {
  const told: string[] = [];
  let over = false;
  const after = (_: string, some: readonly string[]) => {
    told.push(...some);
    return Promise.resolve();
  };
  const results = resultsBeside(db, pino({ level: 'silent' }), () => over, after);
  results.addBrought(shopId, ids.slice(0, 5));
  results.add(shopId, [ids[7]!]);
  results.add(shopId, [ids[7]!]);
  await results.settled();
  expect(told).toEqual([ids[7]]);
  over = true;
  await db.query('DELETE FROM results');
  results.addBrought(shopId, ids);
  await results.settled();
  expect(await kept()).toBe(0);
});
