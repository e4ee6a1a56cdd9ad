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

/** What was taken at visits; what was put back, or corrected, does not count. @param since not before this, ISO time */
async function takenSince(query: Query, shopId: string, since: string): Promise<PartTaken[]> {
  const rows = await query<{ key: string; count: number; takenAt: string }>(
    `SELECT f.inputs->>'key' AS key, (f.inputs->>'count')::float8 AS count,
       ${moment(`(f.taken_at + coalesce(f.clock_offset_ms, 0) * interval '1 millisecond')`)} AS "takenAt"
     FROM facts f
     WHERE f.shop_id = $1 AND f.kind = 'part' AND f.taken_at > $2::timestamptz - interval '1 day'
       AND NOT EXISTS (SELECT 1 FROM facts c WHERE c.shop_id = $1 AND c.kind = 'part' AND c.replaces_id = f.id)`,
    [shopId, since],
  );
  return rows;
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
