import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { readAnew, toldKey } from './readAnew';

const VISIT = 'a3d3f9e2-0b51-4a8f-9a07-0c3d4f0f5a10';
const TOLD = { records: [{ kind: 'visit' as const, id: VISIT }] };

/** A store of one value, read slowly: what a read began with is what it finds. */
function slowStore() {
  let value: string | null = null;
  const waiting: (() => void)[] = [];
  return {
    set: (now: string) => (value = now),
    read: () => {
      const found = value;
      return new Promise<string | null>((resolve) => waiting.push(() => resolve(found)));
    },
    answer: () => {
      for (const one of waiting.splice(0)) one();
    },
  };
}

const client = () => new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });

test('a first read that began before the change is begun anew: what is new is on the screen', async () => {
  const queries = client();
  const store = slowStore();
  const observer = new QueryObserver(queries, { queryKey: toldKey.visit(VISIT), queryFn: () => store.read() });
  const stop = observer.subscribe(() => undefined);
  store.set('saved');
  const done = readAnew(queries, TOLD);
  await new Promise((resolve) => process.nextTick(resolve));
  store.answer();
  await done;
  expect(observer.getCurrentResult().data).toBe('saved');
  stop();
  queries.clear();
});

test('a read that nobody waits for any more does not count as fresh when it ends after the change', async () => {
  const queries = client();
  const store = slowStore();
  const options = { queryKey: toldKey.visit(VISIT), queryFn: () => store.read() };
  const first = new QueryObserver(queries, options);
  first.subscribe(() => undefined)();
  store.set('saved');
  await readAnew(queries, TOLD);
  store.answer();
  await new Promise((resolve) => process.nextTick(resolve));
  const second = new QueryObserver(queries, options);
  const stop = second.subscribe(() => undefined);
  await new Promise((resolve) => process.nextTick(resolve));
  store.answer();
  await new Promise((resolve) => setTimeout(resolve, 0));
  expect(second.getCurrentResult().data).toBe('saved');
  stop();
  queries.clear();
});

test('what the change is not about is left alone', async () => {
  const queries = client();
  let reads = 0;
  const options = { queryKey: toldKey.list('site'), queryFn: () => (reads += 1) };
  const observer = new QueryObserver(queries, options);
  const stop = observer.subscribe(() => undefined);
  await new Promise((resolve) => setTimeout(resolve, 0));
  await readAnew(queries, TOLD);
  expect(reads).toBe(1);
  await readAnew(queries, undefined);
  expect(reads).toBe(2);
  stop();
  queries.clear();
});

test('lists that are open are shown together, however long each takes to be read', async () => {
  const queries = client();
  const stores = { visit: slowStore(), stop: slowStore() };
  const seen: string[] = [];
  const watch = (kind: keyof typeof stores) => {
    const observer = new QueryObserver(queries, { queryKey: toldKey.list(kind), queryFn: () => stores[kind].read() });
    return observer.subscribe(({ data }) => typeof data === 'string' && seen.push(`${kind} ${data}`));
  };
  const stops = [watch('visit'), watch('stop')];
  for (const store of Object.values(stores)) {
    store.answer();
    store.set('new');
  }
  await new Promise((resolve) => setTimeout(resolve, 0));
  const done = readAnew(queries, undefined);
  await new Promise((resolve) => setTimeout(resolve, 5));
  stores.visit.answer();
  await new Promise((resolve) => setTimeout(resolve, 5));
  expect(seen).toEqual([]);
  stores.stop.answer();
  await done;
  await new Promise((resolve) => setTimeout(resolve, 0));
  expect(seen).toEqual(['visit new', 'stop new']);
  stops.forEach((stop) => stop());
  queries.clear();
});

test('of two readings of one list the later one is shown, also when the earlier takes longer', async () => {
  const queries = client();
  const waiting: ((value: string) => void)[] = [];
  const queryFn = () => new Promise<string>((resolve) => waiting.push(resolve));
  const observer = new QueryObserver(queries, { queryKey: toldKey.list('site'), queryFn });
  const stop = observer.subscribe(() => undefined);
  waiting.splice(0)[0]!('at first');
  await new Promise((resolve) => setTimeout(resolve, 0));
  const both = [readAnew(queries, undefined), readAnew(queries, undefined)];
  await new Promise((resolve) => setTimeout(resolve, 5));
  const [before, after] = waiting;
  after!('new');
  await new Promise((resolve) => setTimeout(resolve, 5));
  before!('old');
  await Promise.all(both);
  expect(observer.getCurrentResult().data).toBe('new');
  stop();
  queries.clear();
});
