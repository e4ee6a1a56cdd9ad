import 'fake-indexeddb/auto';
import { visitWith } from '@huff/contract/spine';
import { read } from '../../testing/visits';
import { laidOver } from '../useOutbox';
import { heldVisit, rowsOf } from './outbox';
import { idbStore } from './idbStore';
import { memoryStore } from './memoryStore';
import type { Store } from './store';
import { answerOf, patching, phone, visit } from './testing';

const shown = (one: ReturnType<typeof phone>, id: string) =>
  visitWith(undefined, laidOver(rowsOf(one.outbox.rows(), 'visit', id)));
const stateOf = (one: ReturnType<typeof phone>) => [...new Set(one.outbox.rows().map(({ state }) => state))];

describe('the open check', () => {
  const fresh = visit('v1', { readings: [], facts: [] });
  test('opens with its first change, is in sight at once and after a reload, and is not sent', async () => {
    const one = phone();
    const opening = one.outbox.open(fresh, read(fresh, 'R2', -0.3));
    expect(shown(one, 'v1')?.readings).toHaveLength(1);
    await opening;
    const later = phone(undefined, one.store);
    expect(later.outbox.isLoaded()).toBe(false);
    await later.outbox.reload();
    expect(heldVisit(later.outbox.rows())).toBe('v1');
    expect(shown(later, 'v1')).toMatchObject({ id: 'v1', readings: [{ value: -0.3 }] });
    await later.sender.step();
    expect(later.sent()).toEqual([[]]);
  });
  test('is saved in one step: then all of it is sent, in its order', async () => {
    const one = phone();
    await one.outbox.open(fresh, read(fresh, 'R2', -0.3));
    const now = shown(one, 'v1')!;
    await one.outbox.changeVisit(0, now, { ...now, tap: '5' });
    expect(stateOf(one)).toEqual(['held']);
    await one.outbox.save('v1');
    expect(heldVisit(one.outbox.rows())).toBeUndefined();
    await one.sender.step();
    expect(one.requests[0]!.operations.map(({ kind }) => kind)).toEqual(['create', 'add', 'patch']);
  });
  test('opened elsewhere, the one before is saved as it stands if anything was read, else it goes', async () => {
    const one = phone();
    await one.outbox.open(visit('empty', { readings: [], facts: [] }));
    await one.outbox.open(visit('read'));
    await one.outbox.open(fresh);
    expect(one.outbox.rows().map(({ state, operation: { kind, recordId } }) => `${recordId} ${kind} ${state}`)).toEqual(
      ['read create waiting', 'read add waiting', 'read add waiting', 'v1 create held'],
    );
  });
  test('beside it a visit is made and sent at once; the check stays open', async () => {
    const one = phone();
    await one.outbox.open(fresh, read(fresh, 'R2', -0.3));
    await one.outbox.makeVisit(read(visit('round', { readings: [], facts: [] }), 'S1', 0.4));
    expect(heldVisit(one.outbox.rows())).toBe('v1');
    expect(shown(one, 'round')).toMatchObject({ id: 'round', readings: [{ port: 'S1', value: 0.4 }] });
    await one.sender.step();
    expect(one.requests[0]!.operations.map(({ kind, recordId }) => `${recordId} ${kind}`)).toEqual([
      'round create',
      'round add',
    ]);
  });
  test('with nothing but a photo is begun: it is held with its photo, and saved with it', async () => {
    const one = phone();
    await one.outbox.open(visit('v1', { readings: [], facts: [] }));
    const record = { id: 'p1', visitId: 'v1', item: 'filter', savedAt: '2026-05-12T10:00:00Z', jpeg: 'x' };
    await one.outbox.add({ id: 'photo', madeAt: record.savedAt, kind: 'add', of: 'photo', recordId: 'v1', record });
    expect(stateOf(one)).toEqual(['held']);
    await one.outbox.open(visit('v2', { readings: [], facts: [] }));
    const states = one.outbox.rows().map(({ state, operation: { kind, recordId } }) => `${recordId} ${kind} ${state}`);
    expect(states).toEqual(['v1 create waiting', 'v1 add waiting', 'v2 create held']);
  });
  test('two tabs of one phone write rows split view: neither loses the other’s', async () => {
    const store = memoryStore();
    const [one, two] = [phone(undefined, store), phone(undefined, store)];
    await one.outbox.open(fresh);
    await two.outbox.reload();
    const inOne = shown(one, 'v1')!;
    const inTwo = shown(two, 'v1')!;
    // Ids of operations are made by each tab; in this test they would clash.
    await Promise.all([one.outbox.changeVisit(0, inOne, read(inOne, 'R2', -0.1))]);
    await two.outbox.add({
      id: 'of two',
      madeAt: '2026-05-12T10:00:00Z',
      kind: 'add',
      of: 'reading',
      recordId: 'v1',
      record: read(inTwo, 'S1', 0.2).readings[0]!,
    });
    await one.outbox.reload();
    expect(shown(one, 'v1')!.readings.map(({ value }) => value)).toEqual([-0.1, 0.2]);
  });
});

