import { memoryStore } from './memoryStore';
import type { Outcome, Post } from './post';
import { startSpine, type Spine } from './spine';
import { allDone, answerOf, visit, begunInMemory } from './testing';
import type { Store } from './store';

/** Tabs of this file alone: a spine that another test of this process started would tell its own state on the same channel. */
const RealChannel = globalThis.BroadcastChannel;
beforeAll(() => {
  globalThis.BroadcastChannel = class extends RealChannel {
    constructor(name: string) {
      super(`${name} of spine.test`);
    }
  };
});
afterAll(() => {
  globalThis.BroadcastChannel = RealChannel;
});

const until = async (holds: () => boolean) => {
  for (let i = 0; i < 1000 && !holds(); i += 1) await new Promise((go) => setTimeout(go, 5));
  expect(holds()).toBe(true);
};
let running: Spine | undefined;
afterEach(() => running?.stop());

/** A spine on a store in memory; what it said about its state. */
function begin(
  post: Post,
  store: Store = { ...memoryStore(), lasting: true },
  carryOver?: (store: Store) => Promise<void>,
) {
  const told: unknown[] = [];
  running = startSpine({
    openStore: () => Promise.resolve(store),
    begunNote: begunInMemory(),
    post,
    onTold: (one) => void told.push(one),
    carryOver,
  });
  return { spine: running, told, store };
}
const says =
  (outcome: (request: Parameters<Post>[0]) => Outcome): Post =>
  (request) =>
    Promise.resolve(outcome(request));

test('it asks when it begins, sends what is added by itself, and says how it stands', async () => {
  const { spine, told } = begin(says(allDone));
  await until(() => spine.status().phase === 'upToDate');
  expect(spine.status()).toMatchObject({ phase: 'upToDate', everTold: true });
  await spine.outbox.open(visit('v1'));
  await spine.outbox.save('v1');
  await until(() => spine.outbox.rows().length === 0);
  expect(told.length).toBeGreaterThanOrEqual(2);
});

test('a clock that is days off is known, here and after the next start; set right, it is not', async () => {
  const DAYS_MS = 400 * 86_400_000;
  let offMs = -DAYS_MS;
  const store: Store = { ...memoryStore(), lasting: true };
  const atServer = () => new Date(Date.now() + offMs).toISOString();
  const { spine } = begin(
    says(() => answerOf([], { serverTime: atServer() })),
    store,
  );
  await until(() => spine.status().clockOffsetMs !== undefined);
  expect(Math.abs(spine.status().clockOffsetMs! + DAYS_MS)).toBeLessThan(10_000);
  spine.stop();
  const later = begin(
    says(() => ({ kind: 'noAnswer' })),
    store,
  ).spine;
  await until(() => later.status().clockOffsetMs !== undefined);
  later.stop();
  offMs = 0;
  const right = begin(
    says(() => answerOf([], { serverTime: atServer() })),
    store,
  ).spine;
  await until(() => right.status().phase === 'upToDate' && right.status().clockOffsetMs === undefined);
  expect(Math.abs((await store.meta<number>('clockOffset'))!)).toBeLessThan(10_000);
});

test('without an answer it waits, and goes on when a person asks', async () => {
  let silent = true;
  const { spine } = begin(says((request) => (silent ? { kind: 'noAnswer' } : allDone(request))));
  await until(() => spine.status().phase === 'noAnswer');
  expect(spine.status().everTold).toBe(false);
  silent = false;
  spine.wake();
  await until(() => spine.status().phase === 'upToDate');
});

test('what an earlier app kept is brought over before anything is sent', async () => {
  const sent: number[] = [];
  const { spine } = begin(
    says((request) => {
      sent.push(request.operations.length);
      return allDone(request);
    }),
    undefined,
    (store) => {
      const operation = {
        id: 'old',
        madeAt: '2026-05-12T10:00:00Z',
        kind: 'patch' as const,
        of: 'site' as const,
        recordId: 's1',
        base: 0,
        fields: { altitudeFt: 5 },
      };
      return store.write({ add: [{ id: 'old', operation, state: 'waiting' }] });
    },
  );
  await until(() => spine.status().phase === 'upToDate');
  expect(sent[0]).toBe(1);
});

test('a browser that keeps nothing is told of; storage that is full as well, until there is room', async () => {
  const nothing = begin(says(allDone), memoryStore());
  await until(() => nothing.spine.status().fault !== undefined);
  expect(nothing.spine.status().fault).toContain('saves nothing');
  nothing.spine.stop();

  const store: Store = { ...memoryStore(), lasting: true };
  const full = begin(
    says(() => ({ kind: 'noAnswer' })),
    store,
  );
  await until(() => full.spine.status().phase === 'noAnswer');
  const write = store.write.bind(store);
  store.write = () => Promise.reject(new DOMException('full', 'QuotaExceededError'));
  const warn = jest.spyOn(console, 'warn').mockImplementation(() => undefined);
  await full.spine.outbox.open(visit('v1'));
  expect(full.spine.status().fault).toContain('storage is full');
  store.write = write;
  full.spine.wake();
  await until(() => full.spine.status().fault === undefined);
  expect(await store.outbox()).toHaveLength(3);
  warn.mockRestore();
});

test('what is added while a request is on its way is not slept over', async () => {
  const store: Store = { ...memoryStore(), lasting: true };
  const { spine } = begin(says(allDone), store);
  await until(() => spine.status().phase === 'upToDate');
  const outbox = store.outbox.bind(store);
  let reads = 0;
  let added = false;
  // A step reads the outbox to send it, once it is answered, and to see whether more waits: something comes just after that last look.
  store.outbox = async () => {
    const rows = await outbox();
    reads += 1;
    if (reads === 3) {
      added = true;
      await spine.outbox.create('site', { id: 's1', name: 'Quay' } as never);
    }
    return rows;
  };
  spine.wake();
  await until(() => added && spine.outbox.rows().length === 0);
});

test('a tab that does not send learns of the server’s telling from the one that does', async () => {
  const channel = new BroadcastChannel('huff');
  const { spine } = begin(says(() => ({ kind: 'noAnswer' })));
  await until(() => spine.status().phase === 'noAnswer');
  expect(spine.status().everTold).toBe(false);
  channel.postMessage('told');
  await until(() => spine.status().everTold);
  channel.close();
});
