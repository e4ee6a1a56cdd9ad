import type { ShopDto } from '@huff/contract/fix';
import { stockOf } from '@huff/contract/fix';
import { leftOf, type PartTaken, type StockedPart } from '@huff/core/call';
import type { Query } from '../db/db';
import { moment } from '../db/moment';
import { recordOf } from '../records/records';

/** A part of the shop's lists with what is left of it on the truck; `left` is absent while nobody counted. */
export interface StockLine extends StockedPart {
  readonly left?: number;
}

const AT = "(f.taken_at + coalesce(f.clock_offset_ms, 0) * interval '1 millisecond')";

/**
 * What was taken at visits, and what went back, by the server's clock: a correction puts back what it corrects, at its own time. So a part that is put
 * back after the truck was counted stands on the truck again, and one that was taken before the count is not taken twice.
 *
 * @param since not before this, ISO time
 */
async function takenSince(query: Query, shopId: string, since: string): Promise<PartTaken[]> {
  const rows = await query<{ key: string; count: number; fromKey: string | null; fromCount: number; takenAt: string }>(
    `SELECT f.inputs->>'key' AS key, (f.inputs->>'count')::float8 AS count, p.inputs->>'key' AS "fromKey",
       (p.inputs->>'count')::float8 AS "fromCount", ${moment(AT)} AS "takenAt"
     FROM facts f LEFT JOIN facts p ON p.shop_id = $1 AND p.kind = 'part' AND p.id = f.replaces_id
       -- Corrected twice, by two phones: what was corrected goes back once.
       AND NOT EXISTS (SELECT 1 FROM facts o WHERE o.shop_id = $1 AND o.kind = 'part' AND o.replaces_id = p.id
         AND (o.revision, o.id) < (f.revision, f.id))
     WHERE f.shop_id = $1 AND f.kind = 'part' AND (f.taken_at > $2::timestamptz OR f.clock_offset_ms IS NOT NULL) AND ${AT} > $2::timestamptz`,
    [shopId, since],
  );
  return rows.flatMap(({ key, count, fromKey, fromCount, takenAt }): PartTaken[] => [
    { key, count, takenAt },
    ...(fromKey === null ? [] : [{ key: fromKey, count: -fromCount, takenAt }]),
  ]);
}

/** The shop's parts, and what was taken since the earliest count. */
export async function shopStock(
  query: Query,
  shopId: string,
): Promise<{ readonly shop: ShopDto; readonly stock: readonly StockedPart[]; readonly taken: readonly PartTaken[] }> {
  const shop = (await recordOf(query, 'shop', shopId, shopId))!.record;
  const stock = stockOf(shop);
  const counts = stock.flatMap(({ count }) => count?.countedAt ?? []).sort();
  return { shop, stock, taken: counts[0] === undefined ? [] : await takenSince(query, shopId, counts[0]) };
}

/** Every part with what is left of it. */
export async function stockLines(query: Query, shopId: string): Promise<StockLine[]> {
  const { stock, taken } = await shopStock(query, shopId);
  return stock.map((part) => {
    const left = leftOf(
      part.count,
      taken.filter(({ key }) => key === part.key),
    );
    return { ...part, ...(left === undefined ? {} : { left }) };
  });
}
