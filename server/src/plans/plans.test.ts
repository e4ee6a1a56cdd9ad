import { type VisitDto } from '@huff/contract';
import { plainShop, type ShopDto } from '@huff/contract/fix';
import type { Db } from '../db/db';
import { demoShop } from '../demo/shop';
import { DEMO_TABLES } from '../demo/tables';
import { DEMO_UNITS } from '../demo/units';
import { demoVisits } from '../demo/visits';
import { DEMO_AUTHOR } from '../http/author';
import { testServer } from '../testing/testServer';

let db: Db;
let http: Awaited<ReturnType<typeof testServer>>['http'];
beforeAll(async () => {
  ({ db, http } = await testServer());
}, 60_000);
afterAll(() => db.close());

const visits = demoVisits(new Date('2026-05-13T12:00:00Z'));
const put = (path: string, body: unknown) => http.put(`/api/${path}`).send(body as object);
const ask = (visit: VisitDto, body: object) => http.post(`/api/visits/${visit.id}/plans`).send(body);

describe('plans at the desk', () => {
  const choked = visits[0]!;
  const belt = visits.find(({ title }) => title.endsWith('Roof 2 stacks'))!;
  beforeAll(async () => {
    await put(`visits/${choked.id}`, choked).expect(204);
    await put(`visits/${belt.id}`, belt).expect(204);
  });

  test('a choked unit gets plans within its nameplate, the same each time', async () => {
    const first = await ask(choked, { typed: {} }).expect(200);
    expect(first.body.ready.length).toBeGreaterThan(0);
    for (const plan of first.body.ready) {
      expect(plan.prediction.operation.tespInWc).toBeLessThanOrEqual(0.5);
      expect(plan.chance).toBeGreaterThan(0.3);
      // All of it together is what is promised.
      expect(plan.chance).toBeLessThanOrEqual(Math.min(plan.odds.band, plan.odds.plate, plan.odds.heat));
    }
    expect((await ask(choked, { typed: {} })).body).toEqual(first.body);
  });

  test('a belt drive gets its sheave turned', async () => {
    const { body } = await ask(belt, { typed: {} }).expect(200);
    expect(body.ready[0].moves).toEqual([expect.objectContaining({ id: 'setDrive' })]);
  });

  test('what is typed for a move counts', async () => {
    const { body } = await ask(choked, { typed: { newFilter: { ratedDropInWc: 0.03, ratedFlowCfm: 940 } } }).expect(
      200,
    );
    expect(JSON.stringify(body)).toContain('0.03');
  });

  test('too many at once are asked to come again, and told when', async () => {
    const full = await testServer({ plansAtOnce: 0 });
    await full.http.put(`/api/visits/${choked.id}`).send(choked).expect(204);
    const answer = await full.http.post(`/api/visits/${choked.id}/plans`).send({ typed: {} });
    expect(answer).toMatchObject({ status: 429, type: 'application/problem+json', headers: { 'retry-after': '3' } });
    await full.db.close();
  });

  test('unknown visits, unknown moves and visits without statics are answered in words', async () => {
    await http.post('/api/visits/11110000-0000-4000-8000-000000000099/plans').send({ typed: {} }).expect(404);
    expect((await ask(choked, { typed: { magic: {} } }).expect(422)).body.detail).toContain('known fixes');
    expect((await ask(choked, []).expect(422)).body.detail).toBe('Send a JSON object.');
    const blank = { ...choked, id: '11110000-0000-4000-8000-000000000077', readings: [], facts: [] };
    await put(`visits/${blank.id}`, blank).expect(204);
    expect((await ask(blank, { typed: {} }).expect(409)).body.detail).toContain('The visit is incomplete');
  });
});

describe('the shop’s figures', () => {
  const shop: ShopDto = demoShop(new Date('2026-05-13T12:00:00Z'));
  test('the usual until something is set, then what was set', async () => {
    expect((await http.get(`/api/shop/${shop.id}`).expect(200)).body).toEqual(plainShop(DEMO_AUTHOR.shopId));
    const { headers } = await http.get(`/api/shop/${shop.id}`);
    await http.put(`/api/shop/${shop.id}`).set('If-Match', headers.etag!).send(shop).expect(204);
    const stored = (await http.get(`/api/shop/${shop.id}`).expect(200)).body as ShopDto;
    expect(stored).toMatchObject({ tariffPerKwh: 0.19, belts: shop.belts, sheaves: shop.sheaves, moves: shop.moves });
  });
  test('another shop’s id and wrong figures are refused', async () => {
    const other = { ...shop, id: '11110000-0000-4000-8000-000000000001' };
    expect((await put(`shop/${other.id}`, other).expect(409)).body.detail).toContain('another shop');
    expect((await put(`shop/${shop.id}`, { ...shop, tariffPerKwh: -1 }).expect(422)).body.errors[0].field).toBe(
      'tariffPerKwh',
    );
  });
});

test('a table by RPM and a proven unit come back as they were sent', async () => {
  const table = DEMO_TABLES.find((one) => one.byRpm)!;
  await put(`blower-tables/${table.id}`, table).expect(204);
  expect((await http.get(`/api/blower-tables/${table.id}`)).body).toEqual(table);
  const roof = DEMO_UNITS.find((one) => one.name === 'Roof 2 stacks')!;
  const system = {
    layout: 'packaged',
    path: [{ stages: ['supplyDuct'], side: 'supply', resistance: { coefficient: 8e-8, exponent: 2 } }],
    fan: {
      motor: 'beltDrive',
      table: { staticsInWc: table.staticsInWc, taps: table.taps, byRpm: table.byRpm },
      tap: '900',
    },
  };
  const proven = { visitId: visits[0]!.id, at: '2026-05-12T11:00:00.000Z', flowCfm: 2846, tespInWc: 0.65, system };
  await put(`units/${roof.id}`, { ...roof, proven }).expect(204);
  expect((await http.get(`/api/units/${roof.id}`)).body).toEqual({ ...roof, proven });
  const unread = { ...roof, proven: { ...proven, system: { fan: 1 } } };
  expect((await put(`units/${roof.id}`, unread).expect(422)).body.detail).toContain('can be read');
});
