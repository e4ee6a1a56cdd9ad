import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { acrossShops } from '../db/shopFence';
import { demoId } from '../demo/ids';
import { loadDemo } from '../demo/loadDemo';
import { DEMO_AUTHOR, type Author } from '../http/author';
import { OPERATIONS } from '../openapi/operations';
import { addShop } from '../shop/ensureShop';
import { judgeAll } from '../testing/judging';
import { testServer } from '../testing/testServer';
import { makeCode } from './entryCodes';

/** Words of the first shop that no other shop may read. */
const OURS = /Lantern Quay|Tern Row|Roof 2|library|greenhouse/i;
const PHOTO = 'aaaa0000-0000-4000-8000-000000000001';

let server: Awaited<ReturnType<typeof testServer>>;
let other: Author;
let agent: ReturnType<typeof request.agent>;
/** Ids of the first shop, by the address that reads them. */
let ids: Readonly<Record<string, string>>;

beforeAll(async () => {
  server = await testServer();
  const { db, app } = server;
  await loadDemo(db, new Date('2026-05-13T12:00:00Z'));
  await judgeAll(db, DEMO_AUTHOR.shopId);
  await db.query(
    `INSERT INTO photos (shop_id, id, written_by, saved_at, visit_id, item, revision)
     VALUES ($1, $2, $3, now(), $4, 'unitPlate', 1)`,
    [DEMO_AUTHOR.shopId, PHOTO, DEMO_AUTHOR.personId, demoId('visit', 1)],
  );
  await db.query("INSERT INTO photo_bytes (shop_id, photo_id, size, jpeg) VALUES ($1, $2, 'full', '\\x00'::bytea)", [
    DEMO_AUTHOR.shopId,
    PHOTO,
  ]);
  const made = await acrossShops(async () => {
    other = await addShop(db, 'Gull works', 'Bo');
    return makeCode(db.query, other, other.personId, 'invitation');
  });
  agent = request.agent(app);
  await agent.post('/api/session/code').send({ code: made.code }).expect(200);
  ids = {
    sites: demoId('site', 2),
    units: demoId('unit', 9),
    'blower-tables': demoId('table', 1),
    shop: DEMO_AUTHOR.shopId,
    stops: demoId('stop', 1),
    drills: demoId('drill', 1),
    visits: demoId('visit', 1),
    photos: PHOTO,
    people: DEMO_AUTHOR.personId,
    me: randomUUID(),
  };
}, 120_000);
afterAll(() => server.db.close());

const ownerOf = (path: string) => /^\/(?:api\/)?([a-z-]+)/.exec(path)![1]!;
const addressed = OPERATIONS.filter(({ path }) => path.includes(':id'));
const writes = addressed.filter(({ method }) => method === 'put');
const others = addressed.filter(({ method }) => method !== 'put');
const lists = OPERATIONS.filter(
  ({ path, method, isEndless }) => !path.includes(':id') && method === 'get' && !isEndless,
);
const oursAt = async (path: string) =>
  (await server.http.get(`/api/${ownerOf(path)}/${ids[ownerOf(path)]!}`)).body as object;

test.each(others)('$method $path finds nothing by another shop’s id', async ({ method, path }) => {
  const ours = await oursAt(path);
  const answer = await agent[method](path.replace(':id', ids[ownerOf(path)]!));
  expect(JSON.stringify(answer.body)).not.toMatch(OURS);
  // Not there; a list of nothing is empty.
  const told = Object.values((answer.body ?? {}) as object).filter((value) => value !== null) as unknown[];
  if (answer.status === 200) expect(told.flat()).toEqual([]);
  else expect([404, 409, 422]).toContain(answer.status);
  expect(await oursAt(path)).toEqual(ours);
});

test('simulated instruments read no visit of another shop', async () => {
  const answer = await agent.get(`/api/bridge?simulate=${ids.visits!}`);
  expect(answer.status).toBe(404);
});

test.each(lists)('GET $path lists nothing of another shop', async ({ path, query = [] }) => {
  const days = query.some(({ name }) => name === 'from') ? '?from=2026-05-13&to=2026-05-20' : '';
  const sought = query.some(({ name }) => name === 'q') ? '?q=library' : '';
  const answer = await agent.get(`${path}${days}${sought}`).buffer(true);
  expect(answer.status).toBe(200);
  expect(answer.text).not.toMatch(OURS);
});

test.each(writes)('PUT $path with another shop’s id changes nothing there', async ({ path }) => {
  const ours = await oursAt(path);
  const answer = await agent.put(path.replace(':id', ids[ownerOf(path)]!)).send({ ...ours, name: 'Taken over' });
  // What is written under a foreign id is the writer's own record of that id.
  expect([204, 404, 409, 422]).toContain(answer.status);
  expect(await oursAt(path)).toEqual(ours);
});

test('a cursor of another shop is none, and what is synced lands in the own shop alone', async () => {
  const sync = (cursor: string | null, operations: object[] = []) => ({
    device: randomUUID(),
    phoneTime: new Date().toISOString(),
    cursor,
    operations,
  });
  const { body } = await server.http.post('/api/sync').send(sync(null)).expect(200);
  await agent
    .post('/api/sync')
    .send(sync((body as { cursor: string }).cursor))
    .expect(409);
  const recordId = demoId('visit', 2);
  const record = {
    id: randomUUID(),
    quantity: 'staticPressure',
    port: 'R2',
    value: -0.9,
    unit: 'inWc',
    origin: 'typed',
    conditions: { door: 'on', filter: 'in', coil: 'wet' },
    takenAt: '2026-05-13T12:00:00Z',
    replacesId: null,
  };
  const add = { id: randomUUID(), madeAt: '2026-05-13T12:00:00Z', kind: 'add', of: 'reading', recordId, record };
  await agent
    .post('/api/sync')
    .send(sync(null, [add]))
    .expect(200);
  expect(await server.db.query('SELECT shop_id AS shop FROM readings WHERE id = $1', [record.id])).toEqual([
    { shop: other.shopId },
  ]);
  const { readings } = (await server.http.get(`/api/visits/${recordId}`)).body as { readings: { id: string }[] };
  expect(readings.map(({ id }) => id)).not.toContain(record.id);
});

test('the owner of another shop locks his own door, not the computer of the first one', async () => {
  const owner = { name: 'Bo of Gull works', passphrase: 'gulls on every roof' };
  await agent.put('/api/me/passphrase').send(owner).expect(200);
  await server.http.get('/api/sites').expect(200);
  expect((await server.http.get('/api/session')).body).toMatchObject({ isOn: false });
});