test('a change made to what was drawn a moment ago undoes nothing that came since', async () => {
  const one = phone();
  const drawn = visit('v1');
  await one.outbox.open(drawn);
  await one.outbox.changeVisit(0, drawn, { ...drawn, tap: '5' });
  await one.outbox.changeVisit(0, drawn, { ...drawn, tons: 4 });
  expect(shown(one, 'v1')).toMatchObject({ tap: '5', tons: 4 });
});

describe('a full disk', () => {
  const full = () => Promise.reject(new DOMException('full', 'QuotaExceededError'));
  test('what cannot be kept stays in sight, is told, and is kept once there is room', async () => {
    const disk = memoryStore();
    const one = phone(undefined, disk);
    const write = disk.write.bind(disk);
    disk.write = full;
    await one.outbox.open(visit('v1'));
    await one.outbox.save('v1');
    expect(one.faults.length).toBeGreaterThan(0);
    expect(shown(one, 'v1')?.readings).toHaveLength(2);
    expect(await disk.outbox()).toEqual([]);
    disk.write = write;
    await one.store.keepAgain();
    expect(one.kept).toEqual([true]);
    expect((await disk.outbox()).map(({ state }) => state)).toEqual(['waiting', 'waiting', 'waiting']);
    await one.sender.step();
    expect(one.requests[0]!.operations).toHaveLength(3);
    expect(one.outbox.rows()).toEqual([]);
  });
  test('with the server in reach it is sent all the same, once, and what the server says is read', async () => {
    const disk = memoryStore();
    const one = phone(undefined, disk);
    await one.outbox.add({ ...patching('u1'), id: 'before', madeAt: '2026-05-12T10:00:00Z' });
    disk.write = full;
    await one.outbox.open(visit('v1'));
    await one.outbox.save('v1');
    await one.sender.step();
    expect(one.sent()[0]).toHaveLength(4);
    expect(one.outbox.rows()).toEqual([]);
    expect(await one.store.meta('cursor')).toBe('shop.1');
    expect(await one.store.one('visit', 'v1')).toMatchObject({ record: { id: 'v1' } });
    expect(await one.store.parts('v1')).toHaveLength(2);
    await one.sender.step();
    expect(one.sent()[1]).toEqual([]);
    // The page is closed: what the disk has is sent again, which the server answers as before.
    const [left] = await disk.outbox();
    expect(left).toMatchObject({ id: 'before', state: 'waiting' });
  });
});

test('a site that another made as well: units put on it go to theirs', async () => {
  const sameName = { recordId: 'theirs', name: 'Quay' };
  const one = phone(({ operations }) => ({
    kind: 'answer',
    answer: {
      serverTime: '2026-05-12T10:00:00.000Z',
      results: operations.map(({ id, of }) =>
        of === 'site'
          ? { id, status: 'conflict', revision: 9, fields: [], sameName }
          : { id, status: 'done', revision: 1 },
      ),
      changes: [],
      cursor: 'shop.9',
      more: false,
    },
  }));
  await one.outbox.create('site', { id: 'mine', name: 'quay' } as never);
  await one.outbox.create('unit', { id: 'u1', siteId: 'mine' } as never);
  await one.sender.step();
  const [conflict] = one.outbox.rows();
  expect(conflict).toMatchObject({ state: 'conflict', operation: { recordId: 'mine' } });
  await one.outbox.sameSite(conflict!);
  expect(one.outbox.rows().map(({ operation }) => operation)).toEqual([
    expect.objectContaining({ kind: 'patch', of: 'unit', recordId: 'u1', fields: { siteId: 'theirs' } }),
  ]);
});

