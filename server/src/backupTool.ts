import path from 'node:path';
import { configFrom } from './config';
import { openTaken } from './db/pgliteDb';
import { rowCounts } from './db/rowCounts';
import { takeFolder } from './db/takeFolder';
import { makeBackup, type RowCounts } from './backup/backups';
import { readBack, renew } from './backup/readBack';
import { newEpoch } from './backup/newEpoch';
import { restoreBackup } from './backup/restore';

/** Counts the rows of a folder and closes it again, in this process. */
async function count(folder: string): Promise<RowCounts> {
  const db = await openTaken(folder);
  try {
    return await rowCounts(db.query);
  } finally {
    await db.close();
  }
}

const summed = (rows: RowCounts) => Object.values(rows).reduce((sum, n) => sum + n, 0);

async function backup(): Promise<void> {
  const { dataFolder, backups } = configFrom(process.env);
  if (!backups) throw new Error('HUFF_BACKUPS is off. Set it to a folder.');
  const data = path.join(dataFolder, 'db');
  const giveBack = await takeFolder(data);
  const db = await openTaken(data);
  try {
    const made = await makeBackup({ db, ...backups, now: new Date(), readBack });
    console.log(`Backup made and read back: ${summed(made.rows)} rows in ${path.join(backups.folder, made.name)}.`);
  } finally {
    await db.close();
    giveBack();
  }
}

async function restore(from: string | undefined): Promise<void> {
  const { dataFolder, backups } = configFrom(process.env);
  const source = from ?? backups?.folder;
  if (source === undefined) throw new Error('Say which backup: npm run restore -- --from <folder>.');
  const { backup: one, before } = await restoreBackup({ from: source, dataFolder, now: new Date(), readBack, renew });
  console.log(
    `Restored the backup of ${one.madeAt}: ${summed(one.rows)} rows.${before ? ` The data of before is in ${before}.` : ''}`,
  );
}

const [, , command, folder] = process.argv;
try {
  if (command === 'count') console.log(JSON.stringify(await count(folder ?? '')));
  else if (command === 'renew') await newEpoch(folder ?? '');
  else if (command === 'backup') await backup();
  else await restore(folder);
} catch (error) {
  console.error((error as Error).message);
  process.exitCode = 1;
}
