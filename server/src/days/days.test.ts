import type { StopDto, UnitDto } from '@huff/contract';
import { plainShop, type ShopDto } from '@huff/contract/fix';
import type { LoadLine } from '@huff/core/call';
import ICAL from 'ical.js';
import { randomUUID } from 'node:crypto';
import Papa from 'papaparse';
import { demoId } from '../demo/ids';
import { DEMO_UNITS } from '../demo/units';
import { DEMO_AUTHOR } from '../http/author';
import { testServer } from '../testing/testServer';
import type { StockLine } from './stock';

const id = (n: number) => `da750000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const DAY = '2031-05-06';
const COUNTED = '2031-05-01T07:00:00.000Z';

const site = (n: number, name: string) => ({ id: id(n), name });
const unit = (n: number, siteId: string, name: string, setup: UnitDto['setup']): UnitDto => ({
  id: id(n),
  siteId,
  name,
  layout: 'packaged',
  motor: 'beltDrive',
  cfmPerTon: 400,
  setup,
});
/** A drive with a belt A48. */
const { drive } = DEMO_UNITS.find(({ id: known }) => known === demoId('unit', 9))!.setup!;
const filters = { filterCount: 2, filterWidthIn: 20, filterHeightIn: 25 };
const stop = (n: number, more: Partial<StopDto> = {}): StopDto => ({
  id: id(n),
  day: DAY,
  place: n,
  siteId: id(1),
  why: 'Filter',
  ...more,
});
const visitTaking = (key: string, count: number, takenAt: string, replacesId?: string) => ({
  id: randomUUID(),
  title: 'Roof 1',
  unitId: id(3),
  layout: 'packaged',
  motor: 'beltDrive',
  mode: 'cooling',
  cfmPerTon: 400,
  startedAt: takenAt,
  readings: [],
  facts: [{ id: randomUUID(), kind: 'part', inputs: { key, name: 'Belt A48', count }, takenAt, replacesId }],
});

const shopWith = (more: Partial<ShopDto>): ShopDto => ({ ...plainShop(DEMO_AUTHOR.shopId), ...more });

async function open() {
  const server = await testServer();
  const put = (path: string, record: { readonly id: string }) =>
    server.http.put(`/api/${path}/${record.id}`).send(record).expect(204);
  await put('sites', site(1, 'Lantern Quay library'));
  await put('sites', site(2, 'Kiln Lane pottery studio'));
  await put('units', unit(3, id(1), 'Roof 1', { ...filters, drive }));
  await put('units', unit(4, id(1), 'Roof 2', { drive }));
  await put('units', unit(5, id(2), 'Glaze room', filters));
  /** Changed as it was read just now. */
  const change = async (path: string, record: { readonly id: string }) => {
    const { headers } = await server.http.get(`/api/${path}/${record.id}`);
    await server.http.put(`/api/${path}/${record.id}`).set('If-Match', headers.etag!).send(record).expect(204);
  };
  const shop = (figures: Partial<ShopDto>) => change('shop', shopWith(figures));
  await shop({
    belts: [{ mark: 'A48', onTruck: true, cost: 14, counted: 3, countedAt: COUNTED }],
    parts: [{ id: id(9), kind: 'filter', name: '=Filter', widthIn: 25, heightIn: 20, onTruck: false, cost: 9 }],
  });
  const load = async (query = {}) =>
    (
      await server.http
        .get('/api/load')
        .query({ from: DAY, to: DAY, ...query })
        .expect(200)
    ).body as {
      stops: number;
      lines: LoadLine[];
    };
  const left = async () =>
    ((await server.http.get('/api/stock').expect(200)).body as { parts: StockLine[] }).parts.find(
      ({ key }) => key === 'belt:A48',
    )?.left;
  return { ...server, put, change, load, left, shop };
}

let server: Awaited<ReturnType<typeof open>>;
beforeAll(async () => {
  server = await open();
}, 60_000);
afterAll(() => server.db.close());

test('a job at a unit of another site is refused at its field', async () => {
  const strange = stop(19, { siteId: id(1), unitId: id(5) });
  const answer = await server.http.put(`/api/stops/${strange.id}`).send(strange);
  expect(answer.status).toBe(422);
  expect((answer.body as { errors: object[] }).errors).toEqual([
    { field: 'unitId', message: 'This unit is at another site. Choose a unit of the job’s site.' },
  ]);
});

test('a day is loaded by its stops: the filters they are for, spares for like belts, minus what is on the truck', async () => {
  const { put, load } = server;
  expect(await load()).toMatchObject({ stops: 0, lines: [] });
  await put('stops', stop(10));
  await put('stops', stop(11, { siteId: id(2), unitId: id(5), why: 'No cooling', person: 'Rowan' }));
  const { stops, lines } = await load();
  expect(stops).toBe(2);
  expect(lines).toEqual([
    {
      part: 'Belt A48',
      need: 1,
      onTruck: 3,
      isUncounted: false,
      short: 0,
      cost: 14,
      why: ['Lantern Quay library: 1 spare'],
    },
    { part: 'Filter 20 × 25', need: 2, isUncounted: false, short: 2, cost: 9, why: ['Lantern Quay library: Roof 1'] },
  ]);
  expect((await load({ person: 'rowan' })).lines).toEqual([]);
  expect((await load({ from: '2031-05-07', to: '2031-05-08' })).stops).toBe(0);
});

test('a stop that is done, or off the plan, is not loaded for', async () => {
  const { put, load, change } = server;
  await put('stops', stop(12, { unitId: id(3) }));
  expect((await load()).stops).toBe(3);
  const say = (more: Partial<StopDto>) => change('stops', stop(12, { unitId: id(3), ...more }));
  await say({ doneAt: '2031-05-06T12:00:00Z' });
  expect((await load()).stops).toBe(2);
  await say({ archivedAt: '2031-05-06T12:00:00Z' });
  expect((await load()).stops).toBe(2);
});

test('a stop whose unit was visited that day is not loaded for any more', async () => {
  const { put, load } = server;
  const day = '2031-05-20';
  await put('stops', stop(13, { day, unitId: id(3) }));
  expect((await load({ from: day, to: day })).stops).toBe(1);
  const seen = { ...visitTaking('belt:A48', 1, '2031-04-20T10:00:00.000Z'), startedAt: `${day}T10:00:00.000Z` };
  await put('visits', seen);
  expect(await load({ from: day, to: day })).toMatchObject({ stops: 0, lines: [] });
});

test('a part taken at a visit lowers the stock, once; put back it is there again; a new count begins anew', async () => {
  const { put, left, shop } = server;
  const taking = visitTaking('belt:A48', 2, '2031-05-02T10:00:00.000Z');
  await put('visits', taking);
  expect(await left()).toBe(1);
  await put('visits', visitTaking('belt:A48', 2, '2031-04-20T10:00:00.000Z'));
  expect(await left()).toBe(1);
  await put('visits', visitTaking('belt:A48', 0, '2031-05-02T11:00:00.000Z', taking.facts[0]!.id));
  expect(await left()).toBe(3);
  await put('visits', visitTaking('belt:A48', 1, '2031-05-03T10:00:00.000Z'));
  await shop({ belts: [{ mark: 'A48', onTruck: true, cost: 14, counted: 6, countedAt: '2031-05-04T07:00:00.000Z' }] });
  expect(await left()).toBe(6);
  // Taken before the count, put back after it: one more than was counted. Another one taken with it: one less.
  const before = visitTaking('belt:A48', 1, '2031-05-04T06:00:00.000Z');
  await put('visits', before);
  expect(await left()).toBe(6);
  const back = visitTaking('belt:A48', 0, '2031-05-04T12:00:00.000Z', before.facts[0]!.id);
  await put('visits', back);
  expect(await left()).toBe(7);
  // Two phones correct the same: it goes back once.
  await put('visits', visitTaking('belt:A48', 2, '2031-05-04T13:00:00.000Z', before.facts[0]!.id));
  expect(await left()).toBe(5);
  await put('visits', visitTaking('belt:A48', 3, '2031-05-04T14:00:00.000Z', back.facts[0]!.id));
  expect(await left()).toBe(2);
});

test('the lists are told as CSV, and no cell of them is run by a sheet', async () => {
  const { http, put } = server;
  await put('sites', site(20, '=HYPERLINK("x")'));
  await put('units', unit(21, id(20), '@Roof', filters));
  await put('stops', stop(22, { day: '2031-06-01', siteId: id(20) }));
  const read = async (list: string) => {
    const query = { from: '2031-06-01', to: '2031-06-01', list };
    const { text, headers } = await http.get('/api/load/list.csv').query(query).expect(200);
    expect(headers['content-disposition']).toContain(`${list}-list.csv`);
    return Papa.parse<string[]>(text.trim()).data;
  };
  expect((await read('load'))[1]).toEqual(['Filter 20 × 25', '2', '0', '2', `'=HYPERLINK("x"): @Roof`]);
  expect((await read('buy'))[0]).toEqual(['part', 'count', 'each', 'sum', 'for']);
  expect((await read('buy'))[1]!.slice(0, 2)).toEqual(['Filter 20 × 25', '2']);
});

