import { FIRST_STORE } from './spine/idbStore';

const STORE = 'huff.store';
const SHOP = 'huff.shop';

function read(key: string): string | undefined {
  try {
    return globalThis.localStorage?.getItem(key) ?? undefined;
  } catch {
    return undefined;
  }
}

/** In which store of this phone the records of the shop are that it works for. */
export const storeName = (): string => read(STORE) ?? FIRST_STORE;

/**
 * The shop that is signed in. Records of two shops never meet on a phone: each has its own store, and what one has not sent stays in it.
 *
 * @returns whether the page has to begin anew, in another store
 */
export function workFor(shopId: string): boolean {
  const before = read(SHOP);
  if (before === shopId) return false;
  try {
    globalThis.localStorage.setItem(SHOP, shopId);
    // The first shop has the store that was there before anybody signed in.
    const first = read('huff.firstShop') ?? shopId;
    globalThis.localStorage.setItem('huff.firstShop', first);
    globalThis.localStorage.setItem(STORE, first === shopId ? FIRST_STORE : `${FIRST_STORE}-${shopId}`);
  } catch {
    return false;
  }
  return before !== undefined;
}
