import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { QueryClient } from '@tanstack/react-query';
import type { PersistedClient, PersistQueryClientOptions } from '@tanstack/react-query-persist-client';
import { del, get, set } from 'idb-keyval';
import { ApiError } from './api';

const WEEK_MS = 7 * 24 * 60 * 60 * 1000;

/** An answer that says what is wrong with the record will not change by asking again; no answer, or 5xx, may. */
const worthRepeating = (error: Error) => !(error instanceof ApiError && error.status < 500);

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: { gcTime: WEEK_MS, staleTime: 5000, networkMode: 'offlineFirst', retry: 1 },
    mutations: {
      gcTime: WEEK_MS,
      networkMode: 'online',
      retry: (_count, error) => worthRepeating(error),
      retryDelay: (count) => Math.min(1000 * 2 ** count, 5000),
    },
  },
});

/** What the phone keeps: everything read, and everything not yet sent. */
export const persistOptions: Omit<PersistQueryClientOptions, 'queryClient'> = {
  persister: createAsyncStoragePersister({
    // IndexedDB: localStorage ends at 5 MB
    storage: { getItem: (k) => get<string>(k), setItem: (k, v) => set(k, v), removeItem: (k) => del(k) },
    key: 'huff-cache',
    throttleTime: 200,
    // A mutation stored while it was being retried is 'pending' but not paused; resumePausedMutations() would leave it for ever.
    deserialize: (text) => {
      const stored = JSON.parse(text) as PersistedClient;
      for (const { state } of stored.clientState.mutations) if (state.status === 'pending') state.isPaused = true;
      return stored;
    },
  }),
  maxAge: WEEK_MS,
  buster: '1',
  dehydrateOptions: { shouldDehydrateMutation: () => true },
};
