import { queryClient } from './queryClient';
import { carryOver } from './spine/carryOver';
import { openStore } from './spine/openStore';
import type { Told } from './spine/sender';
import { startSpine, type Spine } from './spine/spine';

/** Under which keys TanStack Query holds what the store has. */
export const toldKey = {
  list: (kind: string) => ['told', kind] as const,
  visit: (id: string) => ['told', 'visit', id] as const,
};

/** Reads anew what has changed in the store: the lists of its kinds, the visits it is about. */
async function readAnew(told: Told | undefined): Promise<void> {
  const kinds = told && new Set<unknown>(told.records.map(({ kind }) => kind));
  const ids = told && new Set<unknown>(told.records.map(({ id }) => id));
  await queryClient.invalidateQueries({
    predicate: ({ queryKey: [first, kind, id] }) =>
      first === 'told' && (!kinds || kinds.has(kind)) && (id === undefined || !ids || ids.has(id)),
  });
}

let started: Spine | undefined;

/** The one spine of this page, begun when it is first asked for. */
export function spine(): Spine {
  return (started ??= startSpine({ openStore, carryOver, onTold: readAnew }));
}
