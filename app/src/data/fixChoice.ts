import type { ChosenMove, RawInputs } from '@huff/core';
import { useQuery } from '@tanstack/react-query';
import { get, set } from 'idb-keyval';
import { useCallback } from 'react';
import { queryClient } from './queryClient';

/** What is toggled and typed under Fix before it is decided. */
export interface FixChoice {
  readonly chosen: readonly ChosenMove[];
  /** Inputs typed for moves, by move. */
  readonly typed: Readonly<Record<string, RawInputs>>;
  readonly speedFirst: boolean;
}

const NOTHING: FixChoice = { chosen: [], typed: {}, speedFirst: false };

/** The moves weighed at a visit. Kept on the phone, so that a reload loses nothing. */
export function useFixChoice(visitId: string): [FixChoice, (choice: FixChoice) => void] {
  const key = `huff-fix-${visitId}`;
  const { data } = useQuery<FixChoice>({
    queryKey: ['fix-choice', visitId],
    queryFn: async () => (await get<FixChoice>(key)) ?? NOTHING,
    networkMode: 'always',
    staleTime: Infinity,
    structuralSharing: false,
  });
  const keep = useCallback(
    (choice: FixChoice) => {
      queryClient.setQueryData(['fix-choice', visitId], choice);
      void set(key, choice);
    },
    [key, visitId],
  );
  return [data ?? NOTHING, keep];
}
