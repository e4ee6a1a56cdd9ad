import type { Query } from '../db/db';

/** Marks a visit as changed by what was added to it. A visit that is not here yet is counted when it is made. */
export async function countAdded(
  query: Query,
  shopId: string,
  visitId: string,
  revision: number,
  added: { readonly readings?: number; readonly facts?: number },
): Promise<void> {
  await query(
    `UPDATE visits SET revision = $3, reading_count = reading_count + $4, fact_count = fact_count + $5
     WHERE shop_id = $1 AND id = $2`,
    [shopId, visitId, revision, added.readings ?? 0, added.facts ?? 0],
  );
}

/** Counts what came before its visit was made. */
export async function countEarly(query: Query, shopId: string, visitId: string): Promise<void> {
  await query(
    `UPDATE visits SET
       reading_count = (SELECT count(*) FROM readings WHERE shop_id = $1 AND visit_id = $2),
       fact_count = (SELECT count(*) FROM facts WHERE shop_id = $1 AND visit_id = $2)
     WHERE shop_id = $1 AND id = $2`,
    [shopId, visitId],
  );
}
