import { cpSync, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { lockFolder } from '../db/folderLock';
import { syncPath, syncTree } from '../db/syncTree';
import { ensureUsable } from '../db/usableFolder';
import { backupsIn, databaseIn, differingTables, type Backup, type RowCounts } from './backups';

interface Restoring {
  /** The folder of a backup, or one that holds backups: then the newest. */
  readonly from: string;
  /** Where Huff keeps its data. */
  readonly dataFolder: string;
  readonly now: Date;
  readonly readBack: (folder: string) => Promise<RowCounts>;
  /** Begins another life of the data: phones notice by it that what they were told may be gone. */
  readonly renew: (folder: string) => Promise<void>;
}

/** What was restored, and where the data of before is. */
export interface Restored {
  readonly backup: Backup;
  readonly before?: string;
}

/** The backup that a folder is, or the newest of those in it. */
export function chosen(from: string): { readonly folder: string; readonly backup: Backup } | undefined {
  const itself = backupsIn(path.dirname(from)).find(({ name }) => name === path.basename(from));
  if (itself) return { folder: from, backup: itself };
  const [newest] = backupsIn(from);
  return newest && { folder: path.join(from, newest.name), backup: newest };
}

/**
 * Puts a backup in the place of the data. It is copied aside and read back first; the data of before is kept beside it. Huff must be stopped.
 *
 * @throws Error in a sentence where it cannot be done; the data is as it was then
 */
export async function restoreBackup({ from, dataFolder, now, readBack, renew }: Restoring): Promise<Restored> {
  const found = chosen(path.resolve(from));
  if (!found) throw new Error(`${from} holds no good backup. Choose a folder with backup.json in it.`);
  const { folder, backup } = found;
  ensureUsable(dataFolder);
  const data = path.join(dataFolder, 'db');
  const giveBack = lockFolder(data);
  const stamp = now.toISOString().slice(0, 19).replace(/:/g, '-');
  const aside = `${data}.restore-${stamp}`;
  try {
    mkdirSync(aside, { mode: 0o700 });
    cpSync(databaseIn(folder), aside, { recursive: true });
    const differ = differingTables(backup.rows, await readBack(aside));
    if (differ.length > 0)
      throw new Error(`The backup of ${backup.madeAt} is damaged: ${differ.join(', ')}. Choose another one.`);
    await renew(aside);
    await syncTree(aside);
    const before = existsSync(data) ? `${data}.before-${stamp}` : undefined;
    if (before) renameSync(data, before);
    renameSync(aside, data);
    syncPath(dataFolder);
    return { backup, ...(before && { before }) };
  } catch (error) {
    rmSync(aside, { recursive: true, force: true });
    throw error;
  } finally {
    giveBack();
  }
}
