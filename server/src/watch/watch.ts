import { Worker } from 'node:worker_threads';
import { BEAT, ON_DISK, WATCHED_BYTES, type Watched, type WatchedThread, type WhileDisk } from './watched';

/** A request of the disk that took so long shows that it is at work. */
const SLOW_MS = 20;

const THREAD = new URL('./watchThread.mjs', import.meta.url);

/** The watch over the server's thread. */
export interface Watch {
  /** Asks something of the disk, told to the watch: a disk that takes long is slow and not stuck. */
  readonly whileDisk: WhileDisk;
  readonly end: () => void;
}

/**
 * Watches a thread from another one. The embedded database tries for ever when its disk is full to the last byte: then no request of the
 * database is answered. Half a minute in which nothing moves ends the process, with a sentence; whoever
 * runs it starts it again. A kill loses nothing that was confirmed. A disk that is slow to write through is told and waited for: a kill would
 * not make it faster.
 *
 * @param within how long it may stand still, ms
 */
export function watchThisThread(of: WatchedThread, within = 30_000): Watch {
  // From its sources it runs for a developer, who may halt it in a debugger.
  if (import.meta.url.endsWith('.ts')) return { whileDisk: (work) => work(), end: () => undefined };
  const shared = new SharedArrayBuffer(WATCHED_BYTES);
  const cells = new Int32Array(shared);
  const beat = () => Atomics.add(cells, BEAT, 1);
  const checkEveryMs = Math.min(1000, within / 10);
  const watched: Watched = { shared, of, checkEveryMs, missesToEnd: Math.round(within / checkEveryMs) };
  const thread = new Worker(THREAD, { workerData: watched });
  thread.unref();
  const beating = setInterval(beat, checkEveryMs / 2);
  return {
    whileDisk: (work) => {
      const from = performance.now();
      Atomics.add(cells, ON_DISK, 1);
      try {
        return work();
      } finally {
        Atomics.sub(cells, ON_DISK, 1);
        // What the disk does at once is no sign of life: a full one refuses at once, for ever.
        if (performance.now() - from > SLOW_MS) beat();
      }
    },
    end: () => {
      clearInterval(beating);
      void thread.terminate();
    },
  };
}
