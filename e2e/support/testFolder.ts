import { mkdtempSync, statfsSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

const MEMORY = '/dev/shm';
/** Room for the folders of two workers, their templates, and what a broken run left behind. */
const ENOUGH_BYTES = 2 ** 30;

function memoryHasRoom(): boolean {
  try {
    const { bavail, bsize } = statfsSync(MEMORY);
    return bavail * bsize > ENOUGH_BYTES;
  } catch {
    return false;
  }
}

/**
 * A new folder for the data of a test. It lies in memory where there is room: a test waits for Huff, not for the disk of a busy machine.
 * What a slow or full disk does is the matter of `npm run faults`.
 */
export const newTestFolder = (): string => mkdtempSync(path.join(memoryHasRoom() ? MEMORY : tmpdir(), 'huff-e2e-'));
