import { writeSync } from 'node:fs';
import { workerData } from 'node:worker_threads';
import { BEAT, ON_DISK, type Watched } from './watched';

const { shared, checkEveryMs, missesToEnd } = workerData as Watched;
const cells = new Int32Array(shared);
let last = -1;
let misses = 0;
let isTold = false;

// The server's thread is held and can neither say nor end anything itself.
const tell = (sentence: string) => writeSync(2, `${sentence}\n`);

setInterval(() => {
  const now = Atomics.load(cells, BEAT);
  misses = now === last ? misses + 1 : 0;
  last = now;
  if (misses === 0) isTold = false;
  if (misses < missesToEnd) return;
  const seconds = Math.round((misses * checkEveryMs) / 1000);
  if (Atomics.load(cells, ON_DISK) > 0) {
    if (!isTold)
      tell(
        `The disk has taken ${seconds} s for one request. Huff waits for it and loses nothing. End what else writes to this disk.`,
      );
    isTold = true;
    return;
  }
  tell(
    `Huff has not moved for ${seconds} s and is ended, so that it can be started again. A disk that something else filled does this: make room first. What was confirmed is stored.`,
  );
  process.kill(process.pid, 'SIGKILL');
}, checkEveryMs);
