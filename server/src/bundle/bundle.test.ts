import type { Bundle, BundleReport } from '@huff/contract';
import { plainShop, type ShopDto } from '@huff/contract/fix';
import Ajv from 'ajv/dist/2020';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { demoId } from '../demo/ids';
import { loadDemo } from '../demo/loadDemo';
import { DEMO_AUTHOR } from '../http/author';
import { testServer } from '../testing/testServer';

type Server = Awaited<ReturnType<typeof testServer>>;
let full: Server;
let empty: Server;
beforeAll(async () => {
  full = await testServer();
  await loadDemo(full.db, new Date('2026-05-13T12:00:00Z'));
  empty = await testServer();
}, 120_000);
afterAll(async () => {
  await full.db.close();
  await empty.db.close();
});

const out = async ({ http }: Server, address = '/api/bundle') => (await http.get(address).expect(200)).body as Bundle;
const tried = ({ http }: Server, bundle: object) => http.post('/api/bundle/preview').send(bundle);
const taken = ({ http }: Server, bundle: object) => http.post('/api/bundle').send(bundle);
const lists = ({ writtenAt: _at, ...rest }: Bundle) => rest;
const faultsOf = (body: unknown) => (body as { errors: { field: string; message: string }[] }).errors;

test('the published schema holds what is written, and refuses what is not one', async () => {
  const file = path.join(__dirname, '../../../docs/schemas/bundle-1.schema.json');
  const validate = new Ajv({ allErrors: true }).compile(JSON.parse(readFileSync(file, 'utf8')) as object);
  const bundle = await out(full);
  expect([validate(bundle), validate.errors]).toEqual([true, null]);
  expect(validate({ ...bundle, huffBundle: 2 })).toBe(false);
  expect(validate({ ...bundle, visits: [{ ...bundle.visits[0], startedAt: 'soon' }] })).toBe(false);
  expect(validate({ ...bundle, units: [{ ...bundle.units[0], motor: 'steam' }] })).toBe(false);
});

test('a whole shop goes out and comes into an empty one the same; tried first, nothing is kept', async () => {
  const bundle = await out(full);
  const preview = (await tried(empty, bundle).expect(200)).body as BundleReport;
  expect(preview.added).toMatchObject({ sites: bundle.sites.length, units: 18, visits: 30 });
  expect(preview.added.readings).toBe(bundle.visits.reduce((sum, { readings }) => sum + readings.length, 0));
  expect((await out(empty)).sites).toEqual([]);
  const report = (await taken(empty, bundle).expect(200)).body as BundleReport;
  expect(report).toEqual(preview);
  expect(lists(await out(empty))).toEqual(lists(bundle));
  await empty.results.settled();
  // Again changes nothing.
  const again = (await taken(empty, bundle).expect(200)).body as BundleReport;
  expect(Object.values(again.added).every((count) => count === 0)).toBe(true);
  expect(again.left).toEqual([]);
  expect(again.same).toBe(bundle.sites.length + bundle.blowerTables.length + 18 + 30 + bundle.stops!.length);
}, 120_000);

test('one site goes with its units, their tables and visits, and nothing else', async () => {
  const unit = (await out(full)).units.find(({ id }) => id === demoId('unit', 3))!;
  const bundle = await out(full, `/api/sites/${unit.siteId}/bundle`);
  expect(bundle.sites.map(({ id }) => id)).toEqual([unit.siteId]);
  expect(bundle.units.every(({ siteId }) => siteId === unit.siteId)).toBe(true);
  expect(bundle.visits.length).toBeGreaterThan(8);
  expect(bundle.visits.every(({ unitId }) => bundle.units.some(({ id }) => id === unitId))).toBe(true);
  await full.http.get(`/api/sites/${randomUUID()}/bundle`).expect(404);
});

test('what is here and other is left as it is, and told; a new reading comes to its visit', async () => {
  const bundle = await out(full);
  const [visit] = bundle.visits;
  const reading = { ...visit!.readings[0]!, id: randomUUID(), value: -0.2 };
  const changed = {
    ...bundle,
    sites: [{ ...bundle.sites[0]!, name: 'Another name' }],
    units: [],
    blowerTables: [],
    visits: [{ ...visit!, readings: [...visit!.readings, reading] }],
  };
  const { body } = await taken(full, changed).expect(200);
  expect(body).toMatchObject({ added: { readings: 1, sites: 0 }, left: [{ kind: 'site', name: 'Another name' }] });
  const now = await out(full);
  expect(now.sites).toEqual(bundle.sites);
  expect(now.visits[0]!.readings.map(({ id }) => id)).toContain(reading.id);
});

