import type { Db } from '../db/db';
import { plainShop } from '@huff/contract/fix';
import { DEMO_AUTHOR } from '../http/author';
import { recordOf, writeRecord } from '../records/records';
import { nextRevision } from '../records/revision';

/** The one shop and person that write until sign-in exists. */
export async function ensureShop(db: Db): Promise<void> {
  const { shopId, personId } = DEMO_AUTHOR;
  await db.query('INSERT INTO shops (id, name) VALUES ($1, $2) ON CONFLICT (id) DO NOTHING', [shopId, 'Our shop']);
  await db.query('INSERT INTO people (id, shop_id, name) VALUES ($1, $2, $3) ON CONFLICT (shop_id, id) DO NOTHING', [
    personId,
    shopId,
    'Technician',
  ]);
  await db.transaction(async (query) => {
    if ((await recordOf(query, 'shop', shopId, shopId))!.revision > 0) return;
    // Its figures are a record from the first day, so that phones are told of it.
    await writeRecord(query, 'shop', DEMO_AUTHOR, plainShop(shopId), await nextRevision(query, shopId));
  });
}
