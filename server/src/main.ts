import './smallHeap';
import 'reflect-metadata';
import path from 'node:path';
import { pino } from 'pino';
import { createApp } from './app';
import { besideThread } from './beside/beside';
import type { CopiedDb } from './backup/backups';
import { backupsBeside } from './backup/backupsBeside';
import { readBack } from './backup/readBack';
import { configFrom } from './config';
import { CREATE_FOLDER_ARGUMENT, createFolderHere } from './db/createFolder';
import { LateDb } from './db/lateDb';
import { migrate } from './db/migrate';
import { acrossShops } from './db/shopFence';
import type { openPglite as OpenPglite } from './db/pgliteDb';
import { openDbThread } from './db/threadDb';
import { loadDemo } from './demo/loadDemo';
import { serverMetrics } from './metrics/metrics';
import { makeReachable } from './reach/reachable';
import { listeners } from './reach/listeners';
import { freeJobs } from './jobs/jobs';
import { serverJobs } from './jobsOfServer';
import { askForReminders } from './mail/mailDoers';
import { ensureShop } from './shop/ensureShop';
import { ServerState } from './health/state';
import { watchThisThread } from './watch/watch';
import { askForAllVisits } from './visits/results';

type OpenHere = typeof OpenPglite;

/** After this long, connections that are still busy are cut. */
const STOP_WITHIN_MS = 8000;
/** After this long it ends what still runs: what was confirmed is on the disk. */
const END_WITHIN_MS = 60_000;

async function serve(): Promise<void> {
  // What is written holds customers' addresses: no other account of this machine reads it.
  process.umask(0o077);
  const config = configFrom(process.env, process.argv);
  const log = pino({ level: config.logLevel });
  const state = new ServerState();
  watchThisThread('server');
  const late = new LateDb();
  const metrics = serverMetrics();
  const db = metrics.timed(late);
  metrics.watchJobs(db);
  const beside = besideThread();
  const { served, certificate } = await makeReachable(config);
  const origin = served.address ?? `http://${config.host}:${config.port}`;
  const jobs = serverJobs(db, log, beside, origin, () => state.phase !== 'ready');
  let copied: CopiedDb | undefined;
  let read = readBack;
  const backups = backupsBeside(
    () => copied,
    config.backups,
    log,
    (folder) => read(folder),
  );
  const { webFolder, metricsToken } = config;
  const app = createApp({ db, state, log, jobs, beside, backups, served, metrics, metricsToken, webFolder });
  const { servers, listen } = listeners({ config, served, certificate, app });

  const openDatabase = async () => {
    if (config.database) {
      const { openServerDb } = await import('./db/serverDb');
      const { dumpedDb, readDump } = await import('./backup/pgDump');
      const onTrouble = (error: Error) => log.warn({ err: error }, 'a connection to the database broke');
      const server = await openServerDb(config.database, { onTrouble });
      copied = dumpedDb(config.database, server);
      read = readDump(config.database);
      return late.open(server);
    }
    const folder = path.join(config.dataFolder, 'db');
    // From its sources (for developers) there is no thread's program beside this one.
    if (import.meta.url.endsWith('.ts')) {
      // By a name that no bundler follows: the built server must not load the database twice.
      const here = new URL('./db/pgliteDb.ts', import.meta.url).href;
      const { openPglite } = (await import(here)) as { readonly openPglite: OpenHere };
      return late.open(await openPglite(folder));
    }
    const thread = await openDbThread(folder, (why) => {
      log.fatal(why);
      console.error(`${why} Saved data is safe. Start Huff again.`);
      void stop(1);
    });
    state.waitingMs = thread.waitingMs;
    copied = thread;
    late.open(thread);
  };
  const opening = (async () => {
    await openDatabase();
    // Of several servers that start at once, one brings the database up to date.
    await acrossShops(() =>
      db.alone('start', async () => {
        await migrate(db);
        await ensureShop(db);
        if (config.demo) await loadDemo(db, new Date());
        if (!config.database) await freeJobs(db.query);
        await askForAllVisits(db.query);
        await askForReminders(db.query);
      }),
    );
    if (state.phase === 'starting') state.phase = 'ready';
    backups.start();
    jobs.start();
  })();

  let stopping: Promise<void> | undefined;
  const stop = (code: number) =>
    (stopping ??= (async () => {
      state.phase = code === 0 ? 'stopping' : 'failed';
      const cutOff = () => {
        log.error('what still ran was cut off');
        process.exit(code);
      };
      // The process ends by itself below: this waits only for what hangs.
      setTimeout(cutOff, END_WITHIN_MS);
      jobs.stop();
      backups.stop();
      const closed = Promise.all(servers.map((server) => new Promise((resolve) => server.close(resolve))));
      for (const server of servers) server.closeIdleConnections();
      const cut = setTimeout(() => servers.forEach((server) => server.closeAllConnections()), STOP_WITHIN_MS);
      await Promise.allSettled([closed, opening]);
      clearTimeout(cut);
      await jobs.settled();
      await backups.settled();
      await beside.close();
      await db.close();
      process.exit(code);
    })());
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.on(signal, () => void stop(0));

  listen((why) => {
    console.error(why);
    void stop(1);
  });
  try {
    await opening;
    console.log('Huff is ready.');
  } catch (error) {
    console.error(`Huff cannot open its data. ${(error as Error).message}`);
    void stop(1);
  }
}

const create = process.argv.indexOf(CREATE_FOLDER_ARGUMENT);
if (create > 0) process.exitCode = (await createFolderHere(process.argv[create + 1] ?? '')) ? 0 : 1;
else await serve();
