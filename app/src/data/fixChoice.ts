import type { ChosenMove, RawInputs } from '@huff/core';
import { useQuery } from '@tanstack/react-query';
import { useCallback } from 'react';
import { queryClient } from './queryClient';
import { spine } from './theSpine';

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
  const { data } = useQuery<FixChoice>({
    queryKey: ['fix-choice', visitId],
    queryFn: async () => (await (await spine().store).meta<FixChoice>(`fix/${visitId}`)) ?? NOTHING,
  });
  const keep = useCallback(
    (choice: FixChoice) => {
      queryClient.setQueryData(['fix-choice', visitId], choice);
      spine().note(`fix/${visitId}`, choice);
    },
    [visitId],
  );
  return [data ?? NOTHING, keep];
}
