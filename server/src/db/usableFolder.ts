import { chmodSync, mkdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { freeBytes, LEAST_FREE_BYTES } from './room';

const WHY: Readonly<Record<string, string>> = {
  EROFS: 'its disk is read-only',
  EACCES: 'this program may not write there',
  EPERM: 'this program may not write there',
  ENOTDIR: 'a part of its path is a file',
  EEXIST: 'a part of its path is a file',
  ENOSPC: 'its disk is full',
  ENOENT: 'a part of its path cannot be made',
};

/** What a group and all others may do. */
const OTHERS = 0o077;

const inMB = (bytes: number) => `${Math.floor(bytes / 1e6)} MB`;

/**
 * Makes a data folder where it is missing, and tries whether it can be used.
 *
 * @throws Error in one plain sentence that says what to change
 */
export function ensureUsable(folder: string): void {
  const probe = path.join(folder, `.probe-${process.pid}`);
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    // Customers' data is for whoever runs Huff: nobody else reads a folder that was there before.
    if (process.platform !== 'win32' && (statSync(folder).mode & OTHERS) !== 0) chmodSync(folder, 0o700);
    writeFileSync(probe, 'x');
    rmSync(probe);
  } catch (error) {
    const { code = '', message } = error as NodeJS.ErrnoException;
    throw new Error(
      `${folder} cannot be written: ${WHY[code] ?? message}. Fix that, or set HUFF_DATA to another folder.`,
    );
  }
  const free = freeBytes(folder);
  if (free < LEAST_FREE_BYTES)
    throw new Error(
      `The disk of ${folder} has ${inMB(free)} free and Huff needs at least ${inMB(LEAST_FREE_BYTES)}. Free up space, then start it again.`,
    );
}
