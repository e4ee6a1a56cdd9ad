import { pino } from 'pino';
import request from 'supertest';
import { createApp } from '../app';
import { backupsBeside } from '../backup/backupsBeside';
import { besideHere } from '../beside/beside';
import type { Db } from '../db/db';
import { ServerState } from '../health/state';
import { serverJobs } from '../jobsOfServer';
import { openly, serverDbOfTest } from './testDb';

interface TestServerOptions {
  readonly names?: readonly string[];
  readonly plansAtOnce?: number;
  readonly requestsAMinute?: number;
  /** An own one when absent. */
  readonly db?: Db;
}

/** The whole server on a database for one test file, without listening. */
export async function testServer({ names = [], plansAtOnce, requestsAMinute, db: given }: TestServerOptions = {}) {
  const db = given ?? (await serverDbOfTest());
  const state = new ServerState();
  state.phase = 'ready';
  const log = pino({ level: 'silent' });
  const beside = besideHere(plansAtOnce);
  const jobs = serverJobs(db, log, beside, 'http://127.0.0.1');
  const app = createApp({
    db,
    state,
    log,
    jobs,
    beside,
    backups: backupsBeside(
      () => undefined,
      undefined,
      log,
      () => Promise.resolve({}),
    ),
    served: { host: '127.0.0.1', names },
    requestsAMinute,
  });
  return { db: openly(db), state, jobs, app, http: request(app) };
}
