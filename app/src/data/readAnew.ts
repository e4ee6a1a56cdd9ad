import type { QueryClient } from '@tanstack/react-query';
import type { Told } from './spine/sender';

/** Under which keys TanStack Query holds what the store has. */
export const toldKey = {
  list: (kind: string) => ['told', kind] as const,
  visit: (id: string) => ['told', 'visit', id] as const,
  visitsSince: (since: string) => ['told', 'visit', undefined, since] as const,
};

/** Reads anew what has changed in the store: the lists of its kinds, the visits it is about; all of it where nothing is told. */
export async function readAnew(client: QueryClient, told: Told | undefined): Promise<void> {
  const kinds = told && new Set<unknown>(told.records.map(({ kind }) => kind));
  const ids = told && new Set<unknown>(told.records.map(({ id }) => id));
  const filter = {
    predicate: ({ queryKey: [first, kind, id] }: { queryKey: readonly unknown[] }) =>
      first === 'told' && (!kinds || kinds.has(kind)) && (id === undefined || !ids || ids.has(id)),
  };
  // A first read that began before the change would be joined, not begun anew, and what it found would count as fresh.
  await client.cancelQueries(filter);
  await client.invalidateQueries(filter);
}
