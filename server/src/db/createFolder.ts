import { fork } from 'node:child_process';
import { readdirSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { syncPath, syncTree } from './syncTree';

/** The argument that makes the server's own program create a data folder and end. */
export const CREATE_FOLDER_ARGUMENT = '--create-data-folder';

/** What a folder is called while it is made. */
const ASIDE = '.new';

/**
 * Makes an empty PGlite data folder in this process. Takes some seconds and, for that time, up to 900 MB.
 *
 * @returns whether whoever asked for it is still there; what nobody waits for is taken away again
 */
export async function createFolderHere(folder: string): Promise<boolean> {
  const isWanted = () => process.send === undefined || process.connected;
  const { PGlite } = await import('@electric-sql/pglite');
  const db = await PGlite.create(folder);
  await db.close();
  if (isWanted()) {
    await syncTree(folder);
    return true;
  }
  rmSync(folder, { recursive: true, force: true });
  return false;
}

/** Takes away what earlier attempts left half made. One that still runs ends by itself, and what it writes until then goes the next time. */
export function tidyAside(folder: string): void {
  const parent = path.dirname(folder);
  const begins = `${path.basename(folder)}${ASIDE}`;
  for (const name of readdirSync(parent)) {
    if (!name.startsWith(begins)) continue;
    try {
      rmSync(path.join(parent, name), { recursive: true, force: true });
    } catch {
      // It is being written at this moment.
    }
  }
}

/**
 * Makes a data folder that does not exist yet. It is made aside, written through to the disk and moved into place, so that a crash in the
 * middle leaves no half-made folder; under a name of this attempt's own, so that nothing an earlier one still writes gets into it; and in a
 * process of its own, so that the memory it takes is given back.
 */
export async function createFolder(folder: string): Promise<void> {
  const aside = `${folder}${ASIDE}-${process.pid}-${Date.now()}`;
  const program = process.argv[1] ?? fileURLToPath(import.meta.url);
  const child = fork(program, [CREATE_FOLDER_ARGUMENT, aside], {
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    // Its many files are written through side by side.
    env: { ...process.env, UV_THREADPOOL_SIZE: '16' },
  });
  const code = await new Promise<number | null>((resolve, reject) => {
    child.once('error', reject);
    child.once('exit', resolve);
  });
  if (code !== 0) {
    tidyAside(folder);
    throw new Error(`${folder} could not be made (exit ${code}): is the disk full or read-only?`);
  }
  renameSync(aside, folder);
  syncPath(path.dirname(folder));
}
