import type { Backup } from './backups';
import { differingTables } from './backups';
import { beginAnew } from './newEpoch';
import { restoreBeside, withDatabase } from './pgDump';
import { rowCounts } from '../db/rowCounts';

/**
 * Puts a backup into a new database on the same PostgreSQL server and counts it; the one in use stays as it is.
 *
 * @param folder of the backup's database
 * @returns the name of the new database
 */
export async function restoreServer(url: string, backup: Backup, folder: string, now: Date): Promise<string> {
  const name = `huff_restored_${now.toISOString().slice(0, 19).replace(/\D/g, '')}`;
  const address = await restoreBeside(url, folder, name);
  await withDatabase(address, async (db) => {
    const differ = differingTables(backup.rows, await rowCounts(db.query));
    if (differ.length > 0)
      throw new Error(`The backup of ${backup.madeAt} is damaged: ${differ.join(', ')}. Choose another one.`);
    await db.transaction(beginAnew);
  });
  return name;
}
