import type { QueryClient } from '@tanstack/react-query';
import { keepDay } from '../openingDay';
import { wordStore } from './wordStore';

/** Lets go of everything pages were told by the server: a name that was erased may stand in any of it. What is open asks anew. */
export async function forgetWords(client: QueryClient): Promise<void> {
  keepDay([]);
  await wordStore.clear();
  await client.resetQueries({ predicate: ({ queryKey: [first] }) => first !== 'told' && first !== 'session' });
}
