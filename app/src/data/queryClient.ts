import { QueryClient } from '@tanstack/react-query';

/** Queries read the phone's own store, which is always there; what asks the server says so itself. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      networkMode: 'always',
      staleTime: Infinity,
      gcTime: 10 * 60_000,
      retry: false,
      structuralSharing: false,
    },
  },
});
