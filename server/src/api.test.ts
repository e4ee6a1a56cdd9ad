import type { VisitSummary } from '@huff/contract/spine';
import type { ReadingDto, VisitDto } from '@huff/contract';
import type { Db } from './db/db';
import { DEMO_TABLES } from './demo/tables';
import { DEMO_UNITS } from './demo/units';
import { demoVisits } from './demo/visits';
import type { ServerState } from './health/state';
import { problemOf, recordClient } from './testing/recordClient';
import { testServer } from './testing/testServer';

let db: Db;
let state: ServerState;
let http: Awaited<ReturnType<typeof testServer>>['http'];
beforeAll(async () => {
  ({ db, state, http } = await testServer());
}, 60_000);
afterAll(() => db.close());

const savedAt = '2026-05-12T11:00:00.000Z';
const uuid = (n: number) => `11110000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const table = DEMO_TABLES[0]!;
const [visit] = demoVisits(new Date('2026-05-13T12:00:00Z')) as [VisitDto, ...VisitDto[]];
const { put, change } = recordClient(() => http);

describe('blower tables', () => {
  test('put, get and list give the same table back; putting it again is harmless', async () => {
    for (let i = 0; i < 2; i += 1) await put(`blower-tables/${table.id}`, table).expect(204);
    expect((await http.get(`/api/blower-tables/${table.id}`).expect(200)).body).toEqual(table);
    expect((await http.get('/api/blower-tables').expect(200)).body).toEqual({ records: [table], next: null });
  });

  test('one that is here is changed only by who read it last: nobody’s change is lost', async () => {
    const path = `blower-tables/${table.id}`;
    const read = await http.get(`/api/${path}`);
    problemOf(await put(path, { ...table, name: 'Unread' }).expect(428));
    expect((await change(path, { ...table, name: 'Renamed' })).status).toBe(204);
    const stale = http.put(`/api/${path}`).set('If-Match', read.headers.etag!);
    problemOf(await stale.send({ ...table, name: 'Late' }).expect(412));
    const now = await http.get(`/api/${path}`);
    expect(now.body.name).toBe('Renamed');
    await http.get(`/api/${path}`).set('If-None-Match', now.headers.etag!).expect(304);
    const { changes } = (await http.get(`/api/${path}/history`).expect(200)).body;
    expect(changes[0]).toMatchObject({ by: 'Technician', fields: { name: { before: table.name, after: 'Renamed' } } });
  });

  test('an unsound table is refused with the cells to check', async () => {
    const taps = [{ tap: '1', flowsCfm: [900, 910, 800, 700, 600, 500, 400, 300] }];
    const problem = problemOf(await put(`blower-tables/${table.id}`, { ...table, taps }).expect(422));
    expect(problem.detail).toContain('910 CFM at 0.20 is more than 900 at 0.10');
    expect(problem.errors).toEqual([{ field: 'taps', message: problem.detail }]);
  });
});

describe('units', () => {
  test('a unit comes back as it was sent, and may come before its site and its table', async () => {
    const unit = DEMO_UNITS[0]!;
    await put(`units/${unit.id}`, unit).expect(204);
    expect((await http.get(`/api/units/${unit.id}`)).body).toEqual(unit);
    const orphan = { ...unit, id: uuid(9), blowerTableId: uuid(10) };
    await put(`units/${orphan.id}`, orphan).expect(204);
    expect((await http.get(`/api/units/${orphan.id}`)).body.blowerTableId).toBe(uuid(10));
  });
});

describe('sites', () => {
  test('a site keeps its altitude; an impossible one is refused by name', async () => {
    const site = { id: uuid(30), name: 'Lantern Quay library', altitudeFt: 620 };
    await put(`sites/${site.id}`, site).expect(204);
    expect((await http.get('/api/sites')).body).toEqual({ records: [site], next: null });
    const problem = problemOf(await put(`sites/${site.id}`, { ...site, altitudeFt: 40_000 }).expect(422));
    expect(problem.errors).toEqual([
      { field: 'altitudeFt', message: 'Altitude must be between −1,000 and 15,000 ft.' },
    ]);
  });
});

test('a second site of one name is told of, not dropped without a word', async () => {
  const again = { id: uuid(33), name: ' lantern quay LIBRARY ', altitudeFt: 900 };
  expect(problemOf(await put(`sites/${again.id}`, again).expect(409)).detail).toContain('Lantern Quay library');
  await http.get(`/api/sites/${again.id}`).expect(404);
});

describe('facts', () => {
  const heat = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5 };
  const fact = { id: uuid(20), kind: 'electricHeat', inputs: heat, takenAt: savedAt, replacesId: null };
  const bare = { ...visit, id: uuid(21), readings: [], facts: [fact] };

  test('facts come back as they were sent, once, without what a client added', async () => {
    const sent = { ...bare, facts: [{ ...fact, inputs: { ...heat, junk: 'x' } }] };
    for (let i = 0; i < 2; i += 1) await put(`visits/${bare.id}`, sent).expect(204);
    expect((await http.get(`/api/visits/${bare.id}`)).body.facts).toEqual([fact]);
  });

  test('a fact is never changed, not even in the database', async () => {
    const changed = { ...bare, facts: [{ ...fact, inputs: { ...heat, amps: 40 } }] };
    const problem = problemOf(await put(`visits/${bare.id}`, changed).expect(409));
    expect(problem.errors).toEqual([{ field: 'record.id', message: expect.stringContaining('replacesId') }]);
    await expect(db.query('UPDATE facts SET kind = $1', ['look'])).rejects.toThrow('append-only');
  });

  test('inputs that do not suit their kind are refused with what would be right', async () => {
    const wrong = { ...bare, id: uuid(22), facts: [{ ...fact, id: uuid(23), inputs: { ...heat, amps: 0 } }] };
    expect(problemOf(await put(`visits/${wrong.id}`, wrong).expect(422)).errors).toEqual([
      { field: 'facts[0].inputs', message: 'Element amps must be above 0.' },
    ]);
  });
});

describe('visits', () => {
  test('a visit with its readings comes back as it was sent; sent twice it is there once', async () => {
    for (let i = 0; i < 2; i += 1) await put(`visits/${visit.id}`, visit).expect(204);
    expect((await http.get(`/api/visits/${visit.id}`)).body).toEqual(visit);
    const { visits } = (await http.get('/api/visits')).body as { visits: VisitSummary[] };
    expect(visits.filter((v) => v.id === visit.id)).toHaveLength(1);
  });

  test('every row says which shop and who', async () => {
    const rows = await db.query(`SELECT DISTINCT shop_id, written_by FROM readings WHERE visit_id = $1`, [visit.id]);
    expect(rows).toHaveLength(1);
    expect(rows[0]).toMatchObject({ shop_id: expect.any(String), written_by: expect.any(String) });
  });

  test('a reading is never changed, not even in the database', async () => {
    const changed = { ...visit, readings: [{ ...visit.readings[0]!, value: -0.2 }] };
    const problem = problemOf(await put(`visits/${visit.id}`, changed).expect(409));
    expect(problem.errors).toEqual([{ field: 'record.id', message: expect.stringContaining('replacesId') }]);
    await expect(db.query('UPDATE readings SET value = 0')).rejects.toThrow('append-only');
    await expect(db.query('DELETE FROM readings')).rejects.toThrow('append-only');
  });

  test('a correction is a new reading that points at the old one; both stay', async () => {
    const correction: ReadingDto = {
      ...visit.readings[1]!,
      id: uuid(1),
      value: -0.3,
      replacesId: visit.readings[1]!.id,
    };
    const corrected = { ...visit, readings: [...visit.readings, correction] };
    for (let i = 0; i < 2; i += 1) await put(`visits/${visit.id}`, corrected).expect(204);
    const stored = (await http.get(`/api/visits/${visit.id}`)).body as VisitDto;
    expect(stored.readings).toHaveLength(visit.readings.length + 1);
    expect(stored.readings).toContainEqual(correction);
    // a phone that does not know the correction yet sends the visit again: nothing is lost
    await put(`visits/${visit.id}`, visit).expect(204);
    expect((await http.get(`/api/visits/${visit.id}`)).body.readings).toHaveLength(visit.readings.length + 1);
  });

  test('a refused reading takes the whole visit with it', async () => {
    const fresh = { ...visit, id: uuid(2), readings: [{ ...visit.readings[0]!, id: uuid(3) }, visit.readings[1]!] };
    await put(`visits/${fresh.id}`, fresh).expect(409);
    await http.get(`/api/visits/${fresh.id}`).expect(404);
    expect(await db.query('SELECT id FROM readings WHERE id = $1', [uuid(3)])).toEqual([]);
  });

  test('a second reading under one id in a body is refused, and nothing of the body is kept', async () => {
    const reading = { ...visit.readings[0]!, id: uuid(60) };
    const twice = { ...visit, id: uuid(61), readings: [reading, { ...reading, value: -0.5 }], facts: [] };
    expect(problemOf(await put(`visits/${twice.id}`, twice).expect(409)).detail).toContain('never changed');
    await http.get(`/api/visits/${twice.id}`).expect(404);
  });

  test('ten at once of the same visit leave one', async () => {
    const fresh = { ...visit, id: uuid(4), readings: [{ ...visit.readings[0]!, id: uuid(5) }], facts: [] };
    const answers = await Promise.all(Array.from({ length: 10 }, () => put(`visits/${fresh.id}`, fresh)));
    expect(answers.map((a) => a.status)).toEqual(Array(10).fill(204));
    expect((await http.get(`/api/visits/${fresh.id}`)).body.readings).toHaveLength(1);
  });

  test('a visit of another shop is not shown; the same id here is a visit of its own', async () => {
    const shop = uuid(70);
    const person = uuid(71);
    await db.query('INSERT INTO shops (id, name) VALUES ($1, $2)', [shop, 'Other']);
    await db.query('INSERT INTO people (id, shop_id, name) VALUES ($1, $2, $3)', [person, shop, 'Other']);
    await db.query(
      `INSERT INTO visits (id, shop_id, written_by, saved_at, started_at, title, layout, motor, mode, cfm_per_ton)
       VALUES ($1, $2, $3, now(), now(), 'Theirs', 'packaged', 'psc', 'cooling', 400)`,
      [uuid(72), shop, person],
    );
    await http.get(`/api/visits/${uuid(72)}`).expect(404);
    await put(`visits/${uuid(72)}`, { ...visit, id: uuid(72), readings: [], facts: [] }).expect(204);
    const rows = await db.query('SELECT title FROM visits WHERE id = $1 AND shop_id = $2', [uuid(72), shop]);
    expect(rows).toEqual([{ title: 'Theirs' }]);
    // The database itself keeps them apart: no row can be written by a person of another shop.
    await expect(
      db.query('UPDATE visits SET written_by = $1 WHERE id = $2 AND shop_id <> $3', [person, uuid(72), shop]),
    ).rejects.toThrow('foreign key');
  });
});

describe('what a client may get wrong is answered in words, never with 500', () => {
  test.each([
    ['an unknown visit', 'get', `/api/visits/${uuid(404)}`, undefined, 404],
    ['an id that is none', 'get', '/api/visits/7;DROP TABLE visits', undefined, 404],
    ['an unknown address', 'get', '/api/nowhere', undefined, 404],
    ['a body that is not JSON', 'put', `/api/visits/${uuid(6)}`, '{"id":', 400],
    ['no body', 'put', `/api/visits/${uuid(6)}`, '', 422],
    ['a list', 'put', `/api/visits/${uuid(6)}`, '[]', 422],
    ['a wrong id', 'put', `/api/visits/${uuid(6)}`, JSON.stringify(visit), 422],
    ['a body over 1 MB', 'put', `/api/visits/${uuid(6)}`, JSON.stringify({ title: 'x'.repeat(1_100_000) }), 413],
    ['text of NUL', 'put', `/api/visits/${visit.id}`, JSON.stringify({ ...visit, title: 'a\u0000b' }), 422],
    ['a prototype', 'put', `/api/visits/${visit.id}`, '{"__proto__":{"id":"x"},"constructor":7}', 422],
    ['a broken address', 'get', '/api/visits/%E0%A4%A', undefined, 400],
  ] as const)('%s', async (_, method, path, body, status) => {
    const sent = http[method](path).set('Content-Type', 'application/json');
    const res = await (body === undefined ? sent : sent.send(body));
    expect(res.status).toBe(status);
    expect(problemOf(res).detail).toMatch(/\.$/);
  });

  test('each wrong field is named', async () => {
    const bad = { ...visit, tons: 'three', readings: [{ ...visit.readings[0], value: -31 }] };
    const problem = problemOf(await put(`visits/${visit.id}`, bad).expect(422));
    expect(problem.errors).toEqual([
      { field: 'readings[0].value', message: 'Static must be between −5 and 5 in. w.c.' },
      { field: 'tons', message: 'Tons must be a number.' },
    ]);
  });
});

test('answers carry security headers and are compressed', async () => {
  const res = await http.get('/api/visits').set('Accept-Encoding', 'gzip');
  expect(res.headers).toMatchObject({
    'x-content-type-options': 'nosniff',
    'content-security-policy': expect.stringContaining("default-src 'self'"),
    'content-encoding': 'gzip',
  });
  expect(res.headers['x-powered-by']).toBeUndefined();
});

test('while the database opens, health answers and everything else asks to come back', async () => {
  state.phase = 'starting';
  expect((await http.get('/api/health').expect(503)).body).toEqual({ status: 'starting' });
  const res = await http.get('/api/visits').expect(503);
  expect(res.headers['retry-after']).toBe('2');
  expect(problemOf(res).detail).toContain('Try again in a few seconds');
  state.phase = 'ready';
  expect((await http.get('/api/health').expect(200)).body).toEqual({ status: 'ready' });
});

test('behind a slow disk it answers at once, in words, and health stays ready', async () => {
  const { state, http, db } = await testServer();
  state.waitingMs = () => 20_000;
  const answer = await http.get('/api/visits').expect(503);
  expect(answer.headers['retry-after']).toBe('5');
  expect((answer.body as { detail: string }).detail).toMatch(/disk is slow\. Your data is still on this device/);
  await http.get('/api/health').expect(200);
  state.waitingMs = () => 900;
  await http.get('/api/visits').expect(200);
  await db.close();
});
