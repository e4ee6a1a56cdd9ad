import { orderKey, type Operation } from '@huff/contract/spine';
import type { NewRow, OutboxRows } from './outboxRows';
import type { OutboxRow, Store } from './store';

interface ApartOptions {
  readonly store: Store;
  readonly outbox: OutboxRows;
  readonly newId: () => string;
  /** What every operation has. */
  readonly stamp: () => { readonly id: string; readonly madeAt: string };
  readonly newRow: (operation: Operation) => NewRow;
}

/** What a person can do with operations that were refused, or that another's change stands against. */
export function setApart({ store, outbox, newId, stamp, newRow }: ApartOptions) {
  const { rows, change } = outbox;

  /** What puts the units of a site that was made here on the one that another made; nothing where there is no such site. */
  async function unitsMoved({ conflict, operation }: OutboxRow): Promise<NewRow[]> {
    if (!conflict?.sameName) return [];
    const { recordId } = operation;
    const siteId = conflict.sameName.recordId;
    const here = (await store.all('unit')).filter(({ record }) => record.siteId === recordId);
    const made = rows().filter(
      ({ operation: one }) =>
        one.kind === 'create' && one.of === 'unit' && (one.record as { siteId?: string }).siteId === recordId,
    );
    const units = new Map<string, number>([
      ...made.map(({ operation: one }) => [one.recordId, 0] as const),
      ...here.map(({ id, revision }) => [id, revision] as const),
    ]);
    return [...units].map(([id, base]) =>
      newRow({ ...stamp(), kind: 'patch', of: 'unit', recordId: id, base, fields: { siteId } }),
    );
  }

  return {
    /** Takes an operation off: it will not be done. */
    drop: (row: OutboxRow) => change({ remove: [row.id] }),

    /** Sends what was refused again, fixed or as it is, in its old place; what waited for it at the server goes as well. */
    sendAgain(row: OutboxRow, mended: Operation = row.operation): Promise<void> {
      const key = orderKey(row.operation);
      const again = rows().filter(
        (other) => other.state === 'refused' && other.id !== row.id && orderKey(other.operation) === key,
      );
      const waits = ({ problem: _, ...other }: OutboxRow): OutboxRow => ({ ...other, state: 'waiting' });
      const behind = again.filter(({ problem }) => problem?.status === 404).map(waits);
      if (mended === row.operation) return change({ update: [waits(row), ...behind] });
      const fresh = { ...mended, id: newId() };
      // A new one, since the old id may stand for what was refused; those behind it are put behind again.
      const later = rows().filter((other) => other.order > row.order && orderKey(other.operation) === key);
      const moved = later.map((other) => behind.find(({ id }) => id === other.id) ?? other);
      return change({
        remove: [row.id, ...later.map(({ id }) => id)],
        add: [newRow(fresh), ...moved.map(({ order: _, ...other }) => ({ ...other, id: other.id }))],
      });
    },

    /** The site that was made here is the one another made: theirs stands, with the units that were put on mine. */
    async sameSite(row: OutboxRow): Promise<void> {
      return change({ add: await unitsMoved(row), remove: [row.id] });
    },

    /** Settles one field that two changed: mine is set on top of theirs, or theirs stands. */
    async settle(row: OutboxRow, field: string, choice: 'mine' | 'theirs'): Promise<void> {
      const { conflict, operation } = row;
      if (!conflict || operation.kind === 'add') return;
      const of = conflict.fields.find((one) => one.field === field);
      const left = conflict.fields.filter((one) => one.field !== field);
      const target = conflict.sameName?.recordId ?? operation.recordId;
      const mine: Operation | undefined =
        choice === 'mine' && of
          ? {
              ...stamp(),
              kind: 'patch',
              of: operation.of,
              recordId: target,
              base: conflict.revision,
              fields: { [field]: of.yours },
            }
          : undefined;
      return change({
        ...(left.length > 0 ? { update: [{ ...row, conflict: { ...conflict, fields: left } }] } : { remove: [row.id] }),
        // The last of them settles which site it is as well.
        add: [...(left.length === 0 ? await unitsMoved(row) : []), ...(mine ? [newRow(mine)] : [])],
      });
    },
  };
}
