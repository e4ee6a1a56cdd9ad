import { useMemo, useState } from 'react';
import { useSyncStatus } from './useOutbox';

/** When the page was opened, by the server’s clock as far as this phone knows it: a list does not change while it is looked at. */
export function useOpenedAt(): Date {
  const { clockOffsetMs = 0 } = useSyncStatus();
  const [openedMs] = useState(Date.now);
  return useMemo(() => new Date(openedMs + clockOffsetMs), [openedMs, clockOffsetMs]);
}

/** A time of this phone’s clock by the server’s. @param offsetMs ms to add; what is no time stays as it is */
export function byServer(time: string, offsetMs: number): string {
  const ms = Date.parse(time) + offsetMs;
  return offsetMs === 0 || Number.isNaN(ms) ? time : new Date(ms).toISOString();
}
