import { notifyManager, type Query, type QueryClient } from '@tanstack/react-query';
import type { Told } from './spine/sender';

/** Under which keys TanStack Query holds what the store has. */
export const toldKey = {
  list: (kind: string) => ['told', kind] as const,
  visit: (id: string) => ['told', 'visit', id] as const,
  visitsSince: (since: string) => ['told', 'visit', undefined, since] as const,
};

/** The last reading of each list: one that began before it does not show what was before. */
const lastRead = new WeakMap<Query, symbol>();

/** Reads the lists that are open, each once, and shows them together: jobs that came after the visits would push them away under a finger. */
async function readTogether(lists: readonly Query[]): Promise<void> {
  const mark = Symbol('read');
  for (const query of lists) lastRead.set(query, mark);
  const read = await Promise.all(
    lists.map(async (query) => {
      const { queryKey, options, meta } = query;
      const { queryFn } = options;
      if (typeof queryFn !== 'function') return undefined;
      const { signal } = new AbortController();
      try {
        return { query, data: await queryFn({ queryKey, meta, signal } as never) };
      } catch {
        // It stays marked as old: the next page that opens it reads it.
        return undefined;
      }
    }),
  );
  notifyManager.batch(() => {
    for (const one of read) if (one && lastRead.get(one.query) === mark) one.query.setData(one.data);
  });
}

/** Reads anew what has changed in the store: the lists of its kinds, the visits it is about; all of it where nothing is told. */
export async function readAnew(client: QueryClient, told: Told | undefined): Promise<void> {
  const kinds = told && new Set<unknown>(told.records.map(({ kind }) => kind));
  const ids = told && new Set<unknown>(told.records.map(({ id }) => id));
  const isChanged = ({ queryKey: [first, kind, id] }: { readonly queryKey: readonly unknown[] }) =>
    first === 'told' && (!kinds || kinds.has(kind)) && (id === undefined || !ids || ids.has(id));
  const isList = ({ queryKey }: { readonly queryKey: readonly unknown[] }) => queryKey[2] === undefined;
  const filter = { predicate: isChanged };
  // A first read that began before the change would be joined, not begun anew, and what it found would count as fresh.
  await client.cancelQueries(filter);
  // What nobody looks at is read when it is opened.
  await client.invalidateQueries({ ...filter, refetchType: 'none' });
  const visits = { predicate: (query: Query) => isChanged(query) && !isList(query) };
  const lists = client
    .getQueryCache()
    .findAll({ type: 'active', predicate: (query) => isChanged(query) && isList(query) });
  await Promise.all([readTogether(lists), client.refetchQueries({ ...visits, type: 'active' })]);
}
