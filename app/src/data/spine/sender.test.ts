import type { Operation, SyncRequest } from '@huff/contract/spine';
import { laidOver } from '../useOutbox';
import { memoryStore } from './memoryStore';
import { allDone, answerOf, patching, phone, visit } from './testing';
import type { Outcome } from './post';

const made = (id: string) => ({ id, madeAt: '2026-05-12T10:00:00.000Z' });
const patch = (id: string, recordId: string, fields?: object): Operation => ({
  ...made(id),
  ...patching(recordId, fields),
});
const problem = (status: number, title = 'x'): Outcome => ({
  kind: 'problem',
  status,
  problem: { type: 'about:blank', title, status, detail: 'Not so.' },
});

/** A phone with operations that wait. */
async function withWaiting(...operations: Operation[]) {
  const one = phone();
  for (const operation of operations) await one.outbox.add(operation);
  return one;
}
const states = (one: Awaited<ReturnType<typeof withWaiting>>) => one.outbox.rows().map(({ id, state }) => [id, state]);

describe('sending', () => {
  test('what waits goes in its order, once, and the cursor is kept', async () => {
    const one = await withWaiting(patch('a', 'u1'), patch('b', 'u1'), patch('c', 'u2'));
    expect(await one.sender.step()).toEqual({ phase: 'upToDate', waitMs: 60_000 });
    await one.sender.step();
    expect(one.sent()).toEqual([['a', 'b', 'c'], []]);
    expect(one.requests.map(({ cursor }) => cursor)).toEqual([null, 'shop.1']);
    expect(new Set(one.requests.map(({ device }) => device)).size).toBe(1);
    expect(one.outbox.rows()).toEqual([]);
  });

  test('more than a request takes goes in several, without waiting between', async () => {
    const one = await withWaiting(...Array.from({ length: 450 }, (_, i) => patch(`op ${i}`, `u${i}`)));
    while ((await one.sender.step()).waitMs === 0);
    expect(one.sent().map((ids) => ids.length)).toEqual([200, 200, 50]);
  });

  test('a large picture goes by itself', async () => {
    const photo = (id: string, size: number): Operation => ({
      ...made(id),
      kind: 'add',
      of: 'photo',
      recordId: 'v1',
      record: { id, visitId: 'v1', item: 'filter', savedAt: '2026-05-12T10:00:00Z', jpeg: 'x'.repeat(size) },
    });
    const one = await withWaiting(photo('p1', 700_000), photo('p2', 700_000), patch('a', 'u1'));
    while ((await one.sender.step()).waitMs === 0);
    expect(one.sent()).toEqual([['p1'], ['p2', 'a']]);
  });

  test('what the server tells is in the store before what was done is taken off', async () => {
    const store = memoryStore();
    const seen: unknown[] = [];
    const one = phone(
      ({ operations }) =>
        answerOf(
          operations.map(({ id }) => ({ id, status: 'done', revision: 7 })),
          {
            changes: [{ of: 'site', id: 's1', revision: 7, record: { id: 's1', name: 'Quay' } }],
          },
        ),
      store,
    );
    await one.outbox.add(patch('a', 'u1'));
    one.outbox.subscribe(() => seen.push(one.outbox.rows().length));
    await one.sender.step();
    expect(await store.one('site', 's1')).toMatchObject({ revision: 7, record: { name: 'Quay' } });
    expect(seen).toEqual([0]);
  });
});

