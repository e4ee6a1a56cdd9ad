import type { Bundle, BundleReport } from '@huff/contract';
import { plainShop, type ShopDto } from '@huff/contract/fix';
import Ajv from 'ajv/dist/2020';
import type { Request } from 'express';
import { randomUUID } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { Readable } from 'node:stream';
import { gzipSync } from 'node:zlib';
import { demoId } from '../demo/ids';
import { loadDemo } from '../demo/loadDemo';
import { DEMO_AUTHOR } from '../http/author';
import { jpegOf } from '../testing/picture';
import { testServer } from '../testing/testServer';
import { withReceived, type BundleFiles } from './receive';

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
  await empty.jobs.settled();
  // Again changes nothing.
  const again = (await taken(empty, bundle).expect(200)).body as BundleReport;
  expect(Object.values(again.added).every((count) => count === 0)).toBe(true);
  expect(again.left).toEqual([]);
  const { sites, blowerTables, stops, drills } = bundle;
  expect(drills!.length).toBeGreaterThan(0);
  expect(again.same).toBe(sites.length + blowerTables.length + 18 + 30 + stops!.length + drills!.length);
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
  ['a list', [], /not a JSON object/],
  ['another file', { name: 'x' }, /huffBundle is missing/],
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

test('nested without end, and something larger than any record, are refused and the server stands', async () => {
  const send = (text: string) => full.http.post('/api/bundle').set('Content-Type', 'application/json').send(text);
  const told = async (text: string) => {
    const { status, body } = await send(text);
    return [status, faultsOf(body)[0]!.message];
  };
  const deep = `{"huffBundle":1,"sites":${'['.repeat(20_000)}${']'.repeat(20_000)}}`;
  expect(await told(deep)).toEqual([422, '“sites” is nested too deep for a Huff record.']);
  const large = `{"huffBundle":1,"pad":"${'x'.repeat(17_000_000)}"}`;
  expect(await told(large)).toEqual([422, '“pad” holds something too large for a Huff record.']);
  await full.http.get('/api/health').expect(200);
}, 60_000);

describe('a file that is none, or came in part', () => {
  const text = async () => JSON.stringify(await out(full));
  const send = (body: string | Buffer, headers: Record<string, string> = {}) =>
    full.http
      .post('/api/bundle/preview')
      .set({ 'Content-Type': 'application/json', ...headers })
      .serialize((raw: unknown) => raw as string)
      .send(body as string);
  test('cut off anywhere, it is said to be cut off; nothing is stored', async () => {
    const whole = await text();
    for (const share of [0.02, 0.37, 0.6, 0.999]) {
      const { status, body } = await send(whole.slice(0, Math.floor(whole.length * share)));
      expect(status).toBe(422);
      expect(faultsOf(body)[0]!.message).toMatch(/incomplete/);
    }
  });
  test.each([
    ['a table', 'tap,0.1,0.2\n1,900,880', /not JSON/],
    ['nothing', ' ', /incomplete/],
    ['a word', '"huffBundle"', /not a JSON object/],
    ['broken JSON', '{"huffBundle":1,"sites":[{]}', /not JSON/],
    ['two of them', '{"huffBundle":1}{"huffBundle":1}', /not JSON/],
    [
      'a list that is none',
      '{"huffBundle":1,"sites":{},"blowerTables":[],"units":[],"visits":[]}',
      /sites must be a list/,
    ],
  ])('%s', async (_, body, message) => {
    const refused = await send(body);
    expect(refused.status).toBe(422);
    expect(faultsOf(refused.body)[0]!.message).toMatch(message);
  });
  test('a mark of its encoding before it does no harm; packed it is not taken', async () => {
    expect((await send(`\ufeff${await text()}`)).status).toBe(200);
    expect((await send(gzipSync(await text()), { 'Content-Encoding': 'gzip' })).status).toBe(415);
  });
  test('what its lists hold is named by its place, whichever piece of the file it came in', async () => {
    const bundle = await out(full);
    const visits = bundle.visits.map((visit, i) => (i === 17 ? { ...visit, mode: 'sleeping' } : visit));
    const { body } = await send(JSON.stringify({ ...bundle, visits }));
    expect(faultsOf(body)).toEqual([{ field: 'visits[17].mode', message: expect.any(String) }]);
  });
});

test('what is larger than the bound is let go as it comes, and the file with it', async () => {
  const req = (text: string, headers = {}) =>
    Object.assign(Readable.from([Buffer.from(text.slice(0, 5)), Buffer.from(text.slice(5))]), {
      headers,
    }) as unknown as Request;
  let seen = '';
  const work = ({ sent }: BundleFiles) => {
    seen = sent;
    return Promise.resolve(readFileSync(sent, 'utf8'));
  };
  expect(await withReceived(req('0123456789'), work, 10)).toBe('0123456789');
  expect(existsSync(seen)).toBe(false);
  await expect(withReceived(req('0123456789+'), work, 10)).rejects.toMatchObject({ status: 413 });
  await expect(withReceived(req('01234', { 'content-length': '11' }), work, 10)).rejects.toMatchObject({ status: 413 });
  const broken = Object.assign(new Readable({ read() {} }), { headers: {} });
  const cut = withReceived(broken as unknown as Request, work, 10);
  broken.destroy();
  await expect(cut).rejects.toMatchObject({ status: 400 });
});

