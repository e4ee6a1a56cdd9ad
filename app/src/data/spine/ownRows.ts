import type { By, OutboxRow } from './store';

/** What may go under the name of the person who is signed in: their own, and what was done before anybody was known. */
export const ownRows = (rows: readonly OutboxRow[], person: By | undefined): OutboxRow[] =>
  rows.filter(({ by }) => by === undefined || person === undefined || by.id === person.id);

/** What waits for another to sign in here again, by that one's name. */
export function waitingForOthers(rows: readonly OutboxRow[], person: By | undefined): ReadonlyMap<string, number> {
  const own = new Set(ownRows(rows, person).map(({ id }) => id));
  const others = new Map<string, number>();
  for (const { id, by, state } of rows)
    if (by && !own.has(id) && state === 'waiting') others.set(by.name, (others.get(by.name) ?? 0) + 1);
  return others;
}