describe('what is new', () => {
  test('is requested at first and every minute, not with each reading', async () => {
    const one = phone();
    const pulls = async (id: string, afterMs: number) => {
      one.wait(afterMs);
      await one.outbox.add(patch(id, id));
      await one.sender.step();
      return one.requests.at(-1)!.pull;
    };
    expect([await pulls('a', 0), await pulls('b', 5000), await pulls('c', 56_000), await pulls('d', 1000)]).toEqual([
      true,
      false,
      true,
      false,
    ]);
    one.sender.encourage();
    expect(await pulls('e', 0)).toBe(true);
  });
  test('what this phone did and the server has done stays in sight until the server tells of it', async () => {
    const one = phone();
    const made = visit('v1');
    await one.outbox.open(made);
    await one.outbox.save('v1');
    await one.sender.step();
    expect(one.outbox.rows()).toEqual([]);
    expect(await one.store.one('visit', 'v1')).toMatchObject({ record: { title: made.title }, revision: 1 });
    expect((await one.store.parts('v1')).map(({ id }) => id)).toEqual(made.readings.map(({ id }) => id));
    one.says(({ operations }) => answerOf(operations.map(({ id }) => ({ id, status: 'done', revision: 2 }))));
    await one.outbox.patch('visit', 'v1', { tap: '5' }, 1);
    await one.sender.step();
    expect(await one.store.one('visit', 'v1')).toMatchObject({ record: { tap: '5' } });
  });
  test('of what others changed as well nothing counts as known that was not told', async () => {
    const one = phone();
    await one.store.write({
      records: [{ kind: 'unit', id: 'u1', revision: 3, record: { id: 'u1', tap: '1' } as never }],
    });
    one.says(({ operations }) => answerOf(operations.map(({ id }) => ({ id, status: 'merged', revision: 9 }))));
    await one.outbox.patch('unit', 'u1', { tap: '5' }, 3);
    await one.sender.step();
    expect(await one.store.one('unit', 'u1')).toMatchObject({ revision: 3, record: { tap: '5' } });
  });
});

test('an answer that comes a second time does not undo what others did since', async () => {
  const one = await withWaiting(patch('a', 'u1', { tap: '5' }));
  one.says(() => ({ kind: 'noAnswer' }));
  await one.sender.step();
  // Done at 7 all the same; another set the tap at 8, and the phone was told while its own still waited.
  await one.store.write({
    records: [{ kind: 'unit', id: 'u1', revision: 8, record: { id: 'u1', tap: '2' } as never }],
  });
  one.says(({ operations }) => answerOf(operations.map(({ id }) => ({ id, status: 'done', revision: 7 }))));
  one.sender.encourage();
  await one.sender.step();
  expect(one.outbox.rows()).toEqual([]);
  expect(await one.store.one('unit', 'u1')).toMatchObject({ revision: 8, record: { tap: '2' } });
});

