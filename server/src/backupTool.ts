import path from 'node:path';
import { configFrom } from './config';
import { openTaken } from './db/pgliteDb';
import { rowCounts } from './db/rowCounts';
import { takeFolder } from './db/takeFolder';
import { databaseIn, makeBackup, type Backup, type RowCounts } from './backup/backups';
import { dumpedDb, readDump } from './backup/pgDump';
import { restoreServer } from './backup/restoreServer';
import { readBack, renew } from './backup/readBack';
import { newEpoch } from './backup/newEpoch';
import { chosen, restoreBackup } from './backup/restore';
import { openServerDb } from './db/serverDb';

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

const tell = ({ rows, name }: Backup, folder: string) =>
  console.log(`Backup made and read back: ${summed(rows)} rows in ${path.join(folder, name)}.`);

async function backup(): Promise<void> {
  const { dataFolder, backups, database } = configFrom(process.env);
  if (!backups) throw new Error('HUFF_BACKUPS is off. Set it to a folder.');
  if (database) {
    const server = await openServerDb(database, { connections: 2, applicationName: 'huff backup' });
    try {
      const db = dumpedDb(database, server);
      tell(await makeBackup({ db, ...backups, now: new Date(), readBack: readDump(database) }), backups.folder);
    } finally {
      await server.close();
    }
    return;
  }
  const data = path.join(dataFolder, 'db');
  const giveBack = await takeFolder(data);
  const db = await openTaken(data);
  try {
    tell(await makeBackup({ db, ...backups, now: new Date(), readBack }), backups.folder);
  } finally {
    await db.close();
    giveBack();
  }
}

async function restore(from: string | undefined): Promise<void> {
  const { dataFolder, backups, database } = configFrom(process.env);
  const source = from ?? backups?.folder;
  if (source === undefined) throw new Error('Say which backup: npm run restore -- --from <folder>.');
  if (database) {
    const found = chosen(path.resolve(source));
    if (!found) throw new Error(`${source} holds no good backup. Choose a folder with backup.json in it.`);
    const name = await restoreServer(database, found.backup, databaseIn(found.folder), new Date());
    console.log(
      `Restored the backup of ${found.backup.madeAt} into a new database, "${name}": ${summed(found.backup.rows)} rows. ` +
        'Set DATABASE_URL to it and start Huff. The database of before is as it was.',
    );
    return;
  }
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
