const NAME = 'huff-sender';

/**
 * Runs `work` in one tab at a time: it begins when no other tab of this phone does it, and another takes over when this one is closed.
 * Without Web Locks (an address without HTTPS) each tab sends: the server does each operation once all the same.
 *
 * @param work runs until its signal is given
 */
export function oneSender(work: (over: AbortSignal) => Promise<void>): () => void {
  const over = new AbortController();
  if (typeof navigator !== 'undefined' && navigator.locks) {
    navigator.locks.request(NAME, { signal: over.signal }, () => work(over.signal)).catch(() => undefined);
  } else void work(over.signal);
  return () => over.abort();
}
