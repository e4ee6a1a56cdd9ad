import type { FactDto, PhotoDto, ReadingDto, SiteDto, UnitDto, VisitDto } from '@huff/contract';
import { headOf, type Change, type OperationResult, type SyncAnswer, type VisitSummary } from '@huff/contract/spine';
import { pino } from 'pino';
import { randomUUID } from 'node:crypto';
import type { Db } from '../db/db';
import { DEMO_UNITS } from '../demo/units';
import { demoVisits } from '../demo/visits';
import { phoneOn } from '../testing/phone';
import { testServer } from '../testing/testServer';
import { refreshResults } from '../visits/results';

let db: Db;
let http: Awaited<ReturnType<typeof testServer>>['http'];
beforeAll(async () => {
  ({ db, http } = await testServer());
}, 60_000);
afterAll(() => db.close());

const [demo] = demoVisits(new Date('2026-05-13T12:00:00Z')) as [VisitDto, ...VisitDto[]];
const fresh = (): VisitDto => ({
  ...demo,
  id: randomUUID(),
  startedAt: new Date().toISOString(),
  readings: [],
  facts: [],
});
const reading = (value = -0.31): ReadingDto => ({
  ...demo.readings[1]!,
  id: randomUUID(),
  value,
  takenAt: new Date().toISOString(),
});
const phone = (options?: { aheadMs: number }) => phoneOn(http, options);
const creating = (visit: VisitDto) =>
  ({ kind: 'create', of: 'visit', recordId: visit.id, record: headOf(visit) }) as const;
const adding = (visit: { id: string }, record: ReadingDto) =>
  ({ kind: 'add', of: 'reading', recordId: visit.id, record }) as const;
const setting = (of: 'visit' | 'unit' | 'site', recordId: string, fields: object, base: number) =>
  ({ kind: 'patch', of, recordId, base, fields: { ...fields } }) as const;
const stored = async (visit: { id: string }) => (await http.get(`/api/visits/${visit.id}`)).body as VisitDto;
const revisionOf = (result: OperationResult) => ('revision' in result ? result.revision : NaN);
const changed = (changes: readonly Change[], id: string) => changes.find((change) => change.id === id);

/** A visit on the server, with the phone that made it. */
async function visitHere() {
  const mine = phone();
  const visit = fresh();
  const made = await mine.do(creating(visit));
  return { mine, visit, base: revisionOf(made) };
}

