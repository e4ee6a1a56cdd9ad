/** @jest-environment node */
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { idbStore } from './idbStore';
import { memoryStore } from './memoryStore';
import { openStore } from './openStore';
import type { OutboxRow, Store } from './store';

const row = (id: string): Omit<OutboxRow, 'order'> => ({
  id,
  state: 'waiting',
  operation: {
    id,
    madeAt: '2026-05-12T10:00:00Z',
    kind: 'patch',
    of: 'unit',
    recordId: 'u1',
    base: 1,
    fields: { tap: id },
  },
});
const ids = async (store: Store) => (await store.outbox()).map(({ id }) => id);

beforeEach(() => (globalThis.indexedDB = new IDBFactory()));

// What holds of one holds of the other: tests run on the one in memory.
describe.each([
  ['in IndexedDB', idbStore],
  ['in memory', () => Promise.resolve(memoryStore())],
])('a store %s', (_name, open) => {
  test('keeps operations in the order they were made, each once', async () => {
    const store = await open();
    await store.write({ add: [row('a'), row('b')] });
    await store.write({ add: [row('c'), row('a')] });
    expect((await store.outbox()).map(({ id, order }) => [id, order])).toEqual([
      ['a', 1],
      ['b', 2],
      ['c', 3],
    ]);
  });
  test('updates what is in, leaves alone what is gone, and removes', async () => {
    const store = await open();
    await store.write({ add: [row('a'), row('b')] });
    const [a, b] = (await store.outbox()) as [OutboxRow, OutboxRow];
    await store.write({ remove: ['b'] });
    await store.write({
      update: [
        { ...a, state: 'refused' },
        { ...b, state: 'refused' },
      ],
    });
    expect((await store.outbox()).map(({ id, state }) => [id, state])).toEqual([['a', 'refused']]);
  });
  test('releases what was held, in its place', async () => {
    const store = await open();
    await store.write({ add: [{ ...row('a'), state: 'held' }, row('b')] });
    const [a] = (await store.outbox()) as [OutboxRow];
    await store.write({ release: [{ ...a, state: 'waiting' }] });
    expect((await store.outbox()).map(({ id, state }) => [id, state])).toEqual([
      ['a', 'waiting'],
      ['b', 'waiting'],
    ]);
  });
  test('takes one off and puts it in again in one step', async () => {
    const store = await open();
    await store.write({ add: [row('a'), row('b')] });
    await store.write({ remove: ['a'], add: [row('a')] });
    expect(await ids(store)).toEqual(['b', 'a']);
  });
  test('gives records by kind and by id, parts by visit, and what else was noted', async () => {
    const store = await open();
    await store.write({
      records: [
        { kind: 'site', id: 's1', revision: 1, record: { id: 's1', name: 'Quay' } },
        { kind: 'site', id: 's1', revision: 2, record: { id: 's1', name: 'Quay two' } },
      ],
      parts: [
        { visitId: 'v1', id: 'p1', of: 'photo', record: { id: 'p1', visitId: 'v1', item: 'filter', savedAt: 'x' } },
      ],
      meta: { cursor: 'c.1' },
    });
    expect(await store.all('site')).toEqual([expect.objectContaining({ revision: 2 })]);
    expect(await store.all('unit')).toEqual([]);
    expect(await store.one('site', 's2')).toBeUndefined();
    expect(await store.parts('v1')).toHaveLength(1);
    expect(await store.parts('v2')).toEqual([]);
    expect(await store.meta('cursor')).toBe('c.1');
    expect(await store.meta('other')).toBeUndefined();
  });
});

test('two tabs never give the same place, and each sees what the other wrote', async () => {
  const [one, two] = await Promise.all([idbStore(), idbStore()]);
  await Promise.all(Array.from({ length: 20 }, (_, i) => (i % 2 ? one : two).write({ add: [row(`${i}`)] })));
  const orders = (await one.outbox()).map(({ order }) => order);
  expect(new Set(orders).size).toBe(20);
  expect(await ids(two)).toEqual(await ids(one));
});

test('a batch that fails leaves nothing of itself', async () => {
  const store = await idbStore();
  const unstorable = { cursor: () => undefined };
  await expect(store.write({ add: [row('a')], meta: unstorable })).rejects.toThrow();
  expect(await ids(store)).toEqual([]);
});

test('where the browser gives no storage, the page’s own memory stands in', async () => {
  expect((await openStore()).lasting).toBe(true);
  // @ts-expect-error a browser without it
  delete globalThis.indexedDB;
  expect((await openStore()).lasting).toBe(false);
});
