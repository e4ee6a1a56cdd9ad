import { fork } from 'node:child_process';
import { renameSync, rmSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

/** The argument that makes the server's own program create a data folder and end. */
export const CREATE_FOLDER_ARGUMENT = '--create-data-folder';

/** Makes an empty PGlite data folder in this process. Takes some seconds and, for that time, up to 900 MB. */
export async function createFolderHere(folder: string): Promise<void> {
  const { PGlite } = await import('@electric-sql/pglite');
  const db = await PGlite.create(folder);
  await db.close();
}

/**
 * Makes a data folder that does not exist yet. It is made aside and moved into place, so that a crash in the middle leaves
 * no half-made folder; and in a process of its own, so that the memory it takes is given back.
 */
export async function createFolder(folder: string): Promise<void> {
  const aside = `${folder}.new`;
  rmSync(aside, { recursive: true, force: true });
  const program = process.argv[1] ?? fileURLToPath(import.meta.url);
  const child = fork(program, [CREATE_FOLDER_ARGUMENT, aside], { stdio: ['ignore', 'ignore', 'inherit', 'ipc'] });
  const code = await new Promise<number | null>((resolve, reject) => {
    child.once('error', reject);
    child.once('exit', resolve);
  });
  if (code !== 0) throw new Error(`${folder} could not be made (exit ${code}): is the disk full or read-only?`);
  renameSync(aside, folder);
}