describe('operations', () => {
  test('a visit and what was read at it arrive in one go, and go out to another phone whole, with what lists say', async () => {
    const mine = phone();
    const other = phone();
    await other.sync();
    const visit = fresh();
    const taken = [reading(-0.31), { ...reading(0.27), port: 'S1' as const }];
    const operations = [creating(visit), ...taken.map((one) => adding(visit, one))].map(mine.operation);
    const { results } = await mine.sync(operations);
    expect(results.map(({ status }) => status)).toEqual(['done', 'done', 'done']);
    const { changes } = await other.sync();
    const change = changed(changes, visit.id);
    if (change?.of !== 'visit') throw new Error('The other phone was not told.');
    expect(change.visit.readings.map(({ id }) => id).sort()).toEqual(taken.map(({ id }) => id).sort());
    expect(change.visit).toMatchObject({ readingCount: 2, factCount: 0, head: { title: visit.title } });
    // Asked again, there is nothing new.
    expect((await other.sync()).changes).toEqual([]);
  });

  test('sent twice, each is done once and answered the same', async () => {
    const { mine, visit } = await visitHere();
    const patch = setting('visit', visit.id, { tap: '4' }, 0);
    const operations = [mine.operation(adding(visit, reading())), mine.operation(patch)];
    const first = await mine.sync(operations);
    const second = await mine.sync(operations);
    expect(second.results).toEqual(first.results);
    expect((await stored(visit)).readings).toHaveLength(1);
  });

  test('the id of an operation, of a reading or of a photo never stands for something else', async () => {
    const { mine, visit } = await visitHere();
    const operation = mine.operation(adding(visit, reading()));
    await mine.sync([operation]);
    const [again] = (await mine.sync([{ ...operation, record: reading(-0.5) }])).results;
    expect(again).toMatchObject({
      status: 'refused',
      problem: { status: 409, detail: expect.stringContaining('new id') },
    });
    const first = reading();
    await mine.do(adding(visit, first));
    const twice = await mine.do(adding(visit, { ...first, value: -0.2 }));
    expect(twice).toMatchObject({ status: 'refused', problem: { detail: expect.stringContaining('never changed') } });
    const photo: PhotoDto = {
      id: randomUUID(),
      visitId: visit.id,
      item: 'filter',
      savedAt: new Date().toISOString(),
      jpeg: `/9j/${'A'.repeat(200)}`,
      smallJpeg: `/9j/${'B'.repeat(100)}`,
    };
    const adds = (record: PhotoDto) => ({ kind: 'add', of: 'photo', recordId: visit.id, record }) as const;
    expect(await mine.do(adds(photo))).toMatchObject({ status: 'done' });
    expect(await mine.do(adds(photo))).toMatchObject({ status: 'done' });
    expect(await mine.do(adds({ ...photo, jpeg: `/9j/${'C'.repeat(200)}` }))).toMatchObject({ status: 'refused' });
    const { photos } = (await http.get(`/api/visits/${visit.id}/photos`)).body as { photos: PhotoDto[] };
    expect(photos).toEqual([{ id: photo.id, visitId: visit.id, item: 'filter', savedAt: photo.savedAt }]);
    const small = await http.get(`/api/photos/${photo.id}/image?size=small`).expect(200);
    const full = await http.get(`/api/photos/${photo.id}/image`).expect(200);
    expect(small.type).toBe('image/jpeg');
    expect((small.body as Buffer).length).toBeLessThan((full.body as Buffer).length);
    await http.get(`/api/photos/${randomUUID()}/image`).expect(404);
  });

  test('a reading and a photo may come before their visit', async () => {
    const mine = phone();
    const visit = fresh();
    const early = reading();
    expect(await mine.do(adding(visit, early))).toMatchObject({ status: 'done' });
    await http.get(`/api/visits/${visit.id}`).expect(404);
    const other = phone();
    await other.sync();
    await mine.do(creating(visit));
    expect((await stored(visit)).readings.map(({ id }) => id)).toEqual([early.id]);
    // A phone that stood between the two is told of both.
    expect(changed((await other.sync()).changes, visit.id)).toMatchObject({
      visit: { readings: [{ id: early.id }], readingCount: 1 },
    });
  });

  test('what is wrong with one holds nothing else up: each other one is done', async () => {
    const { mine, visit } = await visitHere();
    const sent = [
      { ...mine.operation(adding(visit, reading())), kind: 'teleport' },
      mine.operation(adding(visit, { ...reading(), value: -31 })),
      mine.operation(setting('visit', visit.id, { wings: 2 }, 0)),
      { ...mine.operation(setting('visit', visit.id, { title: 'x\ud800' }, 0)) },
      mine.operation(setting('visit', visit.id, { tons: 'three' }, 0)),
      mine.operation(setting('unit', randomUUID(), { tap: '1' }, 0)),
      { nothing: true },
      7,
      mine.operation(adding(visit, reading())),
    ];
    const { results } = await mine.sync(sent);
    expect(results.map(({ status }) => status)).toEqual([...Array<string>(8).fill('refused'), 'done']);
    const details = results.flatMap((result) => (result.status === 'refused' ? [result.problem.detail] : []));
    expect(details[0]).toContain('newer than the server');
    expect(details[1]).toBe('Static must be between −5 and 5 in. w.c.');
    expect(details[2]).toBe('A visit has no field of that name.');
    expect(details[3]).toContain('cannot be stored');
    expect(details[4]).toBe('Tons must be a number.');
    expect(details[5]).toContain('not here');
    for (const detail of details) expect(detail).toMatch(/\.$/);
    expect((await stored(visit)).readings).toHaveLength(1);
  });

  test('a visit grows past a thousand readings and still takes one more', async () => {
    const { mine, visit } = await visitHere();
    for (let batch = 0; batch < 6; batch += 1)
      await mine.sync(Array.from({ length: 200 }, () => mine.operation(adding(visit, reading()))));
    expect(await mine.do(adding(visit, reading()))).toMatchObject({ status: 'done' });
    expect((await stored(visit)).readings).toHaveLength(1201);
  }, 60_000);

  test('a title made of two long names is taken', async () => {
    const mine = phone();
    const visit = { ...fresh(), title: `${'s'.repeat(80)}, ${'u'.repeat(80)}` };
    expect(await mine.do(creating(visit))).toMatchObject({ status: 'done' });
  });
});

