import { AsyncLocalStorage } from 'node:async_hooks';
import type { Query } from './db';

/** What the fence of the database lets through for work of all shops: migrations, the queue, counts. */
const EVERY_SHOP = 'every';

const now = new AsyncLocalStorage<string>();
/** Only a PostgreSQL server has the fence; following every promise for it costs the embedded database a third of its requests. */
let isFenced = false;

/** From now on it is followed whose rows may be seen. */
export const raiseFence = (): void => void (isFenced = true);

/**
 * Does something for one shop: on a PostgreSQL server the rows of every other shop are neither read nor written meanwhile, whatever the
 * statement says (row-level security, migration 0017).
 */
export const inShop = <T>(shopId: string, work: () => T): T => (isFenced ? now.run(shopId, work) : work());

/** Does something of the server itself, for all shops. */
export const acrossShops = <T>(work: () => T): T => (isFenced ? now.run(EVERY_SHOP, work) : work());

/** The same query for one shop, no matter who calls it: a stream is read outside of any context. */
export const queryInShop =
  (query: Query, shopId: string): Query =>
  (sql, params) =>
    inShop(shopId, () => query(sql, params));

/** Whose rows may be seen now; blank is nobody's. */
export const shopSeen = (): string => now.getStore() ?? '';
