import { readFileSync } from 'node:fs';
import { pino } from 'pino';
import request from 'supertest';
import { createApp } from '../app';
import { backupsBeside } from '../backup/backupsBeside';
import { besideHere } from '../beside/beside';
import type { Db } from '../db/db';
import { migrate } from '../db/migrate';
import { openPglite } from '../db/pgliteDb';
import { ensureShop } from '../shop/ensureShop';
import { ServerState } from '../health/state';
import { mailBeside } from '../mail/mailBeside';
import { resultsBeside } from '../visits/results';

/** A migrated database in memory, from the template that Jest's global set-up makes. */
export async function testDb(): Promise<Db> {
  const db = await openPglite(undefined, new Blob([readFileSync(process.env.PGLITE_TEMPLATE!)]));
  await migrate(db);
  await ensureShop(db);
  return db;
}

interface TestServerOptions {
  readonly names?: readonly string[];
  readonly plansAtOnce?: number;
}

/** The whole server on a database in memory, without listening. */
export async function testServer({ names = [], plansAtOnce }: TestServerOptions = {}) {
  const db = await testDb();
  const state = new ServerState();
  state.phase = 'ready';
  const log = pino({ level: 'silent' });
  const mail = mailBeside(db, log, 'http://127.0.0.1');
  const results = resultsBeside(db, log, undefined, mail.afterResults);
  const app = createApp({
    db,
    state,
    log,
    results,
    beside: besideHere(plansAtOnce),
    backups: backupsBeside(
      () => undefined,
      undefined,
      log,
      () => Promise.resolve({}),
    ),
    served: { host: '127.0.0.1', names },
  });
  return { db, state, results, app, http: request(app) };
}