describe('what lists say of a visit', () => {
  const summaryOf = async (id: string) => {
    const { visits } = (await http.get('/api/visits')).body as { visits: VisitSummary[] };
    return visits.find((one) => one.id === id);
  };
  test('is computed beside the requests, is in the list and in what phones are told', async () => {
    const { mine, visit } = await visitHere();
    await mine.do(adding(visit, reading(-0.31)));
    await mine.do(adding(visit, { ...reading(0.27), port: 'S1' }));
    for (let i = 0; i < 100 && (await summaryOf(visit.id))?.staticWord !== 'outside'; i += 1)
      await new Promise((go) => setTimeout(go, 20));
    expect((await summaryOf(visit.id))?.staticInWc).toBeCloseTo(0.58);
    const change = changed((await phone().sync()).changes, visit.id);
    expect(change).toMatchObject({ visit: { summary: { id: visit.id, staticWord: 'outside' } } });
  });
  test('what was left undone, and what an older judgement said, is computed anew at the next start', async () => {
    const { mine, visit } = await visitHere();
    await mine.do(adding(visit, reading(-0.31)));
    const log = pino({ level: 'silent' });
    await refreshResults(db, log);
    await db.query('DELETE FROM results WHERE visit_id = $1', [visit.id]);
    expect((await summaryOf(visit.id))?.headline).toBe('Not judged yet');
    expect(await refreshResults(db, log)).toBe(1);
    expect((await summaryOf(visit.id))?.headline).not.toBe('Not judged yet');
    await db.query('UPDATE results SET judgement_version = 0, headline = $1 WHERE visit_id = $2', ['old', visit.id]);
    expect(await refreshResults(db, log)).toBe(1);
    expect((await summaryOf(visit.id))?.headline).not.toBe('old');
    expect(await refreshResults(db, log)).toBe(0);
  });
});

describe('sent without asking for what is new', () => {
  test('only what became of it comes back, and the cursor stays', async () => {
    const { mine, visit } = await visitHere();
    const cursor = mine.cursor();
    const { text } = await mine.post([mine.operation(adding(visit, reading()))], cursor, false);
    expect(JSON.parse(text)).toMatchObject({ results: [{ status: 'done' }], changes: [], cursor, more: false });
  });
  test('a record that another changed as well comes whole', async () => {
    const { mine, visit, base } = await visitHere();
    await phone().do(setting('visit', visit.id, { tap: '5' }, base));
    const merging = mine.operation(setting('visit', visit.id, { tons: 4 }, base));
    const { text } = await mine.post([merging], mine.cursor(), false);
    const { results, changes } = JSON.parse(text) as SyncAnswer;
    expect(results[0]).toMatchObject({ status: 'merged' });
    expect(changed(changes, visit.id)).toMatchObject({ visit: { head: { tap: '5', tons: 4 } } });
  });
});

