import { useMemo, useSyncExternalStore } from 'react';
import { orderKey } from '@huff/contract/spine';
import { ownRows, waitingForOthers } from './spine/ownRows';
import type { SpineStatus } from './spine/spine';
import type { OutboxRow } from './spine/store';
import { spine } from './theSpine';

/** How far what was done to a record here has come; worst first: refused, two values, waiting, sent. */
export type Sending = 'sent' | 'waiting' | 'refused' | 'conflict';

const rows = () => spine().outbox.rows();
const subscribe = (listener: () => void) => spine().outbox.subscribe(listener);

/** Everything that is on its way, in the order it was done. */
export const useOutboxRows = (): readonly OutboxRow[] => useSyncExternalStore(subscribe, rows, rows);

const isLoaded = () => spine().outbox.isLoaded();
/** Whether this phone's own store was read. */
export const useOutboxLoaded = (): boolean => useSyncExternalStore(subscribe, isLoaded, isLoaded);

const status = () => spine().status();
const onStatus = (listener: () => void) => spine().onStatus(listener);
export const useSyncStatus = (): SpineStatus => useSyncExternalStore(onStatus, status, status);

/** The worst of what is on its way for a record, with the server's words where it refused. */
export function sendingOf(of: readonly OutboxRow[]): { readonly sending: Sending; readonly why?: string } {
  const refused = of.find(({ state }) => state === 'refused');
  if (refused) return { sending: 'refused', why: refused.problem?.detail };
  if (of.some(({ state }) => state === 'conflict')) return { sending: 'conflict' };
  return { sending: of.some(({ state }) => state === 'waiting') ? 'waiting' : 'sent' };
}

/**
 * What is laid over what the server told: all that may still be done, and what a restored server may lack. Of what was refused or is in dispute the server's value stands, but a
 * record or reading that would be nowhere else stays in sight.
 */
export const laidOver = (of: readonly OutboxRow[]) =>
  of
    .filter(
      ({ state, operation }) =>
        state === 'held' ||
        state === 'waiting' ||
        state === 'offered' ||
        (operation.kind !== 'patch' && state === 'refused'),
    )
    .map(({ operation }) => operation);

/** What waits to be sent, and what was set apart. */
export interface Waiting {
  /** Records, not operations: two changes of one visit are one thing that waits. */
  readonly waiting: number;
  readonly apart: readonly OutboxRow[];
  /** Changes that wait for another person to sign in here again, by name. */
  readonly others: ReadonlyMap<string, number>;
}

export function useWaiting(): Waiting {
  const all = useOutboxRows();
  const { person } = useSyncStatus();
  return useMemo(
    () => ({
      others: waitingForOthers(all, person),
      waiting: new Set(
        ownRows(all, person)
          .filter(({ state }) => state === 'waiting')
          .map(({ operation }) => orderKey(operation)),
      ).size,
      apart: all.filter(({ state }) => state === 'refused' || state === 'conflict'),
    }),
    [all, person],
  );
}