describe('what was set apart', () => {
  const problem = (status: number) => ({ type: 'about:blank', title: 'x', status, detail: 'Not so.' });
  /** A visit whose making is refused, and with it the patch behind it. */
  async function refused() {
    const one = phone(({ operations }) => ({
      kind: 'answer',
      answer: {
        serverTime: '2026-05-12T10:00:00.000Z',
        results: operations.map(({ id, kind }) =>
          kind === 'add'
            ? { id, status: 'done', revision: 1 }
            : { id, status: 'refused', problem: problem(kind === 'patch' ? 404 : 422) },
        ),
        changes: [],
        cursor: 'shop.1',
        more: false,
      },
    }));
    const made = visit('v1', { title: 'wrong' });
    await one.outbox.open(made);
    await one.outbox.changeVisit(0, made, { ...made, tap: '5' });
    await one.outbox.save('v1');
    await one.sender.step();
    return one;
  }
  test('stays in sight where it would be nowhere else; of a patch the server’s value stands', async () => {
    const one = await refused();
    expect(one.outbox.rows().map(({ state, operation }) => [operation.kind, state])).toEqual([
      ['create', 'refused'],
      ['patch', 'refused'],
    ]);
    expect(shown(one, 'v1')).toMatchObject({ title: 'wrong', tap: '3' });
  });
  test('mended, it goes in its place under a new id, and what waited for it goes behind it', async () => {
    const one = await refused();
    const [making] = one.outbox.rows();
    const operation = making!.operation;
    if (operation.kind !== 'create') throw new Error('The making stands first.');
    await one.outbox.sendAgain(making!, { ...operation, record: { ...operation.record, title: 'right' } });
    one.says(() => ({ kind: 'noAnswer' }));
    await one.sender.step();
    const again = one.requests.at(-1)!.operations;
    expect(again.map(({ kind }) => kind)).toEqual(['create', 'patch']);
    expect(again[0]).toMatchObject({ record: { title: 'right' } });
    expect(again[0]!.id).not.toBe(operation.id);
  });
  test('sent again as it is, or dropped', async () => {
    const one = await refused();
    await one.outbox.sendAgain(one.outbox.rows()[0]!);
    expect(one.outbox.rows().map(({ state }) => state)).toEqual(['waiting', 'waiting']);
    for (const row of one.outbox.rows()) await one.outbox.drop(row);
    expect(await one.store.outbox()).toEqual([]);
  });

  test('of two values one is chosen, field by field; mine goes on top of theirs', async () => {
    const fields = ['tap', 'tons'].map((field) => ({
      field,
      yours: '2',
      theirs: '5',
      by: 'Technician',
      at: '2026-05-12T10:00:00.000Z',
    }));
    const one = phone(({ operations }) => ({
      kind: 'answer',
      answer: {
        serverTime: '2026-05-12T10:00:00.000Z',
        results: operations.map(({ id }) => ({ id, status: 'conflict', revision: 9, fields })),
        changes: [],
        cursor: 'shop.9',
        more: false,
      },
    }));
    await one.outbox.patch('unit', 'u1', { tap: '2', tons: '2' }, 3);
    await one.sender.step();
    await one.outbox.settle(one.outbox.rows()[0]!, 'tons', 'theirs');
    expect(one.outbox.rows()[0]!.conflict?.fields.map(({ field }) => field)).toEqual(['tap']);
    await one.outbox.settle(one.outbox.rows()[0]!, 'tap', 'mine');
    expect(one.outbox.rows().map(({ state, operation }) => [state, operation])).toEqual([
      ['waiting', expect.objectContaining({ kind: 'patch', recordId: 'u1', base: 9, fields: { tap: '2' } })],
    ]);
  });
});

