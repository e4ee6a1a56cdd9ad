import type { BackupState } from '@huff/contract';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, tell } from './ask';

const KEY = ['backups'];
/** A large shop's backup takes minutes. */
const LONGEST_MS = 10 * 60_000;

/** The backups of the server this phone talks to, and one now. Without a signal nothing is known of them. */
export function useBackups() {
  const client = useQueryClient();
  const [isMaking, setMaking] = useState(false);
  const [fault, setFault] = useState<string>();
  const { data, isError } = useQuery({
    queryKey: KEY,
    queryFn: async () => (await ask<BackupState>('/api/backups'))?.body ?? null,
    retry: false,
  });
  const makeNow = async () => {
    setMaking(true);
    setFault(undefined);
    const answer = await tell('POST', '/api/backups', undefined, LONGEST_MS);
    if (!answer.ok) setFault(answer.why);
    await client.invalidateQueries({ queryKey: KEY });
    setMaking(false);
  };
  return {
    state: data ?? undefined,
    isUnknown: isError,
    isMaking: isMaking || data?.isMaking === true,
    fault,
    makeNow,
  };
}
