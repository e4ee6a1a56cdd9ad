import { openDB, type DBSchema } from 'idb';
import type { OutboxRow, Store, ToldPart, ToldRecord, ToldVisit } from './store';

interface HuffSchema extends DBSchema {
  records: { key: [string, string]; value: ToldRecord | ToldVisit; indexes: { kind: string } };
  parts: { key: [string, string]; value: ToldPart; indexes: { visitId: string } };
  outbox: { key: string; value: OutboxRow; indexes: { order: number } };
  meta: { key: string; value: unknown };
}

/** Of the first shop this phone worked for; another shop's records are kept apart. */
export const FIRST_STORE = 'huff';
const TABLES = ['records', 'parts', 'outbox', 'meta'] as const;

/** The store in IndexedDB: one row a record, a part, an operation. */
export async function idbStore(name = FIRST_STORE): Promise<Store> {
  const db = await openDB<HuffSchema>(name, 1, {
    upgrade(made) {
      made.createObjectStore('records', { keyPath: ['kind', 'id'] }).createIndex('kind', 'kind');
      made.createObjectStore('parts', { keyPath: ['of', 'id'] }).createIndex('visitId', 'visitId');
      made.createObjectStore('outbox', { keyPath: 'id' }).createIndex('order', 'order');
      made.createObjectStore('meta');
    },
    // A newer app in another tab changes the tables: this one lets go, and its next write says that it could not be kept.
    blocking: (_now, _wanted, event) => (event.target as IDBDatabase).close(),
  });
  return {
    lasting: true,
    all: async (kind) => (await db.getAllFromIndex('records', 'kind', kind)) as never,
    one: async (kind, id) => (await db.get('records', [kind, id])) as never,
    parts: (visitId) => db.getAllFromIndex('parts', 'visitId', visitId),
    outbox: () => db.getAllFromIndex('outbox', 'order'),
    meta: async <T>(key: string) => (await db.get('meta', key)) as T | undefined,
    async write({
      records = [],
      parts = [],
      add = [],
      update = [],
      release = [],
      remove = [],
      meta = {},
      forget = [],
    }) {
      // Strict: what is said to be kept has reached the disk.
      const tx = db.transaction(TABLES, 'readwrite', { durability: 'strict' });
      const outbox = tx.objectStore('outbox');
      const work: Promise<unknown>[] = [
        ...records.map((row) => tx.objectStore('records').put(row)),
        ...parts.map((part) => tx.objectStore('parts').put(part)),
        ...remove.map((id) => outbox.delete(id)),
        ...release.map((row) => outbox.put(row)),
        ...Object.entries(meta).map(([key, value]) => tx.objectStore('meta').put(value, key)),
      ];
      if (add.length > 0) {
        // Read within the transaction: two tabs never give the same place.
        const last = await outbox.index('order').openCursor(null, 'prev');
        let order = last?.value.order ?? 0;
        for (const row of add) {
          order += 1;
          if ((await outbox.getKey(row.id)) === undefined) work.push(outbox.put({ ...row, order }));
        }
      }
      // Side by side, not one after the other: a page that is left at once has the less to finish.
      for (const row of update)
        work.push(outbox.getKey(row.id).then((key) => (key === undefined ? undefined : outbox.put(row))));
      for (const { of, id } of forget) {
        work.push(tx.objectStore('records').delete([of, id]));
        if (of !== 'visit') continue;
        const keys = await tx.objectStore('parts').index('visitId').getAllKeys(id);
        work.push(...keys.map((key) => tx.objectStore('parts').delete(key)));
      }
      // With nothing left to look up it is committed in the same task: a page that is left at once takes nothing back.
      if (add.length === 0 && update.length === 0 && forget.length === 0) tx.commit();
      await Promise.all([...work, tx.done]);
    },
  };
}
