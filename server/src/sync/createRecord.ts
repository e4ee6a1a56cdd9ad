import {
  fieldsOf,
  sameValue,
  withFields,
  type CreateOperation,
  type FieldConflict,
  type OperationResult,
} from '@huff/contract/spine';
import type { Query } from '../db/db';
import { conflict } from '../http/problems';
import { moment } from '../db/moment';
import { keepChange } from '../records/history';
import { recordOf, writeRecord, type Kept } from '../records/records';
import { countEarly } from '../visits/counts';
import { patchRecord, type Patched } from './patchRecord';
import type { Sender } from '../records/sender';
import { withServerTimes } from './serverTimes';

export const resultOf = (id: string, { revision, merged, conflicts }: Patched): OperationResult => {
  if (conflicts.length > 0) return { id, status: 'conflict', revision, fields: conflicts };
  return { id, status: merged ? 'merged' : 'done', revision };
};

/** Another site under the same name, with who made it and when. */
export async function siteOfSameName(query: Query, shopId: string, siteId: string, name: string) {
  const [other] = await query<{ id: string; name: string; revision: number; by: string; at: string }>(
    `SELECT s.id, s.name, s.revision, p.name AS by, ${moment('s.saved_at')} AS at
     FROM sites s JOIN people p ON p.shop_id = s.shop_id AND p.id = s.written_by
     WHERE s.shop_id = $1 AND lower(btrim(s.name)) = lower(btrim($2)) AND s.id <> $3 ORDER BY s.revision LIMIT 1`,
    [shopId, name, siteId],
  );
  return other;
}

/** A site that another made under the same name: two records of one place would have two altitudes. */
async function sameSite(
  query: Query,
  { author }: Sender,
  { id, recordId, record }: CreateOperation,
): Promise<OperationResult | undefined> {
  const other = await siteOfSameName(query, author.shopId, recordId, (record as { name: string }).name);
  if (!other) return undefined;
  const theirs = fieldsOf('site', (await recordOf(query, 'site', author.shopId, other.id))!.record);
  const yours = fieldsOf('site', record);
  const fields = Object.keys({ ...theirs, ...yours })
    .filter((field) => !sameValue(theirs[field], yours[field]))
    .map((field): FieldConflict => ({
      field,
      yours: yours[field] ?? null,
      theirs: theirs[field] ?? null,
      by: other.by,
      at: other.at,
    }));
  return {
    id,
    status: 'conflict',
    revision: other.revision,
    fields,
    sameName: { recordId: other.id, name: other.name },
  };
}

/**
 * Makes a record. One that is here already, made by a phone that could not know whether its first sending arrived or by another program,
 * is patched with it: what is the same stays, what another changed is told.
 */
export async function createRecord(
  query: Query,
  sender: Sender,
  revision: number,
  operation: CreateOperation,
): Promise<OperationResult> {
  const { id, of, recordId, record } = operation;
  const { author } = sender;
  if (of === 'shop' && recordId !== author.shopId) throw conflict('This belongs to another shop.');
  const stored = (await recordOf(query, of, author.shopId, recordId)) as
    Kept<typeof record & { id: string }> | undefined;
  if (stored) {
    const patch = { operationId: id, of, stored: stored as never, base: 0, fields: fieldsOf(of, record) };
    return resultOf(id, await patchRecord(query, sender, revision, patch));
  }
  const other = of === 'site' ? await sameSite(query, sender, operation) : undefined;
  if (other) return other;
  const timed = withFields(of, record, withServerTimes(of, fieldsOf(of, record), [], sender.clockOffsetMs));
  await makeRecord(query, sender, revision, { ...operation, record: timed });
  if (of === 'visit') await countEarly(query, author.shopId, recordId);
  return { id, status: 'done', revision };
}

/** Writes a record that is known not to be here, with the first line of its history. */
export async function makeRecord(
  query: Query,
  { author, device }: Sender,
  revision: number,
  { id: operationId, of, recordId, record }: CreateOperation,
): Promise<void> {
  await writeRecord(query, of, author, record as never, revision);
  await keepChange(query, author, {
    kind: of,
    recordId,
    revision,
    operationId,
    device,
    before: {},
    after: fieldsOf(of, record),
  });
}