test.each([
  [{ from: '2031-05-07', to: '2031-05-06' }, 'to', /before the first/],
  [{ from: '2031-02-30', to: '2031-03-01' }, 'from', /a day, as/],
  [{ from: '2031-01-01', to: '2031-12-31' }, 'to', /31 days/],
  [{ to: '2031-03-01' }, 'from', /a day, as/],
  [{ from: DAY, to: DAY, list: 'steal' }, 'list', /one of load, buy/],
])('%j is refused with a sentence', async (query, field, words) => {
  const { body } = await server.http.get('/api/load/list.csv').query(query).expect(422);
  expect((body as { errors: { field: string; message: string }[] }).errors[0]).toMatchObject({
    field,
    message: expect.stringMatching(words) as string,
  });
});

test.each([
  [{ day: '2031-02-30' }, 'day'],
  [{ day: 'tomorrow' }, 'day'],
  [{ place: 1.5 }, 'place'],
  [{ why: '' }, 'why'],
  [{ siteId: 'here' }, 'siteId'],
  [{ doneAt: '2031-05-06' }, 'doneAt'],
])('a stop with %j is refused at %s', async (more, field) => {
  const bad = { ...stop(30), ...more };
  const { body } = await server.http.put(`/api/stops/${bad.id}`).send(bad).expect(422);
  expect((body as { errors: { field: string }[] }).errors.map((one) => one.field)).toContain(field);
  await server.http.get(`/api/stops/${bad.id}`).expect(404);
});

