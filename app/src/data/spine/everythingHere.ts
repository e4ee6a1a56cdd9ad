import { RECORD_KINDS, type Operation, type RecordKind } from '@huff/contract/spine';
import type { OutboxRow, Store } from './store';

/** What names others comes after them: a unit after its site, a visit after its unit. */
const ORDER: readonly RecordKind[] = ['site', 'blowerTable', 'unit', 'stop', 'shop', 'visit'];
const KINDS = [...RECORD_KINDS].sort((a, b) => ORDER.indexOf(a) - ORDER.indexOf(b));

type Row = Omit<OutboxRow, 'order'>;

/**
 * Everything that this phone holds, as operations that make it, offered to a server that was put back to an earlier state. What the server has
 * is only compared: ids are the phone's, so that nothing is there twice. Of a photo that was sent only its address is here; it is left out.
 *
 * @param newId for the operations
 */
export async function everythingHere(store: Store, newId: () => string, now: Date): Promise<readonly Row[]> {
  const made = () => ({ id: newId(), madeAt: now.toISOString() });
  const row = (operation: Operation): Row => ({ id: operation.id, operation, state: 'offered' });
  const rows: Row[] = [];
  for (const of of KINDS)
    for (const { id: recordId, record } of await store.all(of)) {
      rows.push(row({ ...made(), kind: 'create', of, recordId, record }));
      if (of !== 'visit') continue;
      for (const part of await store.parts(recordId))
        if (part.of !== 'photo')
          rows.push(row({ ...made(), kind: 'add', recordId, of: part.of, record: part.record } as Operation));
    }
  return rows;
}
