import type { EntryCode, Person, SessionState, SignedInDevice } from '@huff/contract';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect } from 'react';
import { ask, tell, type Answered } from './ask';
import { queryClient } from './queryClient';
import { workFor } from './shopStore';
import { spine } from './theSpine';
import { useSyncStatus } from './useOutbox';

const SESSION = ['session'];
const PEOPLE = ['people'];
const DEVICES = ['devices'];

/** Takes over who is signed in: whose work this phone sends from now on, and for which shop. */
async function takeSession(state: SessionState): Promise<void> {
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

/** At the door: what was asked about the session before this person came in no longer counts. */
export async function letIn(state: SessionState): Promise<void> {
  await queryClient.cancelQueries({ queryKey: SESSION });
  await takeSession(state);
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
export const entryCode = (personId?: string): Promise<Answered<EntryCode>> =>
  tell('POST', personId === undefined ? '/api/me/phone' : `/api/people/${personId}/code`);

/** Whether this page can work without a signal and use the camera: browsers allow it at secure addresses alone. */
export const isSecure = (): boolean => globalThis.isSecureContext !== false;
