// Makes the databases that tests start from: migrated, with the first shop. Once for all of them, in place of once for each.
// First argument: where the embedded one goes, as a tar; or the address of a database on a PostgreSQL server.
import { renameSync, writeFileSync } from 'node:fs';
import type { Db } from '../db/db';
import { migrate } from '../db/migrate';
import { dbOn, startPglite } from '../db/pgliteDb';
import { openServerDb } from '../db/serverDb';
import { acrossShops } from '../db/shopFence';
import { ensureShop } from '../shop/ensureShop';

const fill = (db: Db): Promise<void> =>
  acrossShops(async () => {
    await migrate(db);
    await ensureShop(db);
  });

async function makeTar(file: string): Promise<void> {
  const pglite = await startPglite();
  await fill(dbOn(pglite));
  const tar = await pglite.dumpDataDir('none');
  await pglite.close();
  // Renamed when complete: a reader finds all of it or nothing.
  writeFileSync(`${file}.${process.pid}`, Buffer.from(await tar.arrayBuffer()));
  renameSync(`${file}.${process.pid}`, file);
}

async function fillServer(address: string): Promise<void> {
  const db = await openServerDb(address, { connections: 2 });
  await fill(db);
  await db.close();
}

const target = process.argv[2]!;
await (target.startsWith('postgres') ? fillServer(target) : makeTar(target));