describe('two phones', () => {
  test('a reading sent from one does not put back the tap that the other changed; different fields merge', async () => {
    const { mine, visit, base } = await visitHere();
    const other = phone();
    await other.sync();
    expect(await other.do(setting('visit', visit.id, { tap: '5' }, base))).toMatchObject({ status: 'done' });
    await mine.do(adding(visit, reading()));
    const merged = await mine.do(setting('visit', visit.id, { 'setup.lineVolts': 238 }, base));
    expect(merged).toMatchObject({ status: 'merged' });
    expect(await stored(visit)).toMatchObject({ tap: '5', setup: { lineVolts: 238 } });
  });

  test('of one field the first stands; the second sees both, with who and when, and may choose', async () => {
    const { mine, visit, base } = await visitHere();
    const other = phone();
    await other.do(setting('visit', visit.id, { tap: '5', tons: 4 }, base));
    const fields = { tap: '2', tons: 4, maxTespInWc: 0.8 };
    const result = await mine.do(setting('visit', visit.id, fields, base));
    expect(result).toMatchObject({
      status: 'conflict',
      fields: [{ field: 'tap', yours: '2', theirs: '5', by: 'Technician', at: expect.stringMatching(/Z$/) }],
    });
    // The rest of the patch is done, nothing is dropped.
    expect(await stored(visit)).toMatchObject({ tap: '5', tons: 4, maxTespInWc: 0.8 });
    expect(await mine.do(setting('visit', visit.id, { tap: '2' }, revisionOf(result)))).toMatchObject({
      status: 'done',
    });
    expect((await stored(visit)).tap).toBe('2');
  });

  test('one phone’s own changes, made without a signal one after the other, are no conflict', async () => {
    const { mine, visit, base } = await visitHere();
    const operations = ['3', '4', '5'].map((tap) => mine.operation(setting('visit', visit.id, { tap }, base)));
    const { results } = await mine.sync(operations);
    expect(results.map(({ status }) => status)).toEqual(['done', 'done', 'done']);
    expect((await stored(visit)).tap).toBe('5');
  });

  test('a site made on both is one thing or two: the second is asked', async () => {
    const site = (altitudeFt: number): SiteDto => ({ id: randomUUID(), name: 'Heron Mill', altitudeFt });
    const making = (record: SiteDto) => ({ kind: 'create', of: 'site', recordId: record.id, record }) as const;
    const [first, second] = [site(620), { ...site(900), name: ' heron mill' }];
    await phone().do(making(first));
    const result = await phone().do(making(second));
    expect(result).toMatchObject({ status: 'conflict', sameName: { recordId: first.id, name: 'Heron Mill' } });
    expect('fields' in result && result.fields.find(({ field }) => field === 'altitudeFt')).toMatchObject({
      yours: 900,
      theirs: 620,
    });
    await http.get(`/api/sites/${second.id}`).expect(404);
  });

  test('made twice under one id, by a phone that could not know: what differs and was changed since is told', async () => {
    const unit: UnitDto = { ...DEMO_UNITS[0]!, id: randomUUID() };
    const making = (record: UnitDto) => ({ kind: 'create', of: 'unit', recordId: record.id, record }) as const;
    const mine = phone();
    await mine.do(making(unit));
    expect(await mine.do(making(unit))).toMatchObject({ status: 'done' });
    expect(await phone().do(making({ ...unit, tap: '9' }))).toMatchObject({
      status: 'conflict',
      fields: [{ field: 'tap', yours: '9', theirs: unit.tap }],
    });
  });

  test('who changed what, from what, is kept; undo is an operation like any other', async () => {
    const { mine, visit, base } = await visitHere();
    const result = await mine.do(setting('visit', visit.id, { tap: '7', 'setup.altitudeFt': 900 }, base));
    const { changes } = (await http.get(`/api/visits/${visit.id}/history`)).body as { changes: { fields: object }[] };
    expect(changes[0]).toMatchObject({
      by: 'Technician',
      fields: { tap: { before: visit.tap, after: '7' }, 'setup.altitudeFt': { before: 620, after: 900 } },
    });
    await mine.do(setting('visit', visit.id, { tap: visit.tap, 'setup.altitudeFt': 620 }, revisionOf(result)));
    expect(await stored(visit)).toMatchObject({ tap: visit.tap, setup: { altitudeFt: 620 } });
    await expect(db.query('DELETE FROM changes')).rejects.toThrow('append-only');
  });
});

