import type { Fields, RecordKind } from '@huff/contract/spine';
import type { Query } from '../db/db';
import { moment } from '../db/moment';
import type { Author } from '../http/author';

/** One field of a change, as it was and as it became. */
interface FieldChange {
  readonly before: unknown;
  readonly after: unknown;
}

/** A change of a record: who, when, what was before. */
export interface RecordChange {
  readonly revision: number;
  readonly operationId: string;
  readonly device: string;
  readonly by: string;
  readonly at: string;
  readonly fields: Readonly<Record<string, FieldChange>>;
}

interface HistoryPart {
  /** Only those since this revision. */
  readonly after?: number;
  /** Only those before this revision. */
  readonly before?: number;
  readonly length: number;
}

/** The changes of a record, the last first. */
export function changesOf(
  query: Query,
  kind: RecordKind,
  shopId: string,
  recordId: string,
  { after = -1, before, length }: HistoryPart,
) {
  return query<RecordChange & Record<string, unknown>>(
    `SELECT c.revision, c.operation_id AS "operationId", c.device, p.name AS by, ${moment('c.changed_at')} AS at, c.fields
     FROM changes c JOIN people p ON p.shop_id = c.shop_id AND p.id = c.changed_by
     WHERE c.shop_id = $1 AND c.record_id = $2 AND c.kind = $3 AND c.revision > $4 AND ($5::bigint IS NULL OR c.revision < $5)
     ORDER BY c.revision DESC LIMIT $6`,
    [shopId, recordId, kind, after, before ?? null, length],
  );
}

interface NewChange {
  readonly kind: RecordKind;
  readonly recordId: string;
  readonly revision: number;
  readonly operationId: string;
  readonly device: string;
  readonly before: Fields;
  readonly after: Fields;
}

/** Writes down what a change did to which fields. */
export async function keepChange(query: Query, { shopId, personId }: Author, change: NewChange): Promise<void> {
  const { kind, recordId, revision, operationId, device, before, after } = change;
  const fields = Object.fromEntries(
    Object.keys(after).map((path) => [path, { before: before[path] ?? null, after: after[path] ?? null }]),
  );
  await query(
    `INSERT INTO changes (shop_id, revision, kind, record_id, operation_id, device, changed_by, fields)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8)`,
    [shopId, revision, kind, recordId, operationId, device, personId, JSON.stringify(fields)],
  );
}
