import { existsSync } from 'node:fs';
import path from 'node:path';
import { createFolder, tidyAside } from './createFolder';
import { lockFolder } from './folderLock';
import { ensureUsable } from './usableFolder';

/**
 * Takes a data folder for this process, and makes it where it is missing.
 *
 * @returns gives it back
 * @throws Error in a sentence that says what to change
 */
export async function takeFolder(folder: string): Promise<() => void> {
  ensureUsable(path.dirname(folder));
  const giveBack = lockFolder(folder);
  try {
    tidyAside(folder);
    if (!existsSync(folder)) await createFolder(folder);
    return giveBack;
  } catch (error) {
    giveBack();
    throw error;
  }
}
