import { plainShop } from '@huff/contract/fix';
import { randomUUID } from 'node:crypto';
import type { Db, Query } from '../db/db';
import { DEMO_AUTHOR, type Author } from '../http/author';
import { recordOf, writeRecord } from '../records/records';
import { nextRevision } from '../records/revision';

interface NewShop {
  readonly author: Author;
  readonly name: string;
  readonly ownerName: string;
}

/** Makes a shop with its owner and its figures, which are a record from the first day, so that phones are told of it. What is there stays. */
async function makeIn(query: Query, { author, name, ownerName }: NewShop): Promise<void> {
  const { shopId, personId } = author;
  await query('INSERT INTO shops (id, name) VALUES ($1, $2) ON CONFLICT (id) DO NOTHING', [shopId, name]);
  await query(
    `INSERT INTO people (id, shop_id, name, role) VALUES ($1, $2, $3, 'owner')
     ON CONFLICT (shop_id, id) DO NOTHING`,
    [personId, shopId, ownerName],
  );
  if ((await recordOf(query, 'shop', shopId, shopId))!.revision > 0) return;
  await writeRecord(query, 'shop', author, plainShop(shopId), await nextRevision(query, shopId));
}

/** The first shop of a server and its owner. */
export const ensureShop = (db: Db): Promise<void> =>
  db.transaction((query) => makeIn(query, { author: DEMO_AUTHOR, name: 'Our shop', ownerName: 'Technician' }));

/** Another shop on the same server. @returns its owner */
export async function addShop(db: Db, name: string, ownerName: string): Promise<Author> {
  const author: Author = { shopId: randomUUID(), personId: randomUUID(), role: 'owner' };
  await db.transaction((query) => makeIn(query, { author, name, ownerName }));
  return author;
}
