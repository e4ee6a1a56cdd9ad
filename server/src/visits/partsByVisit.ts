import type { Query } from '../db/db';
import { offsetToKeep } from '../records/sender';

/** 6,500 years in ms. A clock that is off by more would bring a time of ours to before the first one the database knows. */
const MOST_OFFSET_MS = 205_000_000_000_000;

/** In the order they were taken, whatever the clock of the phone said. */
export const BY_TIME = `taken_at + least(greatest(coalesce(clock_offset_ms, 0), -${MOST_OFFSET_MS}), ${MOST_OFFSET_MS})
  * interval '1 millisecond', received_at, id`;

/** A kind of thing that is added to visits, as it stands in its table. */
export interface PartTable {
  readonly table: 'readings' | 'facts' | 'photos';
  /** Its fields as they are told, each with the SQL that gives it. */
  readonly fields: Readonly<Record<string, string>>;
  /** In which order they stand. */
  readonly order: string;
}

/**
 * What was added to visits, by visit. The database makes the records itself, one value a visit: taking them apart row by row and cell by
 * cell costs several times as much.
 *
 * @param after only what was added since this revision
 */
export async function partsByVisit<T>(
  query: Query,
  { table, fields, order }: PartTable,
  shopId: string,
  visitIds: readonly string[],
  after: number,
): Promise<Map<string, T[]>> {
  const byVisit = new Map<string, T[]>(visitIds.map((id) => [id, []]));
  if (visitIds.length === 0) return byVisit;
  const built = Object.entries(fields).map(([name, sql]) => `'${name}', ${sql}`);
  const rows = await query<{ visitId: string; parts: string }>(
    `SELECT visit_id AS "visitId", json_agg(json_build_object(${built.join(', ')}) ORDER BY ${order})::text AS parts
     FROM ${table} WHERE shop_id = $1 AND visit_id = ANY ($2::uuid[]) AND revision > $3 GROUP BY visit_id`,
    [shopId, visitIds, after],
  );
  for (const { visitId, parts } of rows) byVisit.set(visitId, JSON.parse(parts) as T[]);
  return byVisit;
}

/** Something with how far the clock it was taken by is off, ms. */
export interface WithOffset {
  readonly clockOffsetMs?: number;
}

/** As it is written: an offset that is worth telling, or none. */
export const withOffset = <T extends WithOffset>(part: T) => ({
  ...part,
  clockOffsetMs: offsetToKeep(part.clockOffsetMs ?? 0),
});

/** Which ids of some parts are here. */
export async function idsHere(
  query: Query,
  table: PartTable['table'],
  shopId: string,
  parts: readonly { readonly id: string }[],
): Promise<ReadonlySet<string>> {
  if (parts.length === 0) return new Set();
  const rows = await query<{ id: string }>(`SELECT id FROM ${table} WHERE shop_id = $1 AND id = ANY ($2::uuid[])`, [
    shopId,
    parts.map(({ id }) => id),
  ]);
  return new Set(rows.map(({ id }) => id));
}