test('photos go with it where they are requested, and come back the same; one that is no picture refuses the file', async () => {
  const source = await testServer();
  await loadDemo(source.db, new Date('2026-05-13T12:00:00Z'));
  const visitId = demoId('visit', 1);
  const photo = { id: randomUUID(), visitId, item: 'filter', savedAt: '2026-05-12T10:42:00.000Z', jpeg: jpegOf(90) };
  const operation = {
    id: randomUUID(),
    madeAt: photo.savedAt,
    kind: 'add',
    of: 'photo',
    recordId: visitId,
    record: photo,
  };
  await source.http
    .post('/api/sync')
    .send({ device: randomUUID(), phoneTime: photo.savedAt, cursor: null, pull: false, operations: [operation] })
    .expect(200);
  expect((await out(source)).photos).toBeUndefined();
  const bundle = await out(source, '/api/bundle?photos=yes');
  expect(bundle.photos).toEqual([photo]);
  const target = await testServer();
  const preview = (await tried(target, bundle).expect(200)).body as BundleReport;
  const report = (await taken(target, bundle).expect(200)).body as BundleReport;
  expect([report.added.photos, preview]).toEqual([1, report]);
  expect((await out(target, '/api/bundle?photos=yes')).photos).toEqual([photo]);
  expect(((await taken(target, bundle).expect(200)).body as BundleReport).added.photos).toBe(0);
  // Of a site: its own alone.
  const siteOf = (n: number) => `/api/sites/${demoId('site', n)}/bundle?photos=yes`;
  const counts = await Promise.all([2, 3].map(async (n) => (await out(target, siteOf(n))).photos!.length));
  expect(counts.sort()).toEqual([0, 1]);
  // Of a unit and of its table as well, with their site and no other.
  const [unit] = bundle.units.filter(({ siteId, blowerTableId }) => siteId === demoId('site', 2) && blowerTableId);
  const plate = { ...photo, visitId: undefined, id: randomUUID(), unitId: unit!.id, item: 'plate' };
  const paper = { ...photo, visitId: undefined, id: randomUUID(), blowerTableId: unit!.blowerTableId!, item: 'table' };
  await taken(target, { ...bundle, photos: [plate, paper] }).expect(200);
  const ofSite = (await out(target, siteOf(2))).photos!.filter(({ id }) => id !== photo.id);
  expect(ofSite).toHaveLength(2);
  expect(ofSite).toEqual(expect.arrayContaining(JSON.parse(JSON.stringify([plate, paper])) as object[]));
  expect((await out(target, siteOf(3))).photos!.map(({ id }) => id)).not.toContain(plate.id);
  const abroad = [{ ...paper, id: randomUUID(), blowerTableId: randomUUID() }];
  expect(faultsOf((await tried(target, { ...bundle, photos: abroad }).expect(422)).body)[0]!.field).toBe(
    'photos[0].blowerTableId',
  );
  const forged = [{ ...photo, id: randomUUID(), jpeg: photo.jpeg.slice(0, 400) }];
  const refused = await tried(target, { ...bundle, photos: forged }).expect(422);
  expect(faultsOf(refused.body)[0]).toMatchObject({ field: 'photos[0].jpeg' });
  const lost = [{ ...photo, id: randomUUID(), visitId: randomUUID() }];
  expect(faultsOf((await tried(target, { ...bundle, photos: lost }).expect(422)).body)[0]!.field).toBe(
    'photos[0].visitId',
  );
  await source.db.close();
  await target.db.close();
}, 120_000);

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
  expect(report.left).toContainEqual({ kind: 'shop', name: 'Shop settings' });
  const { body } = await target.http.get(`/api/shop/${own.id}`).expect(200);
  expect(body).toMatchObject({ tariffPerKwh: 0.31, hoursAYear: bundle.shop!.hoursAYear, parts: bundle.shop!.parts });
  expect((body as ShopDto).belts.find(({ mark }) => mark === 'A48')).toMatchObject({ onTruck: false, cost: 99 });
  const wrong = { ...bundle, shop: { ...bundle.shop!, hoursAYear: -5 } };
  expect(faultsOf((await tried(target, wrong).expect(422)).body)[0]!.field).toBe('shop.hoursAYear');
  const lost = { ...bundle, stops: [{ ...bundle.stops![0]!, siteId: randomUUID() }] };
  expect(faultsOf((await tried(target, lost).expect(422)).body)[0]!.field).toBe('stops[0].siteId');
  await target.db.close();
}, 120_000);
