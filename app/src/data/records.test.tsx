import type { SiteDto } from '@huff/contract';
import { plainShop } from '@huff/contract/fix';
import { QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react-native';
import type { ReactNode } from 'react';
import { api, ApiError } from './api';
import { persistOptions, queryClient } from './queryClient';
import { sites } from './records';
import { useShop } from './useShop';
import { useWaiting } from './useWaiting';

const mockStored = new Map<string, string>();
jest.mock('idb-keyval', () => ({
  get: (key: string) => Promise.resolve(mockStored.get(key)),
  set: (key: string, value: string) => Promise.resolve(void mockStored.set(key, value)),
  del: (key: string) => Promise.resolve(void mockStored.delete(key)),
}));

/** What the server says to each request, by method and path. */
const answers = new Map<string, () => Promise<Response>>();
const asked: string[] = [];
const says = (request: string, status: number, body?: unknown) =>
  answers.set(request, () =>
    Promise.resolve({
      status,
      ok: status < 400,
      json: () => (body === undefined ? Promise.reject(new SyntaxError('no JSON')) : Promise.resolve(body)),
    } as Response),
  );
const isSilent = (request: string) => answers.set(request, () => Promise.reject(new TypeError('Failed to fetch')));

beforeAll(() => {
  // A week's timer would keep the test from ending.
  const { queries, mutations } = queryClient.getDefaultOptions();
  queryClient.setDefaultOptions({
    queries: { ...queries, gcTime: Infinity },
    mutations: { ...mutations, gcTime: Infinity, retryDelay: 20 },
  });
});
beforeEach(() => {
  answers.clear();
  asked.length = 0;
  queryClient.clear();
  global.fetch = ((path: string, init?: RequestInit) => {
    const request = `${init?.method ?? 'GET'} ${path}`;
    asked.push(request);
    return (answers.get(request) ?? (() => Promise.reject(new TypeError('Failed to fetch'))))();
  }) as typeof fetch;
});
afterEach(() => act(() => queryClient.clear()));

const site = (n: number, altitudeFt: number | null = null): SiteDto => ({
  id: `11110000-0000-4000-8000-00000000000${n}`,
  name: `Site ${n}`,
  altitudeFt,
  savedAt: '2026-05-12T10:00:00.000Z',
});
const wrapper = ({ children }: { readonly children: ReactNode }) => (
  <QueryClientProvider client={queryClient}>{children}</QueryClientProvider>
);
const used = () =>
  renderHook(() => ({ list: sites.useList(), save: sites.useSave(), waiting: useWaiting() }), { wrapper });
const path = (record: SiteDto) => `PUT /api/sites/${record.id}`;

describe('what the server answers', () => {
  const refusal = (body?: unknown, status = 400) => {
    says('GET /api/sites', status, body);
    return api.sites().catch((error: unknown) => error);
  };
  test('a list is taken, nothing is nothing', async () => {
    says('GET /api/sites', 200, [site(1)]);
    await expect(api.sites()).resolves.toEqual([site(1)]);
    says(path(site(1)), 204);
    await expect(api.putSite(site(1))).resolves.toBeUndefined();
  });
  test('a problem document speaks for itself', async () => {
    const error = await refusal({ title: 'Bad request', detail: 'The altitude must be a number.' });
    expect(error).toBeInstanceOf(ApiError);
    expect(error).toMatchObject({ status: 400, message: 'The altitude must be a number.' });
  });
  test('without one the status is said', async () => {
    expect(await refusal(undefined, 502)).toMatchObject({ status: 502, message: 'The server answered 502.' });
  });
});

describe('saving', () => {
  test('a record shows at once, and as sent once the server has it', async () => {
    says('GET /api/sites', 200, []);
    says(path(site(1)), 204);
    const { result } = used();
    await waitFor(() => expect(result.current.list.isPending).toBe(false));
    says('GET /api/sites', 200, [site(1)]);
    act(() => result.current.save.mutate(site(1)));
    await waitFor(() => expect(result.current.list.records).toEqual([{ record: site(1), sending: 'sent' }]));
    expect(asked.filter((request) => request === path(site(1)))).toHaveLength(1);
    expect(result.current.waiting).toBe(0);
  });
  test('a record the server refuses stays, with the reason, and is not sent again', async () => {
    says('GET /api/sites', 200, [site(1)]);
    says(path(site(1, 99)), 422, { detail: 'Nowhere is that high.' });
    const { result } = used();
    await waitFor(() => expect(result.current.list.records).toHaveLength(1));
    act(() => result.current.save.mutate(site(1, 99)));
    await waitFor(() => expect(result.current.list.records[0]).toMatchObject({ sending: 'refused' }));
    expect(result.current.list.records[0]).toMatchObject({ record: site(1, 99), why: 'Nowhere is that high.' });
    expect(asked.filter((request) => request === path(site(1, 99)))).toHaveLength(1);
    expect(result.current.waiting).toBe(1);
  });
  test('without an answer it waits, two changes of one record as one, and arrives once there is an answer', async () => {
    says('GET /api/sites', 200, [site(1)]);
    isSilent(path(site(1)));
    const { result } = used();
    await waitFor(() => expect(result.current.list.records).toHaveLength(1));
    act(() => result.current.save.mutate(site(1, 500)));
    act(() => result.current.save.mutate(site(1, 620)));
    await waitFor(() => expect(result.current.list.records[0]).toMatchObject({ sending: 'waiting' }));
    expect(result.current.list.records).toEqual([{ record: site(1, 620), sending: 'waiting' }]);
    expect(result.current.waiting).toBe(1);

    says('GET /api/sites', 200, [site(1, 620)]);
    says(path(site(1)), 204);
    await waitFor(() => expect(result.current.waiting).toBe(0));
    expect(result.current.list.records).toEqual([{ record: site(1, 620), sending: 'sent' }]);
  });
});

test('the shop’s figures are the usual until they were read', async () => {
  const own = { ...plainShop(site(1).id), tariffPerKwh: 0.19 };
  says('GET /api/shop', 200, [own]);
  const { result } = renderHook(() => useShop(), { wrapper });
  expect(result.current).toMatchObject({ tariffPerKwh: null, sheaves: [], belts: [] });
  await waitFor(() => expect(result.current).toEqual(own));
});

test('what was being sent when the page closed is paused after a reload, so that it is taken up again', async () => {
  const mutation = (status: string) => ({ mutationKey: ['save-sites'], state: { status, isPaused: false } });
  const clientState = { queries: [], mutations: [mutation('pending'), mutation('error')] };
  mockStored.set('huff-cache', JSON.stringify({ timestamp: 1, buster: '1', clientState }));
  const restored = await persistOptions.persister.restoreClient();
  expect(restored!.clientState.mutations.map(({ state }) => state.isPaused)).toEqual([true, false]);
});
