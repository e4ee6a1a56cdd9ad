import type { Bundle, EntryCode, UnitDto, VisitDto } from '@huff/contract';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { demoId } from '../demo/ids';
import { loadDemo } from '../demo/loadDemo';
import { phoneOn } from '../testing/phone';
import { jpegOf } from '../testing/picture';
import { adding, fresh, reading } from '../testing/syncFixtures';
import { testServer } from '../testing/testServer';

type Server = Awaited<ReturnType<typeof testServer>>;
const UNIT = demoId('unit', 3);
const PHOTO = randomUUID();
const PLATE = randomUUID();

let server: Server;
let siteId: string;
let name: string;
/** The whole shop as it was. */
let before: Bundle;
let unit: UnitDto;
/** A phone that knew the customer. */
let phone: ReturnType<typeof phoneOn>;
let visits: readonly VisitDto[];

const erase = (id: string, body: object) => server.http.post(`/api/sites/${id}/erase`).send(body);
const bundle = async () => (await server.http.get('/api/bundle?photos=yes').expect(200)).body as Bundle;

beforeAll(async () => {
  server = await testServer();
  await loadDemo(server.db, new Date());
  unit = (await server.http.get(`/api/units/${UNIT}`)).body as UnitDto;
  siteId = unit.siteId;
  name = ((await server.http.get(`/api/sites/${siteId}`)).body as { name: string }).name;
  phone = phoneOn(server.http);
  await phone.sync();
  // Changed, photographed, titled by its name alone, and disputed: the name stands in every place it can.
  await phone.do({ kind: 'patch', of: 'site', recordId: siteId, base: 0, fields: { contact: `${name}, front desk` } });
  await phoneOn(server.http).do({
    kind: 'patch',
    of: 'site',
    recordId: siteId,
    base: 0,
    fields: { contact: `${name}, back door` },
  });
  const loose = { ...fresh(), title: `${name}, a unit nobody kept`, unitId: null };
  await server.http.put(`/api/visits/${loose.id}`).send(loose).expect(204);
  visits = (before = await bundle()).visits.filter(({ unitId }) => unitId === UNIT);
  const record = {
    id: PHOTO,
    visitId: visits[0]!.id,
    item: 'filter',
    savedAt: new Date().toISOString(),
    jpeg: jpegOf(40),
  };
  await phone.do({ kind: 'add', of: 'photo', recordId: visits[0]!.id, record: record });
  const plate = { ...record, id: PLATE, visitId: undefined, unitId: UNIT, item: 'plate' };
  await phone.do({ kind: 'add', of: 'photo', recordId: UNIT, record: plate });
  await server.jobs.settled();
  before = await bundle();
}, 120_000);
afterAll(() => server.db.close());

describe('erasing a customer', () => {
  test('the name has to be typed, the site has to be there, and only the owner may', async () => {
    await erase(siteId, {}).expect(422);
    const { body } = await erase(siteId, { name: 'Another site' }).expect(422);
    expect((body as { errors: { message: string }[] }).errors[0]!.message).toBe(
      `Type the name of the site, “${name}”, to erase it.`,
    );
    await erase(randomUUID(), { name }).expect(404);
    const bo = randomUUID();
    await server.http.put(`/api/people/${bo}`).send({ name: 'Bo', role: 'technician' }).expect(204);
    const { code } = (await server.http.post(`/api/people/${bo}/code`).expect(200)).body as EntryCode;
    const agent = request.agent(server.app);
    await agent.post('/api/session/code').set('X-Forwarded-For', '192.0.2.7').send({ code }).expect(200);
    const refused = await agent.post(`/api/sites/${siteId}/erase`).set('X-Forwarded-For', '192.0.2.7').send({ name });
    expect([refused.status, (refused.body as { detail: string }).detail]).toEqual([
      403,
      'Your role does not let you erase a customer. Ask the owner of the shop.',
    ]);
    await server.http.get(`/api/sites/${siteId}`).expect(200);
  });

  test('everything of it is gone, from every table; all else is as it was', async () => {
    const { body } = await erase(siteId, { name: `  ${name.toUpperCase()} ` }).expect(200);
    expect(body).toMatchObject({ photos: 2 });
    expect((body as { visits: number }).visits).toBeGreaterThanOrEqual(visits.length + 1);
    await server.http.get(`/api/sites/${siteId}`).expect(404);
    await server.http.get(`/api/units/${UNIT}`).expect(404);
    await server.http.get(`/api/visits/${visits[0]!.id}`).expect(404);
    for (const id of [PHOTO, PLATE]) await server.http.get(`/api/photos/${id}/image`).expect(404);
    const tables = await server.db.query<{ name: string }>(
      `SELECT c.table_name AS name FROM information_schema.columns c JOIN information_schema.tables t USING (table_schema, table_name)
       WHERE c.table_schema = 'public' AND c.column_name = 'shop_id' AND t.table_type = 'BASE TABLE'`,
    );
    expect(tables.length).toBeGreaterThan(15);
    const words = new RegExp(`^.*${name}.*$`, 'i');
    for (const { name: table } of tables) {
      const rows = await server.db.query<{ text: string }>(
        `SELECT t::text AS text FROM ${table} t WHERE t::text ILIKE $1`,
        [`%${name}%`],
      );
      expect([table, rows.map(({ text }) => words.exec(text)?.[0].slice(0, 200))]).toEqual([table, []]);
    }
    const after = await bundle();
    const others = (all: Bundle) => all.sites.filter(({ id }) => id !== siteId);
    expect(others(after)).toEqual(others(before));
    expect(after.units).toEqual(before.units.filter(({ siteId: at }) => at !== siteId));
    await expect(server.db.query('DELETE FROM readings')).rejects.toThrow('append-only');
  });

  test('a phone that had it is told once what to delete; a new phone is not', async () => {
    const { erased } = await phone.sync();
    expect(erased).toContainEqual({ of: 'site', id: siteId });
    expect(erased).toContainEqual({ of: 'unit', id: UNIT });
    expect(erased).toContainEqual({ of: 'visit', id: visits[0]!.id });
    expect((await phone.sync()).erased).toBeUndefined();
    expect((await phoneOn(server.http).sync()).erased).toBeUndefined();
  });

  test('nothing brings it back: not a late reading, not a unit put there, not an old file', async () => {
    const late = await phone.do(adding(visits[0]!, reading()));
    expect(late).toMatchObject({
      status: 'refused',
      problem: { detail: expect.stringContaining('erased on request') },
    });
    const made = { ...unit, id: randomUUID() };
    expect(await phone.do({ kind: 'create', of: 'unit', recordId: made.id, record: made })).toMatchObject({
      status: 'refused',
    });
    expect(await phone.do({ kind: 'create', of: 'visit', recordId: visits[0]!.id, record: visits[0]! })).toMatchObject({
      status: 'refused',
    });
    const { body } = await server.http.post('/api/bundle').send(before).expect(200);
    expect((body as { left: { kind: string }[] }).left.map(({ kind }) => kind)).toContain('erased');
    await server.http.get(`/api/sites/${siteId}`).expect(404);
    expect((await bundle()).units).toEqual(before.units.filter(({ siteId: at }) => at !== siteId));
  });
});
