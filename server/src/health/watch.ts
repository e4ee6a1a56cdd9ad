import { Worker } from 'node:worker_threads';
import type { Watched } from './watchThread';

const THREAD = new URL('./watchThread.mjs', import.meta.url);

/**
 * Watches the server's own thread from another one. The embedded database runs in it and tries for ever when its disk is full to the
 * last byte: then no address answers and no signal is heard. Half a minute without a beat ends the process, with a sentence; whoever runs it
 * starts it again. A kill loses nothing that was confirmed.
 *
 * @param within how long it may stand still, ms
 * @returns ends the watch
 */
export function watchThisThread(within = 30_000): () => void {
  // From its sources it runs for a developer, who may halt it in a debugger.
  if (import.meta.url.endsWith('.ts')) return () => undefined;
  const beats = new SharedArrayBuffer(4);
  const count = new Int32Array(beats);
  const checkEveryMs = Math.min(1000, within / 10);
  const watched: Watched = { beats, checkEveryMs, missesToEnd: Math.round(within / checkEveryMs) };
  const thread = new Worker(THREAD, { workerData: watched });
  thread.unref();
  const beating = setInterval(() => Atomics.add(count, 0, 1), checkEveryMs / 2);
  return () => {
    clearInterval(beating);
    void thread.terminate();
  };
}
