import { useMutation, useMutationState, useQuery, type QueryKey } from '@tanstack/react-query';
import { useMemo } from 'react';
import { queryClient } from './queryClient';

/** What the mutation of every kind of record begins with. */
export const SAVE = 'save-';

/** How far a record made here has come. */
export type Sending = 'sent' | 'waiting' | 'refused';

interface Identified {
  readonly id: string;
  readonly savedAt: string;
}

interface SavedOptions<T extends Identified> {
  readonly key: string;
  readonly list: () => Promise<T[]>;
  readonly put: (record: T) => Promise<void>;
}

/** A record with how far it has come; `why` when the server refused it. */
export interface Kept<T> {
  readonly record: T;
  readonly sending: Sending;
  readonly why?: string;
}

interface UnsentState<T> {
  readonly record: T;
  readonly sending: 'waiting' | 'refused';
  readonly why?: string;
}

/** The server's list with what has not arrived there laid over it. */
export function withUnsent<T extends Identified>(list: readonly T[], unsent: readonly UnsentState<T>[]): Kept<T>[] {
  const byId = new Map<string, Kept<T>>(list.map((record) => [record.id, { record, sending: 'sent' }]));
  for (const one of unsent) byId.set(one.record.id, one);
  return [...byId.values()];
}

/**
 * A kind of record that is listed by the server and saved from here: queries and a stored mutation under one key. Saving
 * works without a server; it is sent once, later, also after a reload.
 */
export function savedRecords<T extends Identified>({ key, list, put }: SavedOptions<T>) {
  const queryKey: QueryKey = [key];
  const mutationKey = [`${SAVE}${key}`];
  // A mutation restored from storage has no function: it finds it here, by its key.
  queryClient.setMutationDefaults(mutationKey, {
    mutationFn: put,
    onSuccess: (_nothing: unknown, record: T) => {
      queryClient.setQueryData<T[]>(queryKey, (old = []) => [record, ...old.filter((r) => r.id !== record.id)]);
    },
    onSettled: () => queryClient.invalidateQueries({ queryKey }),
  });

  const useUnsent = (): UnsentState<T>[] =>
    useMutationState({
      filters: { mutationKey, predicate: ({ state }) => state.status === 'pending' || state.status === 'error' },
      select: ({ state }) => ({
        record: state.variables as T,
        sending: state.status === 'error' ? ('refused' as const) : ('waiting' as const),
        why: state.error?.message,
      }),
    });

  return {
    /** All records, newest information first: `isPending` only before anything was ever read. */
    useList() {
      const { data, isPending, isError } = useQuery({ queryKey, queryFn: list });
      const unsent = useUnsent();
      const records = useMemo(() => withUnsent(data ?? [], unsent), [data, unsent]);
      return { records, isPending: isPending && unsent.length === 0, isError };
    },
    useSave: () => useMutation<void, Error, T>({ mutationKey, scope: { id: 'save' } }),
  };
}
