import type { SyncAnswer, VisitSummary, VisitUpdate } from '@huff/contract/spine';
import { randomUUID } from 'node:crypto';
import { DEMO_UNITS } from '../demo/units';
import { DEMO_AUTHOR } from '../http/author';
import { judgeAll } from '../testing/judging';
import { adding, changed, creating, fresh, reading, setting, syncServer } from '../testing/syncFixtures';

const { db, http, phone, jobs, stored, visitHere } = syncServer();

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

describe('what lists say of a visit', () => {
  const summaryOf = async (id: string) => {
    const { visits } = (await http().get('/api/visits')).body as { visits: VisitSummary[] };
    return visits.find((one) => one.id === id);
  };
  test('is computed beside the requests, is in the list and in what phones are told', async () => {
    const { mine, visit } = await visitHere();
    await mine.do(adding(visit, reading(-0.31)));
    await mine.do(adding(visit, { ...reading(0.27), port: 'S1' }));
    await jobs().settled();
    expect((await summaryOf(visit.id))?.staticWord).toBe('outside');
    expect((await summaryOf(visit.id))?.staticInWc).toBeCloseTo(0.58);
    const change = changed((await phone().sync()).changes, visit.id);
    expect(change).toMatchObject({ visit: { summary: { id: visit.id, staticWord: 'outside' } } });
  });
  test('what was left undone, and what an older judgement said, is computed anew at the next start', async () => {
    const { mine, visit } = await visitHere();
    await mine.do(adding(visit, reading(-0.31)));
    await judgeAll(db(), DEMO_AUTHOR.shopId);
    await db().query('DELETE FROM results WHERE visit_id = $1', [visit.id]);
    expect((await summaryOf(visit.id))?.headline).toBe('Not judged yet');
    expect(await judgeAll(db(), DEMO_AUTHOR.shopId)).toBe(1);
    expect((await summaryOf(visit.id))?.headline).not.toBe('Not judged yet');
    await db().query('UPDATE results SET judgement_version = 0, headline = $1 WHERE visit_id = $2', ['old', visit.id]);
    expect(await judgeAll(db(), DEMO_AUTHOR.shopId)).toBe(1);
    expect((await summaryOf(visit.id))?.headline).not.toBe('old');
    expect(await judgeAll(db(), DEMO_AUTHOR.shopId)).toBe(0);
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
      const { body } = await http()
        .get(`/api/visits${next && `?after=${next}`}`)
        .expect(200);
      const page = body as { visits: { id: string; startedAt: string }[]; next: string | null };
      seen.push(...page.visits.map(({ startedAt, id }) => `${startedAt} ${id}`));
      next = page.next;
    }
    const [{ count }] = (await db().query<{ count: number }>('SELECT count(*) AS count FROM visits')) as [
      { count: number },
    ];
    expect(new Set(seen).size).toBe(seen.length);
    expect(seen).toHaveLength(count);
    expect([...seen].sort().reverse()).toEqual(seen);
  });
});

describe('what comes in several pages is whole all the same', () => {
  /** More records than a page has, made between two changes of a visit. */
  async function manyUnits(mine: ReturnType<typeof phone>) {
    const units = Array.from({ length: 320 }, (_, i) => ({
      ...DEMO_UNITS[0]!,
      id: randomUUID(),
      name: `Between ${i}`,
    }));
    for (let i = 0; i < units.length; i += 160)
      await mine.sync(
        units
          .slice(i, i + 160)
          .map((unit) => mine.operation({ kind: 'create', of: 'unit', recordId: unit.id, record: unit })),
      );
  }
  /** All that a phone is told, page by page, of one visit. */
  async function toldOf(one: ReturnType<typeof phone>, id: string) {
    const updates: VisitUpdate[] = [];
    for (let more = true; more;) {
      const answer = await one.sync();
      const change = changed(answer.changes, id);
      if (change?.of === 'visit') updates.push(change.visit);
      more = answer.more;
    }
    return updates;
  }
  test('to a new phone: what was read before the first page’s end and after it', async () => {
    const { mine, visit } = await visitHere();
    const [early, late] = [reading(-0.1), reading(-0.2)];
    await mine.do(adding(visit, early));
    await manyUnits(mine);
    await mine.do(adding(visit, late));
    const updates = await toldOf(phone(), visit.id);
    expect(
      updates
        .at(-1)!
        .readings.map(({ id }) => id)
        .sort(),
    ).toEqual([early.id, late.id].sort());
    expect(updates.at(-1)!.head).toMatchObject({ title: visit.title });
  }, 60_000);
  test('to a phone that was away: fields and readings of before the page’s end and after it', async () => {
    const { mine, visit, base } = await visitHere();
    const away = phone();
    await toldOf(away, visit.id);
    const [early, late] = [reading(-0.1), reading(-0.2)];
    await mine.do(setting('visit', visit.id, { tap: '7' }, base));
    await mine.do(adding(visit, early));
    await manyUnits(mine);
    await mine.do(adding(visit, late));
    const updates = await toldOf(away, visit.id);
    expect(updates.flatMap(({ readings }) => readings.map(({ id }) => id)).sort()).toEqual([early.id, late.id].sort());
    expect(updates.at(-1)!.head).toMatchObject({ tap: '7' });
  }, 60_000);
});
