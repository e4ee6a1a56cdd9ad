import { writeSync } from 'node:fs';
import { workerData } from 'node:worker_threads';

/** What the watch is told: a number that grows while the server is alive, and how long it may stand still. */
export interface Watched {
  readonly beats: SharedArrayBuffer;
  readonly checkEveryMs: number;
  /** Checks in a row without a beat. Counted, not timed: a machine that slept has not stood still. */
  readonly missesToEnd: number;
}

const { beats, checkEveryMs, missesToEnd } = workerData as Watched;
const count = new Int32Array(beats);
let last = -1;
let misses = 0;

setInterval(() => {
  const now = Atomics.load(count, 0);
  misses = now === last ? misses + 1 : 0;
  last = now;
  if (misses < missesToEnd) return;
  const seconds = Math.round((misses * checkEveryMs) / 1000);
  // The server's thread is held and can neither say nor end anything itself.
  writeSync(
    2,
    `Huff has not moved for ${seconds} s and is ended, so that it can be started again. A disk that something else filled does this: make room first. What was confirmed is stored.\n`,
  );
  process.kill(process.pid, 'SIGKILL');
}, checkEveryMs);
