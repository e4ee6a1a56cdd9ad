import {
  experimental_createQueryPersister as createQueryPersister,
  type PersistedQuery,
} from '@tanstack/query-persist-client-core';
import {
  keepPreviousData,
  onlineManager,
  useQuery,
  type QueryClient,
  type QueryKey,
  type UseQueryOptions,
} from '@tanstack/react-query';
import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { wordStore } from './wordStore';

const DAY_MS = 86_400_000;
/** What was said longer ago is asked anew before it is shown. */
const KEPT_MS = 120 * DAY_MS;
/** What was said just now is not asked again by the next page that shows it. */
const FRESH_MS = 15_000;

/** Raised when what is kept is no longer understood. */
const FORM = '1';

/** Keeps answers on the phone. It does not ask again by itself: a refusal nobody waits for would be an error of the page. */
const persister = createQueryPersister<unknown>({
  storage: globalThis.indexedDB === undefined ? undefined : wordStore,
  buster: FORM,
  maxAge: KEPT_MS,
  prefix: 'word',
  refetchOnRestore: false,
  serialize: (query) => query,
  deserialize: (kept) => kept as PersistedQuery,
});

/** Lets go of what is too old to be shown. */
export const clearOldWords = (): Promise<void> => persister.persisterGc();

/** A question to the server whose answer is kept. */
export interface Question<T> {
  readonly key: QueryKey;
  readonly ask: () => Promise<T>;
  readonly enabled?: boolean;
  /** Of what the answer depends on here: when it changes it is asked for anew, and the answer before stands meanwhile. */
  readonly mark?: string;
  /** While another question is on its way the answer to the one before stands. */
  readonly keepsBefore?: boolean;
}

const optionsOf = <T>({ key, ask }: Question<T>) => ({
  queryKey: key,
  queryFn: ask,
  retry: false as const,
  staleTime: FRESH_MS,
  persister: persister.persisterFn,
});

/** What the server said, and what is to be said of it. */
export interface ServerWord<T> {
  readonly data?: T;
  readonly isPending: boolean;
  /** It could not be asked now; what it said before may stand all the same. */
  readonly isError: boolean;
  /** When it said what stands, while there is no signal or it could not be asked anew. */
  readonly saidAt?: Date;
}

/**
 * What the server says. What it said before is shown at once, from the phone, and asked for anew; without a signal it stands, with the time at
 * which it was said.
 */
export function useServerWord<T>(question: Question<T>): ServerWord<T> {
  const { enabled = true, keepsBefore = false, mark } = question;
  const [seenMs] = useState(() => Date.now());
  const { data, isPending, isError, isStale, fetchStatus, dataUpdatedAt, refetch } = useQuery<T>({
    ...(optionsOf(question) as UseQueryOptions<T>),
    enabled,
    ...(keepsBefore ? { placeholderData: keepPreviousData } : {}),
  });
  const isOld = enabled && data !== undefined && isStale && dataUpdatedAt < seenMs;
  useEffect(() => {
    if (isOld && !isError && fetchStatus === 'idle') void refetch();
  }, [isOld, isError, fetchStatus, refetch]);
  const isOnline = useSyncExternalStore(
    (changed) => onlineManager.subscribe(changed),
    () => onlineManager.isOnline(),
  );
  const asked = useRef(mark);
  useEffect(() => {
    if (asked.current === mark) return;
    asked.current = mark;
    void refetch();
  }, [mark, refetch]);
  return {
    data,
    isPending,
    isError,
    // An answer too fresh to be asked for again is not in error: the phone itself knows that it has no signal.
    saidAt: (isError || !isOnline) && data !== undefined && dataUpdatedAt > 0 ? new Date(dataUpdatedAt) : undefined,
  };
}

const aTick = () => new Promise<void>((go) => setTimeout(go, 0));

/** Asks ahead, so that the answer is there when the signal is not; what was said within `freshMs` is not asked again. */
export async function askAhead<T>(client: QueryClient, question: Question<T>, freshMs: number): Promise<void> {
  const options = { ...optionsOf(question), staleTime: freshMs };
  await client.prefetchQuery(options);
  // What came from the phone has its age a tick later; too old, it is asked for now.
  await aTick();
  await client.prefetchQuery(options);
}