describe('clocks', () => {
  const DAY_MS = 86_400_000;
  test('a phone a day ahead, then set right: its later changes count, its readings are kept and marked', async () => {
    const { visit, base } = await visitHere();
    const ahead = phone({ aheadMs: DAY_MS });
    const early = { ...reading(), takenAt: new Date(Date.now() + DAY_MS).toISOString() };
    const { results } = await ahead.sync([
      ahead.operation(adding(visit, early)),
      ahead.operation(setting('visit', visit.id, { tap: '4' }, base)),
    ]);
    expect(results.map(({ status }) => status)).toEqual(['done', 'done']);
    const right = phone();
    await right.do(setting('visit', visit.id, { tap: '5' }, revisionOf(results[1]!)));
    const now = await stored(visit);
    expect(now.tap).toBe('5');
    expect(now.readings[0]!.takenAt).toBe(early.takenAt);
    expect(Math.round(now.readings[0]!.clockOffsetMs! / DAY_MS)).toBe(-1);
  });
  test('a far date locks nothing', async () => {
    const { mine, visit, base } = await visitHere();
    const far = mine.operation(setting('visit', visit.id, { tap: '4' }, base));
    await mine.sync([{ ...far, madeAt: '9999-12-31T23:59:59Z' }]);
    expect(await mine.do(setting('visit', visit.id, { tap: '5' }, base))).toMatchObject({ status: 'done' });
    expect(await mine.do(adding(visit, { ...reading(), takenAt: '9999-12-31T23:59:59Z' }))).toMatchObject({
      status: 'done',
    });
    expect((await stored(visit)).tap).toBe('5');
  });
});

describe('what a new phone is given', () => {
  test('comes in pages: everything of the shop, of visits those of the week; an older one comes by its id', async () => {
    const mine = phone();
    const old = { ...fresh(), startedAt: '2020-05-12T10:00:00.000Z' };
    await mine.sync([mine.operation(creating(old)), mine.operation(adding(old, reading()))]);
    const units = Array.from({ length: 320 }, (_, i) => ({ ...DEMO_UNITS[0]!, id: randomUUID(), name: `Unit ${i}` }));
    for (let i = 0; i < units.length; i += 160)
      await mine.sync(
        units
          .slice(i, i + 160)
          .map((unit) => mine.operation({ kind: 'create', of: 'unit', recordId: unit.id, record: unit })),
      );
    const newcomer = phone();
    const told = new Set<string>();
    for (let more = true; more;) {
      const answer = await newcomer.sync();
      for (const { id } of answer.changes) told.add(id);
      more = answer.more;
    }
    expect(units.every(({ id }) => told.has(id))).toBe(true);
    expect(told.has(old.id)).toBe(false);
    expect((await stored(old)).readings).toHaveLength(1);
    // Changed now, it is told of, with how much of it there is.
    await mine.do(adding(old, reading()));
    const change = changed((await newcomer.sync()).changes, old.id);
    expect(change).toMatchObject({ visit: { readings: [expect.anything()], readingCount: 2 } });
  }, 60_000);

  test('lists go back through all visits in pages, the newest first, each once', async () => {
    const seen: string[] = [];
    let next: string | null = '';
    while (next !== null) {
      const { body } = await http.get(`/api/visits${next && `?after=${next}`}`).expect(200);
      const page = body as { visits: { id: string; startedAt: string }[]; next: string | null };
      seen.push(...page.visits.map(({ startedAt, id }) => `${startedAt} ${id}`));
      next = page.next;
    }
    const [{ count }] = (await db.query<{ count: number }>('SELECT count(*) AS count FROM visits')) as [
      { count: number },
    ];
    expect(new Set(seen).size).toBe(seen.length);
    expect(seen).toHaveLength(count);
    expect([...seen].sort().reverse()).toEqual(seen);
  });
});

