import type { StopDto } from '@huff/contract';
import type { Query } from '../db/db';
import { recordsOf } from '../records/records';

/** Some days, and whose. */
export interface Days {
  readonly from: string;
  readonly to: string;
  readonly person?: string;
}

/** The stops of some days in their order. */
export async function stopsOf(query: Query, shopId: string, { from, to, person }: Days): Promise<StopDto[]> {
  const rows = await query<{ id: string }>(
    `SELECT id FROM stops WHERE shop_id = $1 AND archived_at IS NULL AND day BETWEEN $2::date AND $3::date
       AND ($4::text IS NULL OR lower(btrim(person)) = lower(btrim($4)))
     ORDER BY day, place, id`,
    [shopId, from, to, person ?? null],
  );
  const ids = rows.map(({ id }) => id);
  const byId = new Map((await recordsOf(query, 'stop', shopId, ids)).map(({ record }) => [record.id, record]));
  return ids.flatMap((id) => byId.get(id) ?? []);
}
