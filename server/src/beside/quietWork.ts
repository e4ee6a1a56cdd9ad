import 'reflect-metadata';
import { readlinkSync } from 'node:fs';
import { constants, setPriority } from 'node:os';

/** Of this thread alone, where the system can: on Linux each has its own number. */
function yieldToOthers(): void {
  try {
    setPriority(Number(/\d+$/.exec(readlinkSync('/proc/thread-self'))?.[0]), constants.priority.PRIORITY_BELOW_NORMAL);
  } catch {
    // Elsewhere it runs as all others do.
  }
}

yieldToOthers();

export { judgeVisit } from '../visits/judgeVisit';
