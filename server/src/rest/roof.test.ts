import type { RoofSheet } from '@huff/contract';
import { randomUUID } from 'node:crypto';
import { demoId } from '../demo/ids';
import { loadDemo } from '../demo/loadDemo';
import { testServer } from '../testing/testServer';
import type { UnitStand } from '../visits/summaries';

let server: Awaited<ReturnType<typeof testServer>>;
beforeAll(async () => {
  server = await testServer();
  await loadDemo(server.db, new Date());
}, 120_000);
afterAll(() => server.db.close());

const LIBRARY = demoId('site', 2);
const sheet = async () => (await server.http.get(`/api/sites/${LIBRARY}/roof`).expect(200)).body as RoofSheet;
const roof = async () => (await sheet()).visits;
const visit = (unitId: string, startedAt: string, readings: object[] = []) => ({
  id: randomUUID(),
  title: 'Roof round',
  unitId,
  layout: 'packaged',
  motor: 'beltDrive',
  mode: 'cooling',
  maxTespInWc: 0.8,
  tons: 7.5,
  cfmPerTon: 400,
  startedAt,
  readings,
  facts: [{ id: randomUUID(), kind: 'look', inputs: { item: 'belt', state: 'slack' }, takenAt: startedAt }],
});

test('each unit of the site once, with its last visit, and no unit of another site', async () => {
  const told = await roof();
  const units = told.map(({ unitId }) => unitId);
  expect(new Set(units).size).toBe(units.length);
  expect(units).toContain(demoId('unit', 9));
  expect(units).not.toContain(demoId('unit', 3));
});

test('a later visit takes the place of the one before, with the marks of what was seen', async () => {
  const unitId = demoId('unit', 9);
  const later = visit(unitId, new Date().toISOString());
  await server.http.put(`/api/visits/${later.id}`).send(later).expect(204);
  const pending = (await roof()).find((one) => one.unitId === unitId)!;
  expect(pending.id).toBe(later.id);
  await server.jobs.settled();
  const told = (await roof()).find((one) => one.unitId === unitId)!;
  expect(told.marks).toMatchObject({ belt: 'outside' });
  expect(told.found!.map(({ id }) => id)).toContain('look-belt');
});

test('a check that was not looked at again stands as the visit that last looked at it found it', async () => {
  const unitId = demoId('unit', 9);
  const at = (minute: number) => new Date(Date.now() + minute * 60_000).toISOString();
  const look = (item: string, state: string, takenAt: string) => ({
    id: randomUUID(),
    kind: 'look',
    inputs: { item, state },
    takenAt,
  });
  const put = async (startedAt: string, ...facts: object[]) => {
    const one = { ...visit(unitId, startedAt), facts };
    await server.http.put(`/api/visits/${one.id}`).send(one).expect(204);
    return one.id;
  };
  const wheel = await put(at(1), look('wheel', 'caked', at(1)), look('belt', 'good', at(1)));
  const belt = await put(at(2), look('belt', 'glazed', at(2)));
  await server.jobs.settled();
  const known = (await sheet()).marks.filter((one) => one.unitId === unitId);
  expect(known.find(({ column }) => column === 'wheel')).toMatchObject({ word: 'outside', visitId: wheel });
  expect(known.find(({ column }) => column === 'belt')).toMatchObject({ word: 'outside', visitId: belt });
  expect(new Set(known.map(({ column }) => column)).size).toBe(known.length);
});

test('a site that is not here has no units; an id that is none is no address', async () => {
  expect((await server.http.get(`/api/sites/${randomUUID()}/roof`).expect(200)).body).toEqual({
    visits: [],
    marks: [],
  });
  await server.http.get('/api/sites/nowhere/roof').expect(404);
});

test('every unit that was visited stands once in the shop’s list, with what is open of it', async () => {
  await server.jobs.settled();
  const stands = async () => ((await server.http.get('/api/stands').expect(200)).body as { units: UnitStand[] }).units;
  const before = await stands();
  expect(new Set(before.map(({ unitId }) => unitId)).size).toBe(before.length);
  const unitId = demoId('unit', 9);
  const later = visit(unitId, '2032-01-05T10:00:00.000Z');
  await server.http.put(`/api/visits/${later.id}`).send(later).expect(204);
  expect((await stands()).find((one) => one.unitId === unitId)!.visitId).toBe(later.id);
  await server.jobs.settled();
  const stand = (await stands()).find((one) => one.unitId === unitId)!;
  expect(stand.open).toBeGreaterThan(0);
  expect(stand.staticInWc).toBeNull();
  expect(stand.staticWord).toBe('cantSay');
});
