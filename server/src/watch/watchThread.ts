import { writeSync } from 'node:fs';
import { workerData } from 'node:worker_threads';
import { BEAT, ON_DISK, type Watched } from './watched';

const { shared, of, checkEveryMs, missesToEnd } = workerData as Watched;
const cells = new Int32Array(shared);
let last = -1;
let misses = 0;
let isTold = false;

// The watched thread is held and can neither say nor end anything itself.
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
        `The disk needed ${seconds} s for one request. Huff waits and loses nothing. Stop other programs that write to this disk.`,
      );
    isTold = true;
    return;
  }
  tell(
    of === 'database'
      ? `Huff stopped: its database did not respond for ${seconds} s. Is the disk full? Free up space and start Huff again. Saved data is safe.`
      : `Huff stopped: it did not respond for ${seconds} s. Start Huff again. Saved data is safe.`,
  );
  process.kill(process.pid, 'SIGKILL');
}, checkEveryMs);
