import { storeName } from '../shopStore';
import { idbStore } from './idbStore';
import { memoryStore } from './memoryStore';
import type { Store } from './store';

/** The phone's store; one in memory where the browser gives none (a private window, storage switched off). */
export async function openStore(): Promise<Store> {
  try {
    return await idbStore(storeName());
  } catch {
    return memoryStore();
  }
}
