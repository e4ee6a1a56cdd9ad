import type { Db } from '../db/db';
import { DEMO_AUTHOR } from '../http/author';

/** The one shop and person that write until sign-in exists. */
export async function ensureShop(db: Db): Promise<void> {
  const { shopId, personId } = DEMO_AUTHOR;
  await db.query('INSERT INTO shops (id, name) VALUES ($1, $2) ON CONFLICT (id) DO NOTHING', [shopId, 'Our shop']);
  await db.query('INSERT INTO people (id, shop_id, name) VALUES ($1, $2, $3) ON CONFLICT (shop_id, id) DO NOTHING', [
    personId,
    shopId,
    'Technician',
  ]);
}
