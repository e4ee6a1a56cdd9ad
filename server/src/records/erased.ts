import type { ErasedRecord, Operation } from '@huff/contract/spine';
import type { Query } from '../db/db';
import { conflict } from '../http/problems';

/** Records that were erased after a revision, up to another. */
export const erasedBetween = (query: Query, shopId: string, after: number, upTo: number): Promise<ErasedRecord[]> =>
  query<ErasedRecord & Record<string, unknown>>(
    `SELECT kind AS of, record_id AS id FROM erasures
     WHERE shop_id = $1 AND revision > $2 AND revision <= $3 ORDER BY revision, record_id`,
    [shopId, after, upTo],
  );

/** Those of some ids whose records were erased. */
export async function erasedOf(query: Query, shopId: string, ids: readonly string[]): Promise<ReadonlySet<string>> {
  const rows = await query<{ id: string }>(
    'SELECT record_id AS id FROM erasures WHERE shop_id = $1 AND record_id = ANY ($2::uuid[])',
    [shopId, ids],
  );
  return new Set(rows.map(({ id }) => id));
}

/** The site and unit a record belongs to. Once one of them is erased, the record must not come back. */
export const placesOf = (record: object): string[] => {
  const { siteId, unitId } = record as { readonly siteId?: string | null; readonly unitId?: string | null };
  return [siteId, unitId].flatMap((id) => id ?? []);
};

const idsOf = (operation: Operation): string[] => {
  if (operation.kind === 'patch') return [operation.recordId, ...placesOf(operation.fields)];
  return operation.kind === 'create' ? [operation.recordId, ...placesOf(operation.record)] : [operation.recordId];
};

/** @throws ProblemError 409 where an operation would bring back what a customer asked to be erased */
export async function refuseErased(query: Query, shopId: string, operation: Operation): Promise<void> {
  const ids = idsOf(operation).filter((id) => typeof id === 'string' && /^[0-9a-f-]{36}$/i.test(id));
  if ((await erasedOf(query, shopId, ids)).size > 0)
    throw conflict('The records of this customer were erased on request. Remove this change.');
}