describe('bad requests are told so, and nothing is half done', () => {
  const envelope = (more: object) => ({
    device: randomUUID(),
    phoneTime: new Date().toISOString(),
    cursor: null,
    operations: [],
    ...more,
  });
  test.each([
    ['a cursor that is none', { cursor: 'abc' }, 409],
    ['a cursor of another shop', { cursor: '5b0f0000000040008000000000000009.3' }, 409],
    ['a cursor of the future', { cursor: '5b0f0000000040008000000000000001.999999999' }, 409],
    ['a cursor of the future to gather up to', { cursor: '5b0f0000000040008000000000000001.0.999999999' }, 409],
    ['a cursor with odd signs', { cursor: "' OR 1=1" }, 422],
    ['no device', { device: 'me' }, 422],
    ['no list', { operations: {} }, 422],
    ['more than fits', { operations: Array(201).fill(null) }, 422],
    ['a time that is none', { phoneTime: 'soon' }, 422],
    ['a week date', { phoneTime: '2026-W20-3T10:00:00Z' }, 422],
  ])('%s', async (_what, more, status) => {
    const before = await db.query('SELECT count(*) AS n FROM operations');
    const answer = await http.post('/api/sync').send(envelope(more));
    expect(answer.status).toBe(status);
    expect(answer.type).toBe('application/problem+json');
    expect((answer.body as { detail: string }).detail).toMatch(/\.$/);
    expect(await db.query('SELECT count(*) AS n FROM operations')).toEqual(before);
  });
  test('a wrong cursor is told before anything is done', async () => {
    const { mine, visit } = await visitHere();
    const operation = mine.operation(adding(visit, reading()));
    expect((await mine.post([operation], '5b0f0000000040008000000000000001.999999999')).status).toBe(409);
    expect((await stored(visit)).readings).toEqual([]);
  });
  test('a body cut in half', async () => {
    const whole = JSON.stringify(envelope({ operations: [] }));
    const cut = whole.slice(0, whole.length / 2);
    expect((await http.post('/api/sync').set('Content-Type', 'application/json').send(cut)).status).toBe(400);
  });
});

test('an unforeseen error in one operation is that one’s alone, and it may be tried again', async () => {
  const { mine, visit } = await visitHere();
  const [bad, good] = [mine.operation(adding(visit, reading())), mine.operation(adding(visit, reading()))];
  await db.script(
    `CREATE FUNCTION break_it() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN
       IF NEW.id = '${bad.id}' THEN RAISE EXCEPTION 'broken'; END IF; RETURN NEW;
     END $$;
     CREATE TRIGGER break_it BEFORE INSERT ON operations FOR EACH ROW EXECUTE FUNCTION break_it()`,
  );
  const { results } = await mine.sync([bad, good]);
  expect(results.map(({ status }) => status)).toEqual(['failed', 'done']);
  await db.script('DROP TRIGGER break_it ON operations');
  expect((await mine.sync([bad, good])).results.map(({ status }) => status)).toEqual(['done', 'done']);
  expect((await stored(visit)).readings).toHaveLength(2);
});

test('a fact is added as it is known, and corrects by a new one', async () => {
  const { mine, visit } = await visitHere();
  const fact: FactDto = {
    id: randomUUID(),
    kind: 'electricHeat',
    inputs: { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5, junk: 'x' },
    takenAt: new Date().toISOString(),
    replacesId: null,
  };
  const adds = (record: FactDto) => ({ kind: 'add', of: 'fact', recordId: visit.id, record }) as const;
  expect(await mine.do(adds(fact))).toMatchObject({ status: 'done' });
  expect((await stored(visit)).facts![0]!.inputs).not.toHaveProperty('junk');
  const changedOne = { ...fact, inputs: { ...fact.inputs, amps: 40 } };
  expect(await mine.do(adds(changedOne))).toMatchObject({ status: 'refused', problem: { status: 409 } });
});
