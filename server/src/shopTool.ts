import path from 'node:path';
import { configFrom } from './config';
import type { Db } from './db/db';
import { migrate } from './db/migrate';
import { openPglite } from './db/pgliteDb';
import { openServerDb } from './db/serverDb';
import { acrossShops } from './db/shopFence';
import { makeCode } from './people/entryCodes';
import { makeReachable } from './reach/reachable';
import { addShop } from './shop/ensureShop';

const open = (database: string | undefined, dataFolder: string): Promise<Db> =>
  database
    ? openServerDb(database, { applicationName: 'huff shop', connections: 2 })
    : openPglite(path.join(dataFolder, 'db'));

/** Makes another shop on the same server, and a code that lets its owner in. */
async function run(name: string, owner: string): Promise<void> {
  const config = configFrom(process.env);
  const { served } = await makeReachable(config);
  const db = await open(config.database, config.dataFolder);
  try {
    const { code, expiresAt } = await acrossShops(async () => {
      await migrate(db);
      const author = await addShop(db, name, owner);
      return db.transaction((query) => makeCode(query, author, author.personId, 'invitation'));
    });
    console.log(`${name} is made. ${owner} comes in with the code ${code}, once, until ${expiresAt.slice(0, 10)}:`);
    console.log(`${served.address ?? `http://127.0.0.1:${config.port}`}/join#${code}`);
  } finally {
    await db.close();
  }
}

const [, , name = '', owner = ''] = process.argv;
try {
  await run(name, owner);
} catch (error) {
  console.error((error as Error).message);
  process.exitCode = 1;
}
