import type { SiteDto, UnitDto } from '@huff/contract';
import { randomUUID } from 'node:crypto';
import { DEMO_UNITS } from '../demo/units';
import { adding, changed, creating, fresh, reading, revisionOf, setting, syncServer } from '../testing/syncFixtures';

const { db, http, phone, stored, visitHere } = syncServer();

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

  test('who sets what already stands, and does not know what else changed, is told of it', async () => {
    const { mine, visit, base } = await visitHere();
    await phone().do(setting('visit', visit.id, { tap: '5', tons: 4 }, base));
    const { results, changes } = await mine.sync([mine.operation(setting('visit', visit.id, { tap: '5' }, base))]);
    expect(results[0]).toMatchObject({ status: 'merged' });
    expect(changed(changes, visit.id)).toMatchObject({ visit: { head: { tons: 4 } } });
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
    await http().get(`/api/sites/${second.id}`).expect(404);
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
    const { changes } = (await http().get(`/api/visits/${visit.id}/history`)).body as { changes: { fields: object }[] };
    expect(changes[0]).toMatchObject({
      by: 'Technician',
      fields: { tap: { before: visit.tap, after: '7' }, 'setup.altitudeFt': { before: 620, after: 900 } },
    });
    await mine.do(setting('visit', visit.id, { tap: visit.tap, 'setup.altitudeFt': 620 }, revisionOf(result)));
    expect(await stored(visit)).toMatchObject({ tap: visit.tap, setup: { altitudeFt: 620 } });
    await expect(db().query('DELETE FROM changes')).rejects.toThrow('append-only');
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
  test.each([400, -400])('a visit from a phone %i days off neither hides nor outranks a later look', async (days) => {
    const unit: UnitDto = { ...DEMO_UNITS[0]!, id: randomUUID() };
    await phone().do({ kind: 'create', of: 'unit', recordId: unit.id, record: unit });
    const off = phone({ aheadMs: days * DAY_MS });
    const begunAt = Date.now() - 60_000;
    const first = { ...fresh(), unitId: unit.id, startedAt: new Date(begunAt + days * DAY_MS).toISOString() };
    await off.do(creating(first));
    expect(Math.abs(Date.parse((await stored(first)).startedAt) - begunAt)).toBeLessThan(30_000);
    const later = { ...fresh(), unitId: unit.id };
    await phone().do(creating(later));
    const { visits } = (await http().get('/api/visits').query({ unit: unit.id })).body as { visits: { id: string }[] };
    expect(visits.map(({ id }) => id)).toEqual([later.id, first.id]);
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
  test('nor does a clock that is off by thousands of years, whatever the reading says: the visit can be read', async () => {
    const { visit } = await visitHere();
    for (const [phoneTime, takenAt] of [
      ['9999-12-31T23:59:59Z', '1970-01-01T00:00:00Z'],
      ['1970-01-01T00:00:00Z', '9999-12-31T23:59:59Z'],
    ]) {
      const add = phone().operation(adding(visit, { ...reading(), takenAt: takenAt! }));
      const sent = { device: randomUUID(), phoneTime, cursor: null, operations: [add], pull: false };
      expect((await http().post('/api/sync').send(sent)).body).toMatchObject({ results: [{ status: 'done' }] });
    }
    expect((await stored(visit)).readings).toHaveLength(2);
  });
});
