import type { QueryClient } from '@tanstack/react-query';
import { keepDay } from '../openingDay';
import { wordStore } from './wordStore';

/** Deletes every answer the server gave pages: an erased name may be in any of them. Open pages ask again. */
export async function forgetWords(client: QueryClient): Promise<void> {
  keepDay([]);
  await wordStore.clear();
  await client.resetQueries({ predicate: ({ queryKey: [first] }) => first !== 'told' && first !== 'session' });
}