describe('one record never holds up another', () => {
  test('what was refused is set apart with the server’s sentence; the rest of its record goes on', async () => {
    const one = await withWaiting(patch('a', 'u1'), patch('b', 'u1'), patch('c', 'u2'));
    one.says(({ operations }) =>
      answerOf(
        operations.map(({ id }) =>
          id === 'a'
            ? { id, status: 'refused', problem: { type: 'about:blank', title: 'x', status: 422, detail: 'Too high.' } }
            : { id, status: 'done', revision: 1 },
        ),
      ),
    );
    await one.sender.step();
    expect(one.outbox.rows()).toEqual([
      expect.objectContaining({ id: 'a', state: 'refused', problem: expect.objectContaining({ detail: 'Too high.' }) }),
    ]);
    expect((await one.sender.step()).waitMs).toBe(60_000);
    expect(one.sent()[1]).toEqual([]);
  });

  test('one that fails at the server waits by itself and comes again, ever later; others go', async () => {
    const one = await withWaiting(patch('bad', 'u1'), patch('good', 'u2'));
    const failing = ({ operations }: SyncRequest) =>
      answerOf(
        operations.map(({ id }) =>
          id === 'bad'
            ? { id, status: 'failed', problem: { type: 'about:blank', title: 'x', status: 500, detail: 'No.' } }
            : { id, status: 'done', revision: 1 },
        ),
      );
    one.says(failing);
    const first = await one.sender.step();
    expect(first).toMatchObject({ phase: 'serverTrouble' });
    expect(states(one)).toEqual([['bad', 'waiting']]);
    await one.outbox.add(patch('later', 'u3'));
    await one.sender.step();
    expect(one.sent()[1]).toEqual(['later']);
    const waits: number[] = [];
    for (let i = 0; i < 4; i += 1) {
      one.wait(120_000);
      waits.push((await one.sender.step()).waitMs);
    }
    expect(one.sent().slice(2)).toEqual([['bad'], ['bad'], ['bad'], ['bad']]);
    expect(waits).toEqual([...waits].sort((a, b) => a - b));
    one.says(allDone);
    one.wait(120_000);
    await one.sender.step();
    expect(one.outbox.rows()).toEqual([]);
  });

  test('a whole request that gets a 500, or no answer at all: what can go goes, the one at fault stands alone', async () => {
    for (const outcome of [problem(500), { kind: 'noAnswer' } as const]) {
      const one = await withWaiting(patch('a', 'u1'), patch('poison', 'u2'), patch('c', 'u3'));
      one.says((request) => (request.operations.some(({ id }) => id === 'poison') ? outcome : allDone(request)));
      for (let i = 0; i < 30; i += 1) {
        const { waitMs } = await one.sender.step();
        one.wait(Math.min(waitMs, 70_000));
      }
      expect(states(one)).toEqual([['poison', 'waiting']]);
      expect(one.sent().at(-1)).toEqual(['poison']);
    }
  });

  test('after a long silence hundreds of records go in few requests; one at fault among them is left behind', async () => {
    const ids = Array.from({ length: 300 }, (_, i) => `op ${i}`);
    const one = await withWaiting(...ids.map((id) => patch(id, `unit of ${id}`)));
    one.says(() => ({ kind: 'noAnswer' }));
    for (let i = 0; i < 40; i += 1) one.wait((await one.sender.step()).waitMs);
    const silent = one.requests.length;
    one.says((request) =>
      request.operations.some(({ id }) => id === 'op 7') ? { kind: 'noAnswer' } : allDone(request),
    );
    for (let i = 0; i < 80; i += 1) one.wait((await one.sender.step()).waitMs);
    expect(states(one)).toEqual([['op 7', 'waiting']]);
    expect(
      one
        .sent()
        .slice(silent)
        .filter((sent) => sent.length > 0 && !sent.includes('op 7')).length,
    ).toBeLessThan(60);
  });

  test('without a signal it asks ever more seldom, and at once when the signal is back', async () => {
    const one = await withWaiting(patch('a', 'u1'));
    one.says(() => ({ kind: 'noAnswer' }));
    const waits: number[] = [];
    for (let i = 0; i < 9; i += 1) waits.push((await one.sender.step()).waitMs);
    expect(waits[0]).toBeLessThan(3000);
    expect(waits.at(-1)).toBe(60_000);
    one.says(allDone);
    one.sender.encourage();
    expect(await one.sender.step()).toMatchObject({ phase: 'upToDate' });
    expect(one.outbox.rows()).toEqual([]);
  });
});

