import type { EntryCode, Person, Problem, SessionState, SignedInDevice } from '@huff/contract';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect } from 'react';
import { ask } from './ask';
import { queryClient } from './queryClient';
import { workFor } from './shopStore';
import { spine } from './theSpine';
import { useSyncStatus } from './useOutbox';

const SESSION = ['session'];
const PEOPLE = ['people'];
const DEVICES = ['devices'];

/** What a request at the door came to: what the server says, or why not, in a sentence. */
export type Told<T> = { readonly ok: true; readonly body: T } | { readonly ok: false; readonly why: string };

const NOT_REACHED = 'The server could not be reached. Try again with a signal.';

/** Asks the server to do something. @param send as JSON; nothing when absent */
export async function tell<T>(method: 'POST' | 'PUT' | 'DELETE', address: string, send?: object): Promise<Told<T>> {
  const answer = await fetch(address, {
    method,
    ...(send ? { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(send) } : {}),
    signal: AbortSignal.timeout(20_000),
  }).catch(() => undefined);
  if (!answer) return { ok: false, why: NOT_REACHED };
  const body = answer.status === 204 ? undefined : ((await answer.json().catch(() => undefined)) as unknown);
  if (answer.ok) return { ok: true, body: body as T };
  return { ok: false, why: (body as Partial<Problem> | undefined)?.detail ?? NOT_REACHED };
}

/** Takes over who is signed in: whose work this phone sends from now on, and for which shop. */
export async function takeSession(state: SessionState): Promise<void> {
  queryClient.setQueryData(SESSION, state);
  for (const queryKey of [PEOPLE, DEVICES]) void queryClient.invalidateQueries({ queryKey });
  const { shop, person } = state;
  if (!shop || !person) return;
  if (workFor(shop.id)) {
    globalThis.location.reload();
    return;
  }
  await spine().setPerson({ id: person.id, name: person.name });
  spine().wake();
}

/** Who is signed in here. Without a signal it is not known; work goes on all the same. */
export function useSession() {
  const { phase } = useSyncStatus();
  const { data, isError, refetch } = useQuery({
    queryKey: SESSION,
    queryFn: async () => {
      const state = (await ask<SessionState>('/api/session'))?.body ?? null;
      if (state) await takeSession(state);
      return state;
    },
  });
  useEffect(() => {
    if (phase === 'signIn') void refetch();
  }, [phase, refetch]);
  return { session: data ?? undefined, isUnknown: isError };
}

/** The people of the shop. */
export function usePeople() {
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: PEOPLE,
    queryFn: async () => (await ask<{ people: Person[] }>('/api/people'))?.body.people ?? [],
  });
  return { people: data, reload: useCallback(() => client.invalidateQueries({ queryKey: PEOPLE }), [client]) };
}

/** The phones and browsers of the person who is signed in. */
export function useDevices() {
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: DEVICES,
    queryFn: async () => (await ask<{ devices: SignedInDevice[] }>('/api/me/devices'))?.body.devices ?? [],
  });
  return { devices: data ?? [], reload: useCallback(() => client.invalidateQueries({ queryKey: DEVICES }), [client]) };
}

/** A code for another device of one's own, or for a person. */
export const entryCode = (personId?: string): Promise<Told<EntryCode>> =>
  tell('POST', personId === undefined ? '/api/me/phone' : `/api/people/${personId}/code`);

/** Whether this page can work without a signal and use the camera: browsers allow it at secure addresses alone. */
export const isSecure = (): boolean => globalThis.isSecureContext !== false;
