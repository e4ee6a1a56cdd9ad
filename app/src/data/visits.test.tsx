import { headOf, type Operation } from '@huff/contract/spine';
import { QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react-native';
import type { ReactNode } from 'react';
import { read } from '../testing/visits';
import { queryClient } from './queryClient';
import { phone, visit } from './spine/testing';
import { toldParts } from './spine/toldParts';
import {
  addPhoto,
  changeVisit,
  drafts,
  useDraft,
  useEarlierVisits,
  usePhotos,
  useTablePhotos,
  useUnitPhotos,
  useVisit,
  useVisitList,
} from './visits';

let mockPhone: ReturnType<typeof phone>;
const mockStatus = { phase: 'upToDate', everTold: true };
let mockIsNew = false;
jest.mock('./theSpine', () => ({
  isNewHere: () => mockIsNew,
  spine: () => ({
    outbox: mockPhone.outbox,
    store: Promise.resolve(mockPhone.store),
    status: () => mockStatus,
    onStatus: () => () => undefined,
  }),
}));

const asked: string[] = [];
/** What the server says at an address; silence elsewhere. */
let server: Record<string, { status?: number; body: object; etag?: string }> = {};
const wrapper = ({ children }: { readonly children: ReactNode }) => (
  <QueryClientProvider client={queryClient}>{children}</QueryClientProvider>
);
/** The server told of a visit: it is in the phone's store. */
const told = (one: ReturnType<typeof visit>, more: object = {}) =>
  mockPhone.store.write({
    records: [
      {
        kind: 'visit',
        id: one.id,
        revision: 4,
        record: headOf(one),
        readingCount: one.readings.length,
        factCount: 0,
        ...more,
      },
    ],
    parts: toldParts(one.id, one),
  });
const now = () => new Date().toISOString();

beforeEach(async () => {
  mockPhone = phone();
  await mockPhone.outbox.reload();
  asked.length = 0;
  server = {};
  queryClient.setDefaultOptions({ queries: { ...queryClient.getDefaultOptions().queries, gcTime: Infinity } });
  queryClient.clear();
  global.fetch = ((address: string) => {
    asked.push(address);
    const found = Object.entries(server).find(([path]) => address.startsWith(path))?.[1];
    if (!found) return Promise.reject(new TypeError('Failed to fetch'));
    const { status = 200, body, etag } = found;
    const type = status < 400 ? 'application/json' : 'application/problem+json';
    return Promise.resolve({
      ok: status < 400,
      status,
      headers: { get: (name: string) => (name === 'ETag' ? (etag ?? null) : name === 'Content-Type' ? type : null) },
      json: () => Promise.resolve(body),
    } as unknown as Response);
  }) as unknown as typeof fetch;
});

describe('a visit', () => {
  test('that the phone has whole is shown without asking, with what was done here laid over', async () => {
    const one = visit('v1');
    await told(one);
    const { result } = renderHook(() => useVisit('v1'), { wrapper });
    await waitFor(() => expect(result.current.kept?.record.readings).toHaveLength(2));
    expect(result.current.kept).toMatchObject({ revision: 4, sending: 'sent' });
    act(() => changeVisit(4, result.current.kept!.record, { ...result.current.kept!.record, tap: '5' }));
    // At once, in the same tick: no verdict waits for a disk.
    expect(result.current.kept).toMatchObject({ record: { tap: '5' }, sending: 'waiting' });
    expect(asked).toEqual([]);
    await waitFor(async () => expect((await mockPhone.store.outbox())[0]?.operation).toMatchObject({ base: 4 }));
  });
  test('of any age comes by its id, is kept, and has the revision it was read with', async () => {
    const one = visit('old');
    server = { '/api/visits/old/photos': { body: { photos: [] } }, '/api/visits/old': { body: one, etag: '"77"' } };
    const { result } = renderHook(() => useVisit('old'), { wrapper });
    await waitFor(() => expect(result.current.kept).toMatchObject({ revision: 77, record: { id: 'old' } }));
    expect(await mockPhone.store.parts('old')).toHaveLength(2);
  });
  test('that the phone has only in part is requested', async () => {
    const one = visit('part');
    await told(one, { readingCount: 3 });
    server = { '/api/visits/part/photos': { body: { photos: [] } }, '/api/visits/part': { body: one, etag: '"5"' } };
    const { result } = renderHook(() => useVisit('part'), { wrapper });
    await waitFor(() => expect(result.current.kept).toBeDefined());
    expect(asked).toContain('/api/visits/part');
  });
  test('that nobody knows is none; one that cannot be requested is told apart', async () => {
    server = { '/api/visits/none': { status: 404, body: { detail: 'There is no such visit.' } } };
    const none = renderHook(() => useVisit('none'), { wrapper });
    await waitFor(() => expect(none.result.current.isPending).toBe(false));
    expect(none.result.current).toMatchObject({ kept: undefined, isError: false });
    const silent = renderHook(() => useVisit('silent'), { wrapper });
    await waitFor(() => expect(silent.result.current.isError).toBe(true));
  });
});

describe('the open check', () => {
  test('is there after it was opened, follows each change, and is a visit once it is saved', async () => {
    const fresh = visit('v1', { readings: [], facts: [], startedAt: now(), unitId: 'u1' });
    const { result } = renderHook(() => ({ draft: useDraft(), list: useVisitList() }), { wrapper });
    expect(result.current.draft).toBeNull();
    act(() => drafts.open(fresh, read(fresh, 'R2', -0.3)));
    expect(result.current.draft?.readings).toHaveLength(1);
    expect(result.current.list.visits).toEqual([]);
    act(() => drafts.change(result.current.draft!, read(result.current.draft!, 'S1', 0.2)));
    expect(result.current.draft?.readings).toHaveLength(2);
    act(() => drafts.save('v1'));
    expect(result.current.draft).toBeNull();
    // Its unit is known before anything was sent: a planned stop there is done.
    expect(result.current.list.visits).toEqual([
      { id: 'v1', title: fresh.title, startedAt: fresh.startedAt, unitId: 'u1' },
    ]);
    // So is the name it was given since.
    act(() => changeVisit(0, fresh, { ...fresh, title: 'Quick check: no heat' }));
    expect(result.current.list.visits[0]?.title).toBe('Quick check: no heat');
    await waitFor(async () => expect(await mockPhone.store.outbox()).toHaveLength(4));
  });
});

describe('the list', () => {
  test('on a phone that has nothing yet it is said at once that the server is asked; elsewhere nothing flickers', async () => {
    Object.assign(mockStatus, { phase: 'starting', everTold: false });
    mockIsNew = true;
    const first = renderHook(() => useVisitList(), { wrapper });
    expect(first.result.current).toMatchObject({ visits: [], isPending: true, isAsking: true });
    mockIsNew = false;
    queryClient.clear();
    const later = renderHook(() => useVisitList(), { wrapper });
    expect(later.result.current).toMatchObject({ isPending: true, isAsking: false });
    await waitFor(() => expect(later.result.current.isAsking).toBe(true));
    Object.assign(mockStatus, { phase: 'upToDate', everTold: true });
  });

  test('has the last days, the newest first; what was changed here is computed here', async () => {
    const summary = { id: 'x', headline: 'Stay on tap 3' };
    const at = (daysAgo: number) => new Date(Date.now() - daysAgo * 86_400_000).toISOString();
    await told(visit('yesterday', { startedAt: at(1) }), { summary });
    await told(visit('today', { startedAt: at(0) }), { summary });
    await told(visit('lastYear', { startedAt: at(400) }), { summary });
    const { result } = renderHook(() => useVisitList(), { wrapper });
    await waitFor(() => expect(result.current.visits.map(({ id }) => id)).toEqual(['today', 'yesterday']));
    expect(result.current.visits[0]!.summary).toBe(summary);
    const patch: Operation = {
      id: 'p',
      madeAt: now(),
      kind: 'patch',
      of: 'visit',
      recordId: 'lastYear',
      base: 4,
      fields: { tap: '5' },
    };
    act(() => void mockPhone.outbox.add(patch));
    expect(result.current.visits.map(({ id, summary: said }) => [id, said !== undefined])).toEqual([
      ['today', true],
      ['yesterday', true],
      ['lastYear', false],
    ]);
  });
  test('of earlier visits comes a page at a time, when it is wanted', async () => {
    server = {
      '/api/visits?after=next': { body: { visits: [{ id: 'b' }], next: null } },
      '/api/visits?after=': { body: { visits: [{ id: 'a' }], next: 'next' } },
    };
    const { result, rerender } = renderHook(({ wanted }: { wanted: boolean }) => useEarlierVisits(wanted), {
      wrapper,
      initialProps: { wanted: false },
    });
    expect(asked).toEqual([]);
    rerender({ wanted: true });
    await waitFor(() => expect(result.current.visits.map(({ id }) => id)).toEqual(['a']));
    expect(result.current.hasMore).toBe(true);
    act(() => result.current.more());
    await waitFor(() => expect(result.current.visits.map(({ id }) => id)).toEqual(['a', 'b']));
    expect(result.current.hasMore).toBe(false);
  });
});

test('a photo of a table waits with the table, and is the server’s once it is sent', async () => {
  server = { '/api/blower-tables/t1/photos': { body: { photos: [] } } };
  const { result } = renderHook(() => ({ ofTable: useTablePhotos('t1'), ofUnit: useUnitPhotos('t1') }), { wrapper });
  const photo = { id: 'p2', blowerTableId: 't1', item: 'table', savedAt: now(), jpeg: 'large', smallJpeg: 'small' };
  act(() => addPhoto(photo));
  expect(result.current).toEqual({ ofTable: [photo], ofUnit: [] });
  await waitFor(async () => expect(await mockPhone.store.outbox()).toHaveLength(1));
  expect(mockPhone.requests).toEqual([]);
  const sent = { id: 'p2', blowerTableId: 't1', item: 'table', savedAt: photo.savedAt };
  server = { '/api/blower-tables/t1/photos': { body: { photos: [sent] } } };
  await act(async () => void (await mockPhone.sender.step()));
  await waitFor(() => expect(result.current.ofTable).toEqual([sent]));
  expect(await mockPhone.store.parts('t1')).toEqual([]);
});

test('a photo is in sight from the moment it is taken, and without its bytes once it is sent', async () => {
  await told(visit('v1'));
  const { result } = renderHook(() => usePhotos('v1'), { wrapper });
  await waitFor(() => expect(queryClient.getQueryData(['told', 'visit', 'v1'])).toBeDefined());
  const photo = { id: 'p1', visitId: 'v1', item: 'filter', savedAt: now(), jpeg: 'large', smallJpeg: 'small' };
  act(() => addPhoto(photo));
  expect(result.current).toEqual([photo]);
  await waitFor(async () => expect(await mockPhone.store.outbox()).toHaveLength(1));
  await act(async () => void (await mockPhone.sender.step()));
  const [part] = (await mockPhone.store.parts('v1')).filter(({ of }) => of === 'photo');
  expect(part!.record).toMatchObject({ id: 'p1', smallJpeg: 'small' });
  expect(part!.record).not.toHaveProperty('jpeg', 'large');
});
