import { closeSync, fsyncSync, openSync, readdirSync } from 'node:fs';
import path from 'node:path';

/** Writes a file, or a folder's list of what is in it, through to the disk. */
export function syncPath(file: string): void {
  const fd = openSync(file, 'r');
  try {
    fsyncSync(fd);
  } catch (error) {
    // Not every system can do that with a folder.
    if ((error as NodeJS.ErrnoException).code !== 'EISDIR' && process.platform !== 'win32') throw error;
  } finally {
    closeSync(fd);
  }
}

/** Writes a folder and everything in it through to the disk. */
export function syncTree(folder: string): void {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const inner = path.join(folder, entry.name);
    if (entry.isDirectory()) syncTree(inner);
    else if (entry.isFile()) syncPath(inner);
  }
  syncPath(folder);
}
