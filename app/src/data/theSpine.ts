import { RECORD_KINDS } from '@huff/contract/spine';
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

/** Reads anew what the server changed: the lists of its kinds, the visits it told of. */
async function readAnew(told: Told | undefined): Promise<void> {
  const kinds = told ? new Set(told.changes.map(({ of }) => of)) : new Set(RECORD_KINDS);
  const visits = told && new Set(told.changes.filter(({ of }) => of === 'visit').map(({ id }) => id));
  await queryClient.invalidateQueries({
    predicate: ({ queryKey: [first, kind, id] }) =>
      first === 'told' &&
      kinds.has(kind as never) &&
      (id === undefined || visits === undefined || visits.has(id as string)),
  });
}

let started: Spine | undefined;

/** The one spine of this page, begun when it is first asked for. */
export function spine(): Spine {
  return (started ??= startSpine({ openStore, carryOver, onTold: readAnew }));
}
