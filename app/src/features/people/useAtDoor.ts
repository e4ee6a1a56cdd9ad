import type { SessionState } from '@huff/contract';
import { useState } from 'react';
import { type Answered } from '../../data/ask';
import { letIn } from '../../data/session';

/** One try at the door at a time, with why it failed. What was typed stays. */
export function useAtDoor() {
  const [isBusy, setBusy] = useState(false);
  const [why, setWhy] = useState<string>();
  const attempt = async (work: () => Promise<Answered<SessionState>>, onIn: (state: SessionState) => void) => {
    setBusy(true);
    setWhy(undefined);
    const told = await work();
    if (told.ok) await letIn(told.body);
    setBusy(false);
    if (told.ok) onIn(told.body);
    else setWhy(told.why);
  };
  return { isBusy, why, attempt };
}
