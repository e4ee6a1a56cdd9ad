import { useMutationState } from '@tanstack/react-query';
import { SAVE } from './saved';

/** How many records of any kind wait here to be sent, refused ones among them. */
export function useWaiting(): number {
  const unsent = useMutationState({
    filters: {
      predicate: ({ state, options }) =>
        String(options.mutationKey?.[0]).startsWith(SAVE) && (state.status === 'pending' || state.status === 'error'),
    },
    select: ({ state }) => (state.variables as { readonly id: string }).id,
  });
  // Two changes of one record are one record that waits.
  return new Set(unsent).size;
}
