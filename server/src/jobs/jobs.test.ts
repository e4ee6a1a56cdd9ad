import { pino } from 'pino';
import type { Db, Query } from '../db/db';
import { loadDemo } from '../demo/loadDemo';
import { DEMO_AUTHOR } from '../http/author';
import { testDb } from '../testing/testDb';
import { judgingOn } from '../testing/judging';
import { askFor, endJobs, freeJobs, takeJobs } from './jobs';
import { jobsBeside } from './jobsBeside';
import { visitDoers } from '../visits/results';

const { shopId } = DEMO_AUTHOR;
let db: Db;
let ids: string[];
beforeAll(async () => {
  db = await testDb();
  await loadDemo(db, new Date('2026-05-13T12:00:00Z'));
  ids = (await db.query<{ id: string }>('SELECT id FROM visits ORDER BY random()')).map(({ id }) => id);
}, 120_000);
afterAll(() => db.close());
beforeEach(async () => {
  await db.query('DELETE FROM results');
  await db.query('DELETE FROM jobs');
});

type After = Parameters<typeof visitDoers>[1];

/** Does what is asked for of visits. */
function doers(on: Db = db, { after, isOver = () => false }: { after?: After; isOver?: () => boolean } = {}) {
  const reminders = { work: () => Promise.resolve() };
  return jobsBeside(
    on,
    pino({ level: 'silent' }),
    { ...visitDoers({ ...judgingOn(on), isOver }, after), reminders },
    isOver,
  );
}
const done = async (jobs: ReturnType<typeof doers>) => {
  jobs.asked();
  await jobs.settled();
};
const ask = (subjects: readonly string[], tell = false) => askFor(db.query, shopId, 'visit', subjects, { tell });

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
  await ask(ids);
  await done(doers(seen));
  expect(await kept()).toBe(ids.length);
  expect(ids.length).toBeGreaterThan(25);
  expect(Math.max(...asked)).toBe(25);
  expect(await db.query('SELECT * FROM jobs')).toEqual([]);
});

test('the visits of a unit are computed in their order, with those that came after one that changed', async () => {
  const [unit] = await db.query<{ id: string }>(
    'SELECT unit_id AS id FROM visits WHERE unit_id IS NOT NULL GROUP BY unit_id ORDER BY count(*) DESC LIMIT 1',
  );
  const visits = await db.query<{ id: string }>('SELECT id FROM visits WHERE unit_id = $1 ORDER BY started_at', [
    unit!.id,
  ]);
  await ask([visits[2]!.id]);
  await done(doers());
  const judged = await db.query<{ id: string }>('SELECT visit_id AS id FROM results');
  expect(new Set(judged.map(({ id }) => id))).toEqual(new Set(visits.slice(2).map(({ id }) => id)));
});

test('those of a phone are told of once, those of a file never', async () => {
  const told: string[] = [];
  const after = (_: string, some: readonly string[]) => {
    told.push(...some);
    return Promise.resolve();
  };
  await ask(ids.slice(0, 5));
  await ask([ids[7]!], true);
  await ask([ids[7]!], true);
  await done(doers(db, { after }));
  expect(told).toEqual([ids[7]]);
});

test('a stop gives jobs back: the next start does them at once', async () => {
  await ask(ids.slice(0, 5), true);
  let over = false;
  const after = () => {
    throw new Error('nobody is told by a server that stops');
  };
  const judge = (work: Parameters<ReturnType<typeof judgingOn>['judge']>[0]) => {
    over = true;
    return judgingOn(db).judge(work);
  };
  const isOver = () => over;
  const stopped = jobsBeside(
    db,
    pino({ level: 'silent' }),
    { ...visitDoers({ ...judgingOn(db), judge, isOver }, after), reminders: { work: () => Promise.resolve() } },
    isOver,
  );
  await done(stopped);
  expect(await db.query('SELECT subject FROM jobs WHERE taken_until IS NULL')).toHaveLength(5);
  await db.query('DELETE FROM results');
  await done(doers());
  expect(await kept()).toBeGreaterThanOrEqual(5);
  expect(await db.query('SELECT subject FROM jobs')).toEqual([]);
});

test('jobs of a server that died are another’s when their time is over, not before', async () => {
  await ask(ids.slice(0, 5));
  await takeJobs(db.query, 25);
  await done(doers());
  expect(await kept()).toBe(0);
  await db.query("UPDATE jobs SET taken_until = now() - interval '1 second'");
  await done(doers());
  expect(await kept()).toBeGreaterThanOrEqual(5);
  // A server that has its database to itself need not wait for the time.
  await ask(ids.slice(0, 5));
  await takeJobs(db.query, 25);
  await freeJobs(db.query);
  await db.query('DELETE FROM results');
  await done(doers());
  expect(await kept()).toBeGreaterThanOrEqual(5);
});

test('what is asked for again while it is being done is done once more', async () => {
  await ask(ids.slice(0, 1));
  const [job] = await takeJobs(db.query, 1);
  await ask(ids.slice(0, 1), true);
  await endJobs(db.query, [job!]);
  expect(await takeJobs(db.query, 1)).toMatchObject([{ subject: ids[0], tell: true, asked: 2 }]);
});

test('what fails is put off, not lost, and holds nothing else up', async () => {
  await ask(ids.slice(0, 2), true);
  let fails = true;
  const after = () => (fails ? Promise.reject(new Error('mail')) : Promise.resolve());
  await askFor(db.query, shopId, 'allVisits', [shopId]);
  await done(doers(db, { after }));
  expect(await kept()).toBe(ids.length);
  expect(await db.query('SELECT kind FROM jobs WHERE due_at > now() AND taken_until IS NULL')).toHaveLength(2);
  fails = false;
  await db.query('UPDATE jobs SET due_at = now()');
  await done(doers(db, { after }));
  expect(await db.query('SELECT kind FROM jobs')).toEqual([]);
});
