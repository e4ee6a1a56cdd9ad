import 'reflect-metadata';
import compression from 'compression';
import express, { type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import type { BackupsBeside } from './backup/backupsBeside';
import { backupRoutes } from './backup/routes';
import { bridgeHub } from './bridge/hub';
import { bridgeRoutes } from './bridge/routes';
import { bundleRoutes, siteBundleRoutes } from './bundle/routes';
import type { Beside } from './beside/beside';
import type { Db } from './db/db';
import { loadRoutes, refrigerantRoutes, stockRoutes } from './days/routes';
import { dueRoutes } from './due/routes';
import { health, live, ready, whenReady } from './health/health';
import type { ServerState } from './health/state';
import { freshAnswers, printableAddress } from './http/address';
import { jsonOnly, ownPages, rightName } from './http/door';
import { notFound, problemHandler } from './http/problems';
import { keepServed } from './http/origin';
import { requestLog } from './http/requestLog';
import type { Served } from './http/servedNames';
import type { JobsBeside } from './jobs/jobsBeside';
import { eraseRoutes } from './erase/routes';
import { mailRoutes } from './mail/routes';
import { metricsRoute, serverMetrics, type ServerMetrics } from './metrics/metrics';
import { openApiRoutes } from './openapi/routes';
import { allowed, knownOnly } from './people/door';
import { doorLimits, requestLimit, type DoorLimits } from './people/limits';
import { signInWatch } from './people/signInWatch';
import { doorRoutes } from './people/doorRoutes';
import { ownRoutes } from './people/ownRoutes';
import { peopleRoutes } from './people/peopleRoutes';
import { photoRoutes, tablePhotoRoutes, unitPhotoRoutes } from './photos/routes';
import { siteLabelRoutes, unitLabelRoutes, visitReportRoutes } from './reports/routes';
import { recordRoutes } from './rest/recordRoutes';
import { searchRoutes } from './search/routes';
import { roofRoutes, standRoutes } from './rest/roofRoutes';
import { syncRoutes } from './sync/routes';
import { visitRoutes } from './rest/visitRoutes';
import { contentPolicy } from './web/contentPolicy';
import { webApp } from './web/webApp';

export interface AppOptions {
  readonly db: Db;
  readonly state: ServerState;
  readonly log: Logger;
  /** What is left to do after a change. */
  readonly jobs: JobsBeside;
  /** What takes long. */
  readonly beside: Beside;
  readonly backups: BackupsBeside;
  /** Under which names it answers. */
  readonly served: Served;
  /** How often somebody may be wrong at the door. */
  readonly limits?: DoorLimits;
  /** So many requests of one person at one address. */
  readonly requestsAMinute?: number;
  readonly metrics?: ServerMetrics;
  /** Anyone who has it is told the metrics from elsewhere as well. */
  readonly metricsToken?: string;
  /** The built app; none in API tests. */
  readonly webFolder?: string;
}

/** Everything the server answers, without listening. */
export function createApp({
  db,
  state,
  log,
  jobs,
  beside,
  backups,
  served,
  limits = doorLimits(),
  requestsAMinute,
  metrics = serverMetrics(),
  metricsToken,
  webFolder,
}: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  // A proxy on this machine says from where and how it was asked.
  app.set('trust proxy', 'loopback');
  keepServed(app, served);
  const door = { db, signIn: signInWatch(db) };
  const known = knownOnly(db, door.signIn);
  app.use(metrics.timeRequests, requestLog(log));
  app.use(
    helmet({
      contentSecurityPolicy: contentPolicy(webFolder),
      strictTransportSecurity: false,
    }),
  );
  app.use(rightName(served), compression());
  app.get('/api/health', health(state));
  app.get('/api/health/live', live);
  app.get('/api/health/ready', ready(state, db));
  app.get('/metrics', metricsRoute(metrics, metricsToken));
  app.use('/api', freshAnswers, printableAddress);
  app.use('/api/openapi.json', openApiRoutes());
  // A file of records is larger than any request of the app: it is read piece by piece.
  app.use(
    '/api/bundle',
    ownPages(served),
    jsonOnly,
    whenReady(state),
    known,
    allowed('data'),
    bundleRoutes(db, jobs, beside),
  );
  app.use('/api', ownPages(served), jsonOnly, whenReady(state), express.json({ limit: '1mb' }));
  app.use('/api/session', doorRoutes(door, limits));
  app.use('/api', known, requestLimit(requestsAMinute));
  app.use('/api/me', ownRoutes(door, limits));
  app.use('/api/people', peopleRoutes(door));
  app.use('/api/sync', syncRoutes(db, log, jobs, beside));
  app.use('/api/backups', allowed('data'), backupRoutes(backups));
  app.use('/api/bridge', bridgeRoutes(db, bridgeHub()));
  app.use(
    '/api/blower-tables',
    allowed('settings', { toWrite: true }),
    tablePhotoRoutes(db),
    recordRoutes(db, beside, 'blowerTable'),
  );
  app.use('/api/due', dueRoutes(db));
  app.use('/api/load', loadRoutes(db));
  app.use('/api/mails', mailRoutes(db));
  app.use('/api/photos', photoRoutes(db));
  app.use(
    '/api/shop',
    allowed('settings', { toWrite: true }),
    recordRoutes(db, beside, 'shop', () => jobs.asked()),
  );
  app.use('/api/refrigerant', refrigerantRoutes(db));
  app.use('/api/search', searchRoutes(db));
  app.use('/api/stands', standRoutes(db));
  app.use('/api/stock', stockRoutes(db));
  app.use('/api/stops', recordRoutes(db, beside, 'stop'));
  app.use('/api/drills', recordRoutes(db, beside, 'drill'));
  app.use(
    '/api/sites',
    eraseRoutes(db),
    siteLabelRoutes(db, beside),
    roofRoutes(db),
    siteBundleRoutes(db),
    recordRoutes(db, beside, 'site'),
  );
  app.use('/api/units', unitPhotoRoutes(db), unitLabelRoutes(db, beside), recordRoutes(db, beside, 'unit'));
  app.use('/api/visits', visitReportRoutes(db, beside), visitRoutes(db, jobs, beside));
  app.use('/api', () => {
    throw notFound('address');
  });
  if (webFolder) app.use(webApp(webFolder));
  app.use(() => {
    throw notFound('address');
  });
  app.use(problemHandler(log));
  return app;
}
