import type { RecordKind, RecordOf } from '@huff/contract/spine';
import type { Query, Row } from '../db/db';
import type { Author } from '../http/author';
import { invalid } from '../http/problems';
import { RECORD_TABLES } from './recordTable';

/** A record with the revision it has at the server; 0 while nobody made it. */
export interface Kept<R> {
  readonly record: R;
  readonly revision: number;
}

type KeptRow = Row & { revision: number };

function keptOf<K extends RecordKind>(kind: K, { revision, ...row }: KeptRow): Kept<RecordOf[K]> {
  return { record: RECORD_TABLES[kind].recordOf(row), revision };
}

/** Records of a shop by id, in no order; those that are not here are left out. */
export async function recordsOf<K extends RecordKind>(
  query: Query,
  kind: K,
  shopId: string,
  ids: readonly string[],
): Promise<Kept<RecordOf[K]>[]> {
  if (ids.length === 0) return [];
  const { table, select } = RECORD_TABLES[kind];
  const rows = await query<KeptRow>(
    `SELECT ${select}, revision FROM ${table} WHERE shop_id = $1 AND id = ANY ($2::uuid[])`,
    [shopId, ids],
  );
  return rows.map((row) => keptOf(kind, row));
}

/** One record; what stands for it while nobody made it, if its kind has such a thing. */
export async function recordOf<K extends RecordKind>(
  query: Query,
  kind: K,
  shopId: string,
  id: string,
): Promise<Kept<RecordOf[K]> | undefined> {
  const [kept] = await recordsOf(query, kind, shopId, [id]);
  const { unmade } = RECORD_TABLES[kind];
  return kept ?? (unmade && id === shopId ? { record: unmade(shopId), revision: 0 } : undefined);
}

/** A page of the records of a shop, in the order of their ids. @param after the last id of the page before */
export async function recordPage<K extends RecordKind>(
  query: Query,
  kind: K,
  shopId: string,
  { after, length }: { readonly after?: string; readonly length: number },
): Promise<Kept<RecordOf[K]>[]> {
  const { table, select } = RECORD_TABLES[kind];
  const rows = await query<KeptRow>(
    `SELECT ${select}, revision FROM ${table}
     WHERE shop_id = $1 AND ($2::uuid IS NULL OR id > $2) ORDER BY id LIMIT $3`,
    [shopId, after ?? null, length],
  );
  return rows.map((row) => keptOf(kind, row));
}

/** What one record says of another must be so: a planned job at a unit is at that unit's site. */
async function refuseStrays<K extends RecordKind>(query: Query, kind: K, shopId: string, record: RecordOf[K]) {
  if (kind !== 'stop') return;
  const { siteId, unitId } = record as RecordOf['stop'];
  if (!unitId) return;
  const [unit] = await query<{ site_id: string }>('SELECT site_id FROM units WHERE shop_id = $1 AND id = $2', [
    shopId,
    unitId,
  ]);
  if (unit && unit.site_id !== siteId.toLowerCase())
    throw invalid([{ field: 'unitId', message: 'This unit is at another site. Choose a unit of the job’s site.' }]);
}

/** Writes a record as it now stands. Only within the transaction that moved the shop's counter to `revision`. */
export async function writeRecord<K extends RecordKind>(
  query: Query,
  kind: K,
  { shopId, personId }: Author,
  record: RecordOf[K],
  revision: number,
): Promise<void> {
  await refuseStrays(query, kind, shopId, record);
  const { table, columns, madeColumn, changedColumn } = RECORD_TABLES[kind];
  const written = {
    written_by: personId,
    revision,
    ...(changedColumn ? { [changedColumn]: revision } : {}),
    ...columns(record),
  };
  const all = { ...written, ...(madeColumn ? { [madeColumn]: revision } : {}) };
  const names = Object.keys(all);
  await query(
    `INSERT INTO ${table} (shop_id, id, saved_at, ${names.join(', ')})
     VALUES ($1, $2, now(), ${names.map((_, i) => `$${i + 3}`).join(', ')})
     ON CONFLICT (shop_id, id) DO UPDATE SET saved_at = excluded.saved_at,
       ${Object.keys(written)
         .map((name) => `${name} = excluded.${name}`)
         .join(', ')}`,
    [shopId, record.id, ...Object.values(all)],
  );
}
