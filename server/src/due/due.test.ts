import type { DueItem } from '@huff/contract';
import ICAL from 'ical.js';
import { randomUUID } from 'node:crypto';
import { demoId } from '../demo/ids';
import { demoStops } from '../demo/stops';
import { loadDemo } from '../demo/loadDemo';
import { testServer } from '../testing/testServer';
import { judgeAll } from '../testing/judging';
import { DEMO_AUTHOR } from '../http/author';

let server: Awaited<ReturnType<typeof testServer>>;
beforeAll(async () => {
  server = await testServer();
  await loadDemo(server.db, new Date());
  await judgeAll(server.db, DEMO_AUTHOR.shopId);
}, 120_000);
afterAll(() => server.db.close());

const dueNow = async () => ((await server.http.get('/api/due').expect(200)).body as { due: DueItem[] }).due;
const UPSTAIRS = demoId('unit', 3);

const visitWith = (unitId: string, startedAt: string, inputs?: object) => ({
  id: randomUUID(),
  title: 'Hand over',
  unitId,
  layout: 'airHandler',
  motor: 'psc',
  mode: 'cooling',
  cfmPerTon: 400,
  startedAt,
  readings: [],
  facts: inputs ? [{ id: randomUUID(), kind: 'handOver', inputs, takenAt: startedAt }] : [],
});
const put = (visit: { id: string }) => server.http.put(`/api/visits/${visit.id}`).send(visit).expect(204);

test('a filter is due by the unit’s own fillings, with how sure that is', async () => {
  const filter = (await dueNow()).find(({ unitId, kind }) => unitId === UPSTAIRS && kind === 'filter')!;
  expect(filter).toMatchObject({ unit: 'Upstairs air handler', why: 'Filter' });
  const days = (Date.parse(filter.on) - Date.now()) / 86_400_000;
  expect(days).toBeGreaterThan(60);
  expect(days).toBeLessThan(180);
  expect(filter.sigmaDays).toBeGreaterThan(5);
});

test('a return that was agreed is due until somebody came; the last hand-over counts', async () => {
  const unitId = demoId('unit', 12);
  await put(visitWith(unitId, '2030-01-05T10:00:00Z', { returnOn: '2030-03-01', returnFor: 'Belt after run-in' }));
  expect((await dueNow()).filter((due) => due.unitId === unitId)).toEqual([
    expect.objectContaining({ on: '2030-03-01', why: 'Belt after run-in', kind: 'return' }),
  ]);
  await put(visitWith(unitId, '2030-01-06T10:00:00Z'));
  expect((await dueNow()).filter((due) => due.unitId === unitId)).toEqual([]);
});

test('a filter that was agreed is not told twice', async () => {
  await put(visitWith(UPSTAIRS, '2030-02-01T10:00:00Z', { returnOn: '2030-04-01', returnFor: 'Filter' }));
  expect((await dueNow()).filter(({ unitId }) => unitId === UPSTAIRS)).toEqual([
    expect.objectContaining({ on: '2030-04-01', kind: 'return' }),
  ]);
});

test('the earliest comes first', async () => {
  const days = (await dueNow()).map(({ on }) => on);
  expect(days.length).toBeGreaterThan(0);
  expect([...days].sort()).toEqual(days);
});

test('the calendar is read by another reader: a day each, with an id that stays', async () => {
  const read = async () => {
    const { text, headers } = await server.http.get('/api/due/calendar.ics').expect(200);
    expect(headers['content-type']).toMatch(/^text\/calendar/);
    const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
    return calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
  };
  const stops = demoStops(new Date()).map(({ id }) => `${id}@huff`);
  const [events, due] = [(await read()).filter(({ uid }) => !stops.includes(uid)), await dueNow()];
  expect(events.map(({ uid }) => uid).sort()).toEqual(due.map(({ unitId, kind }) => `${unitId}-${kind}@huff`).sort());
  const upstairs = events.find(({ uid }) => uid.startsWith(UPSTAIRS))!;
  expect(upstairs.summary).toBe('Filter: Upstairs air handler');
  expect(upstairs.startDate.isDate).toBe(true);
  expect(upstairs.startDate.toString()).toBe('2030-04-01');
  expect(upstairs.duration.days).toBe(1);
  const again = await read();
  expect(again.map(({ uid }) => uid)).toEqual((await read()).map(({ uid }) => uid));
  expect(again).toHaveLength(events.length + stops.length);
});
