import 'fake-indexeddb/auto';
import { onlineManager, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react-native';
import type { ReactNode } from 'react';
import { NotReached } from '../ask';
import { keepDay, keptDay } from '../openingDay';
import { carryAlong } from './carryAlong';
import { forgetWords } from './forgetWords';
import { clearOldWords, useServerWord, type Question } from './useServerWord';
import { wordStore } from './wordStore';

const clients: QueryClient[] = [];
/** A page that was just opened: nothing in memory. */
function page() {
  const client = new QueryClient({ defaultOptions: { queries: { networkMode: 'always' } } });
  clients.push(client);
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  return { client, wrapper };
}
/** Time passes. */
const later = (ms: number) => {
  const now = Date.now();
  jest.spyOn(Date, 'now').mockImplementation(() => now + ms);
};
afterEach(() => jest.restoreAllMocks());
afterEach(() => clients.splice(0).forEach((client) => client.clear()));

let serial = 0;
/** A question of its own, and what the server says to it: a function, so that it can change its mind. */
function question(says: () => Promise<string>) {
  const asked = jest.fn(says);
  return { key: ['test', (serial += 1)], ask: asked } satisfies Question<string>;
}
const keptText = async () => JSON.stringify(await wordStore.entries());
const noSignal = () => Promise.reject(new NotReached());

test('what the server said stands on the phone for the next page, which shows it at once and asks anew', async () => {
  let word = 'first';
  const one = question(() => Promise.resolve(word));
  const first = page();
  const before = renderHook(() => useServerWord(one), first);
  await waitFor(() => expect(before.result.current.data).toBe('first'));
  await waitFor(async () => expect(await keptText()).toContain('"data":"first"'));
  before.unmount();

  word = 'second';
  later(3_600_000);
  const seen: (string | undefined)[] = [];
  const after = renderHook(() => {
    const told = useServerWord(one);
    seen.push(told.data);
    return told;
  }, page());
  await waitFor(() => expect(after.result.current.data).toBe('second'));
  expect(seen).toContain('first');
  expect(after.result.current).toMatchObject({ isError: false, saidAt: undefined });
});

test('without a signal the complaint before stands, with the time at which it was said', async () => {
  let reached = true;
  const one = question(() => (reached ? Promise.resolve('as told') : noSignal()));
  const before = renderHook(() => useServerWord(one), page());
  await waitFor(() => expect(before.result.current.data).toBe('as told'));
  await waitFor(async () => expect(await keptText()).toContain('"data":"as told"'));
  const saidMs = Date.now();
  before.unmount();

  reached = false;
  later(7_200_000);
  const after = renderHook(() => useServerWord(one), page());
  await waitFor(() => expect(after.result.current.isError).toBe(true));
  expect(after.result.current.data).toBe('as told');
  expect(Math.abs(after.result.current.saidAt!.getTime() - saidMs)).toBeLessThan(60_000);
});

test('an answer of a moment ago names its time as soon as the phone has no signal, and no longer when it is back', async () => {
  const one = question(() => Promise.resolve('as told'));
  const { result } = renderHook(() => useServerWord(one), page());
  await waitFor(() => expect(result.current.data).toBe('as told'));
  expect(result.current.saidAt).toBeUndefined();
  act(() => onlineManager.setOnline(false));
  expect(result.current.saidAt).toBeInstanceOf(Date);
  act(() => onlineManager.setOnline(true));
  expect(result.current.saidAt).toBeUndefined();
});

test('what was never said is not there, and says so', async () => {
  const one = question(noSignal);
  const { result } = renderHook(() => useServerWord(one), page());
  await waitFor(() => expect(result.current.isError).toBe(true));
  expect(result.current).toMatchObject({ data: undefined, saidAt: undefined });
});

test('when what it depends on changes, it is requested anew and the answer before stands meanwhile', async () => {
  let count = 0;
  const one = question(() => Promise.resolve(`answer ${(count += 1)}`));
  const hook = renderHook(({ mark }: { mark: string }) => useServerWord({ ...one, mark }), {
    ...page(),
    initialProps: { mark: 'a' },
  });
  await waitFor(() => expect(hook.result.current.data).toBe('answer 1'));
  hook.rerender({ mark: 'b' });
  expect(hook.result.current.data).toBe('answer 1');
  await waitFor(() => expect(hook.result.current.data).toBe('answer 2'));
  hook.rerender({ mark: 'b' });
  expect(one.ask).toHaveBeenCalledTimes(2);
});

describe('carried along', () => {
  test('each question is asked once, and not again while its answer is fresh, by the next page neither', async () => {
    const all = [question(() => Promise.resolve('a')), question(() => Promise.resolve('b'))];
    const { client } = page();
    expect(await carryAlong(client, all)).toBe(2);
    await waitFor(async () => expect(await keptText()).toContain('"data":"b"'));
    expect(await carryAlong(page().client, all)).toBe(2);
    expect(all.map(({ ask }) => ask.mock.calls.length)).toEqual([1, 1]);
  });

  test('an answer of yesterday is requested again', async () => {
    const one = question(() => Promise.resolve('told'));
    await carryAlong(page().client, [one]);
    await waitFor(async () => expect(await keptText()).toContain('"data":"told"'));
    later(86_400_000);
    expect(await carryAlong(page().client, [one])).toBe(1);
    expect(one.ask).toHaveBeenCalledTimes(2);
  });

  test('it ends where the signal ends, or the page', async () => {
    const [a, b, c] = [question(() => Promise.resolve('a')), question(noSignal), question(() => Promise.resolve('c'))];
    expect(await carryAlong(page().client, [a, b, c])).toBe(1);
    expect(c.ask).not.toHaveBeenCalled();
    expect(await carryAlong(page().client, [a, c], () => true)).toBe(0);
  });
});

test('what is older than a season goes', async () => {
  const one = question(() => Promise.resolve('old word'));
  await carryAlong(page().client, [one]);
  await waitFor(async () => expect(await keptText()).toContain('old word'));
  await clearOldWords();
  expect(await keptText()).toContain('old word');
  later(130 * 86_400_000);
  await clearOldWords();
  expect(await keptText()).not.toContain('old word');
});

test('when a customer is erased nothing the server said stays on the phone, and what is open asks anew', async () => {
  let word = 'Quay library';
  const one = question(() => Promise.resolve(word));
  const { client, wrapper } = page();
  const { result } = renderHook(() => useServerWord(one), { wrapper });
  await waitFor(() => expect(result.current.data).toBe('Quay library'));
  await waitFor(async () => expect(await keptText()).toContain('Quay library'));
  keepDay([{ id: 'v1', title: 'Quay library, Reading room', startedAt: '2026-05-12T10:00:00Z', headline: 'x' }]);
  word = 'another';
  await act(() => forgetWords(client));
  await waitFor(() => expect(result.current.data).toBe('another'));
  expect(await keptText()).not.toContain('Quay library');
  expect(keptDay()).toEqual([]);
});
