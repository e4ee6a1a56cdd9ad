import { closeSync, fsyncSync, openSync, readdirSync } from 'node:fs';
import { open } from 'node:fs/promises';
import path from 'node:path';

/** Not every system can write a folder's list through. */
function tolerate(error: unknown): void {
  if ((error as NodeJS.ErrnoException).code !== 'EISDIR' && process.platform !== 'win32') throw error;
}

/** Writes a file, or a folder's list of what is in it, through to the disk. */
export function syncPath(file: string): void {
  const fd = openSync(file, 'r');
  try {
    fsyncSync(fd);
  } catch (error) {
    tolerate(error);
  } finally {
    closeSync(fd);
  }
}

/** How many files are written through at once: the disk's journal stores them together, one by one each waits for the next turn. */
const AT_ONCE = 16;

/** Everything in a folder, the inner before what holds it. */
const within = (folder: string): string[] => [
  ...readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const inner = path.join(folder, entry.name);
    return entry.isDirectory() ? within(inner) : entry.isFile() ? [inner] : [];
  }),
  folder,
];

/** Writes a folder and everything in it through to the disk. */
export async function syncTree(folder: string): Promise<void> {
  const waiting = within(folder);
  const syncOn = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) {
      const file = await open(next, 'r');
      try {
        await file.sync();
      } catch (error) {
        tolerate(error);
      } finally {
        await file.close();
      }
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, syncOn));
}