describe('what else may come back', () => {
  test('a sign-in page in the server’s place changes nothing', async () => {
    const one = await withWaiting(patch('a', 'u1'));
    one.says(() => ({ kind: 'notHuff' }));
    expect(await one.sender.step()).toMatchObject({ phase: 'notHuff' });
    expect(states(one)).toEqual([['a', 'waiting']]);
  });
  test('401 stops until a person signs in; 429 waits as long as the server says', async () => {
    const one = await withWaiting(patch('a', 'u1'));
    one.says(() => problem(401));
    expect(await one.sender.step()).toEqual({ phase: 'signIn', waitMs: Infinity });
    one.says(() => ({ ...problem(429), retryAfterMs: 7000 }) as Outcome);
    expect(await one.sender.step()).toEqual({ phase: 'serverTrouble', waitMs: 7000 });
    expect(states(one)).toEqual([['a', 'waiting']]);
  });
  test.each([401, 403, 408, 415, 421, 426])(
    'a refusal with %i is about who asks, not about what was done: it goes on waiting, even alone',
    async (status) => {
      const one = phone(() => problem(status));
      await one.outbox.add(patch('a', 'u1'));
      const step = await one.sender.step();
      expect(step.phase).toBe(status === 401 ? 'signIn' : 'serverTrouble');
      expect(step.waitMs).toBeGreaterThan(0);
      expect(states(one)).toEqual([['a', 'waiting']]);
    },
  );

  test('a request that is refused whole is taken apart; what is refused alone is set apart', async () => {
    const one = await withWaiting(patch('a', 'u1'), patch('b', 'u2'));
    one.says((request) => (request.operations.some(({ id }) => id === 'a') ? problem(413) : allDone(request)));
    for (let i = 0; i < 14; i += 1) await one.sender.step();
    expect(states(one)).toEqual([['a', 'refused']]);
  });
  test('of a record that is too much at once ever fewer go, until the one at fault stands alone', async () => {
    const one = await withWaiting(...Array.from({ length: 40 }, (_, i) => patch(`op ${i}`, 'u1')));
    const tooMuch = ({ operations }: SyncRequest) =>
      operations.length > 10 || operations.some(({ id }) => id === 'op 3');
    one.says((request) => (tooMuch(request) ? problem(413) : allDone(request)));
    for (let i = 0; i < 160; i += 1) {
      const { waitMs } = await one.sender.step();
      one.wait(Math.min(waitMs, 70_000));
    }
    expect(states(one)).toEqual([['op 3', 'refused']]);
  });
  test('a cursor the server does not know: the phone begins anew, and loses nothing', async () => {
    const one = await withWaiting(patch('a', 'u1'));
    await one.store.write({ meta: { cursor: 'shop.99' } });
    one.says((request) => (request.cursor === 'shop.99' ? problem(409, 'Unknown cursor') : allDone(request)));
    await one.sender.step();
    await one.sender.step();
    expect(one.requests.map(({ cursor }) => cursor)).toEqual(['shop.99', null]);
    expect(one.outbox.rows()).toEqual([]);
  });
  test('a restored server: what the phone holds is set apart before the server tells what it has, and nothing of it is sent unasked', async () => {
    const one = await withWaiting(patch('a', 'u1'));
    const { readings, ...head } = visit('v1');
    await one.store.write({
      records: [
        { kind: 'visit', id: 'v1', revision: 7, record: head, readingCount: readings.length, factCount: 0 },
        { kind: 'site', id: 's1', revision: 6, record: { id: 's1', name: 'Tern Slip' } },
      ],
      parts: readings.map((record) => ({ visitId: 'v1', id: record.id, of: 'reading', record })),
      meta: { cursor: 'shop-old.99' },
    });
    one.says((request) => (request.cursor === 'shop-old.99' ? problem(409, 'Data restored') : allDone(request)));
    // The server is well: nobody is told that it has a problem.
    expect(await one.sender.step()).toEqual({ phase: 'upToDate', waitMs: 0 });
    await one.sender.step();
    expect(one.requests.map(({ cursor }) => cursor)).toEqual(['shop-old.99', null]);
    // What waited goes all the same; what is offered waits for a person.
    expect(one.sent()).toEqual([['a'], ['a']]);
    const offered = one.outbox.rows();
    expect(offered.map(({ state, operation: { kind, of } }) => [state, kind, of])).toEqual([
      ['offered', 'create', 'site'],
      ['offered', 'create', 'visit'],
      ...readings.map(() => ['offered', 'add', 'reading']),
    ]);
    expect(readings.length).toBeGreaterThan(0);
    expect(laidOver(offered)).toHaveLength(offered.length);
    expect(await one.store.meta('restoredAt')).toMatch(/^1970-/);
    // Restored once more before anybody decided: each is offered once.
    await one.store.write({ meta: { cursor: 'shop-old.99' } });
    await one.sender.step();
    expect(one.outbox.rows()).toHaveLength(offered.length);
  });
  test('an answer that the disk would not take is known while the page is open; after that all is sent again', async () => {
    const disk = memoryStore();
    const one = phone(allDone, disk);
    await one.outbox.add(patch('a', 'u1'));
    const write = disk.write.bind(disk);
    disk.write = (batch) => (batch.remove ? Promise.reject(new Error('full')) : write(batch));
    await one.sender.step();
    expect(one.faults).toHaveLength(1);
    expect(states(one)).toEqual([]);
    const next = phone(allDone, disk);
    await next.outbox.reload();
    expect(states(next)).toEqual([['a', 'waiting']]);
  });
});