test('what is taken by a clock that is off is marked as far as this phone knows', async () => {
  // The tests' clock stands at 1970; the server's does not.
  const one = phone();
  await one.sender.step();
  const fresh = visit('v1', { readings: [], facts: [] });
  await one.outbox.open(fresh, read(fresh, 'R2', -0.3));
  expect(shown(one, 'v1')!.readings[0]!.clockOffsetMs).toBeGreaterThan(86_400_000);
});

describe('a page that is left before the disk has its last changes', () => {
  const fresh = visit('v1', { readings: [], facts: [] });
  /** Writes that do not come through, until they are let through again. */
  const cutOff = (disk: Store) => jest.spyOn(disk, 'write').mockImplementation(() => new Promise(() => undefined));

  test('a reading, and the saving after it: the next start finishes both, in their order and once', async () => {
    const disk = memoryStore();
    const one = phone(undefined, disk);
    await one.outbox.open(fresh);
    const writes = cutOff(disk);
    void one.outbox.changeVisit(0, fresh, read(fresh, 'R2', -0.3));
    void one.outbox.save('v1');
    one.outbox.noteBegun();
    writes.mockRestore();
    expect((await disk.outbox()).map(({ state }) => state)).toEqual(['held']);
    await one.outbox.start();
    expect((await disk.outbox()).map(({ state, operation: { kind } }) => `${kind} ${state}`)).toEqual([
      'create waiting',
      'add waiting',
    ]);
    // Done once: what is opened after it stays open.
    await one.outbox.open(visit('v2', { readings: [], facts: [] }));
    await one.outbox.start();
    expect(one.outbox.rows().at(-1)!.state).toBe('held');
  });
  test('the page stays after all: what reaches the disk is not done again at the next start', async () => {
    const disk = memoryStore();
    const one = phone(undefined, disk);
    const opening = one.outbox.open(fresh, read(fresh, 'R2', -0.3));
    one.outbox.noteBegun();
    await opening;
    await disk.write({ remove: (await disk.outbox()).map(({ id }) => id) });
    await one.outbox.start();
    expect(await disk.outbox()).toEqual([]);
  });
});

test('what was erased on request is deleted here too, with the changes that wait for it; all else stays', async () => {
  const disks = [memoryStore(), await idbStore(`erased ${Date.now()}`)];
  for (const disk of disks) {
    const one = phone(undefined, disk);
    const site = { kind: 'site' as const, revision: 1 };
    await disk.write({
      records: [
        { ...site, id: 's1', record: { id: 's1', name: 'Quay library' } },
        { ...site, id: 's2', record: { id: 's2', name: 'Boat repair' } },
      ],
    });
    await one.outbox.changeVisit(0, { ...visit('v1'), readings: [] }, visit('v1'));
    await one.sender.step();
    expect(await one.store.parts('v1')).toHaveLength(2);
    const stamp = (id: string) => ({ id, madeAt: '2026-05-12T10:00:00Z' });
    await one.outbox.add({ ...patching('u1'), ...stamp('kept') });
    await one.outbox.add({
      kind: 'create',
      of: 'unit',
      recordId: 'u9',
      record: { siteId: 's1' },
      ...stamp('under it'),
    });
    const erased = [
      { of: 'site' as const, id: 's1' },
      { of: 'visit' as const, id: 'v1' },
    ];
    one.says(() => answerOf([], { erased }));
    await one.sender.step();
    expect(await one.store.all('site')).toEqual([expect.objectContaining({ id: 's2' })]);
    expect(await one.store.parts('v1')).toEqual([]);
    expect(one.outbox.rows().map(({ id }) => id)).toEqual(['kept']);
  }
});

test('with a full disk what was erased is out of sight at once, and off the disk when there is room', async () => {
  const disk = memoryStore();
  const one = phone(undefined, disk);
  await disk.write({ records: [{ kind: 'site', id: 's1', revision: 1, record: { id: 's1', name: 'Quay library' } }] });
  const write = disk.write.bind(disk);
  disk.write = () => Promise.reject(new DOMException('full', 'QuotaExceededError'));
  one.says(() => answerOf([], { erased: [{ of: 'site', id: 's1' }] }));
  await one.sender.step();
  expect([await one.store.one('site', 's1'), await one.store.all('site')]).toEqual([undefined, []]);
  disk.write = write;
  await one.store.keepAgain();
  expect(await disk.all('site')).toEqual([]);
});