test('all or nothing: one id that stands for another reading, and nothing of the file is here', async () => {
  const bundle = await out(full);
  const fresh = { ...bundle.sites[0]!, id: randomUUID(), name: 'A site that must not come' };
  const [visit] = bundle.visits;
  const forged = { ...visit!, readings: [{ ...visit!.readings[0]!, value: 0.99 }] };
  const refused = await taken(full, { ...bundle, sites: [fresh], units: [], blowerTables: [], visits: [forged] });
  expect(refused.status).toBe(409);
  expect((await out(full)).sites.map(({ name }) => name)).not.toContain(fresh.name);
});

test.each([
  ['a list', [], /no JSON object/],
  ['another file', { name: 'x' }, /does not say huffBundle/],
  ['a later form', { huffBundle: 2 }, /of form 2; this server reads form 1/],
])('%s is said to be no bundle', async (_, body, message) => {
  const refused = await tried(full, body);
  expect(refused.status).toBe(422);
  expect(faultsOf(refused.body)[0]!.message).toMatch(message);
});

test('what is wrong is told by its place in the file, and by names that lead nowhere', async () => {
  const bundle = await out(full);
  const base = { ...bundle, sites: [], blowerTables: [], units: [], visits: [] };
  const odd = await tried(full, { ...base, units: [bundle.units[0], { ...bundle.units[1], cfmPerTon: -4 }] });
  expect(faultsOf(odd.body)[0]!.field).toBe('units[1].cfmPerTon');
  const lost = await tried(full, { ...base, units: [{ ...bundle.units[0], id: randomUUID(), siteId: randomUUID() }] });
  expect(lost.status).toBe(422);
  expect(faultsOf(lost.body)[0]).toMatchObject({
    field: 'units[0].siteId',
    message: expect.stringMatching(/neither here nor in the file/),
  });
  const many = await tried(full, { ...base, visits: Array.from({ length: 500 }, () => ({})) });
  expect(faultsOf(many.body)).toHaveLength(20);
  expect((await tried(full, { ...base, visits: 'all' })).status).toBe(422);
});

test('nested without end, and larger than any file of ours, are refused and the server stands', async () => {
  const deep = `{"huffBundle":1,"sites":${'['.repeat(20_000)}${']'.repeat(20_000)}}`;
  const nested = await full.http.post('/api/bundle').set('Content-Type', 'application/json').send(deep);
  expect(nested.status).toBe(422);
  const large = await full.http
    .post('/api/bundle')
    .set('Content-Type', 'application/json')
    .send(`{"huffBundle":1,"pad":"${'x'.repeat(17_000_000)}"}`);
  expect(large.status).toBe(413);
  await full.http.get('/api/health').expect(200);
}, 60_000);

test('what the shop set is taken over where nothing is set here, and never over what is; a wrong figure is named', async () => {
  const target = await testServer();
  const bundle = await out(full);
  const own = {
    ...plainShop(DEMO_AUTHOR.shopId),
    tariffPerKwh: 0.31,
    belts: [{ mark: 'A48', onTruck: false, cost: 99 }],
  };
  const { headers } = await target.http.get(`/api/shop/${own.id}`);
  await target.http.put(`/api/shop/${own.id}`).set('If-Match', headers.etag!).send(own).expect(204);
  const other = { ...bundle.shop!, id: randomUUID() };
  const report = (await taken(target, { ...bundle, shop: other }).expect(200)).body as BundleReport;
  expect(report.added.figures).toBeGreaterThan(5);
  expect(report.left).toContainEqual({ kind: 'shop', name: 'The shop’s figures' });
  const { body } = await target.http.get(`/api/shop/${own.id}`).expect(200);
  expect(body).toMatchObject({ tariffPerKwh: 0.31, hoursAYear: bundle.shop!.hoursAYear, parts: bundle.shop!.parts });
  expect((body as ShopDto).belts.find(({ mark }) => mark === 'A48')).toMatchObject({ onTruck: false, cost: 99 });
  const wrong = { ...bundle, shop: { ...bundle.shop!, hoursAYear: -5 } };
  expect(faultsOf((await tried(target, wrong).expect(422)).body)[0]!.field).toBe('shop.hoursAYear');
  const lost = { ...bundle, stops: [{ ...bundle.stops![0]!, siteId: randomUUID() }] };
  expect(faultsOf((await tried(target, lost).expect(422)).body)[0]!.field).toBe('stops[0].siteId');
  await target.db.close();
}, 120_000);