test('a count says when it was made', async () => {
  const bad = shopWith({ belts: [{ mark: 'A48', onTruck: true, cost: 14, counted: 6 }] });
  const { headers } = await server.http.get(`/api/shop/${bad.id}`);
  const { body } = await server.http.put(`/api/shop/${bad.id}`).set('If-Match', headers.etag!).send(bad).expect(422);
  expect(JSON.stringify(body)).toContain('A count needs its date.');
});

test('planned days stand in the calendar, with an id of their own', async () => {
  const { http, put } = server;
  await put('stops', stop(40, { day: '2031-07-04', unitId: id(3), person: 'Rowan, and Tamsin' }));
  const { text } = await http.get('/api/due/calendar.ics').expect(200);
  const events = new ICAL.Component(ICAL.parse(text) as unknown[])
    .getAllSubcomponents('vevent')
    .map((event) => new ICAL.Event(event));
  const event = events.find(({ uid }) => uid === `${id(40)}@huff`)!;
  expect(event.summary).toBe('Roof 1: Filter');
  expect(event.location).toBe('Lantern Quay library');
  expect(event.description).toBe('For Rowan, and Tamsin.');
  expect(event.startDate.toString()).toBe('2031-07-04');
  expect(event.duration.days).toBe(1);
});

test('refrigerant by cylinder: every amount with its visit, and what left the cylinder on the whole', async () => {
  const server = await testServer();
  const takenAt = '2031-05-06T10:00:00.000Z';
  const charge = (what: string, ounces: number, cylinder?: string) => ({
    id: randomUUID(),
    kind: 'charge',
    inputs: { what, circuit: '1', refrigerant: 'R-410A', ounces, ...(cylinder ? { cylinder } : {}) },
    takenAt,
  });
  const wrong = charge('added', 500, '14');
  const back = { id: randomUUID(), kind: 'takenBack', inputs: {}, takenAt, replacesId: wrong.id };
  const visit = {
    ...visitTaking('belt:A48', 1, takenAt),
    unitId: null,
    title: 'Roof 1 entrance',
    facts: [charge('added', 12, '14'), charge('weighedIn', 96, '14'), charge('recovered', 40, '7'), wrong, back],
  };
  await server.http.put(`/api/visits/${visit.id}`).send(visit).expect(204);
  const { text, headers } = await server.http.get('/api/refrigerant/cylinders.csv').expect(200);
  expect(headers['content-type']).toMatch(/^text\/csv/);
  const { data } = Papa.parse<string[]>(text.trim());
  expect(
    data
      .slice(1)
      .map(([cylinder, refrigerant, day, title, , what, oz, net]) => [
        cylinder,
        refrigerant,
        day,
        title,
        what,
        oz,
        net,
      ]),
  ).toEqual(expect.arrayContaining([['7', 'R-410A', '2031-05-06', 'Roof 1 entrance', 'recovered', '40', '-40']]));
  const fourteen = data.filter(([cylinder]) => cylinder === '14');
  expect(fourteen.map(([, , , , , , oz]) => Number(oz)).sort((a, b) => a - b)).toEqual([12, 96]);
  expect(fourteen.at(-1)!.at(-1)).toBe('108');
  await server.jobs.settled();
  await server.db.close();
});
