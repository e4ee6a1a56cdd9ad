import type { Request, RequestHandler } from 'express';
import { collectDefaultMetrics, Gauge, Histogram, Registry } from 'prom-client';
import type { Db, Query } from '../db/db';
import { acrossShops } from '../db/shopFence';
import { notFound } from '../http/problems';
import { isHere } from '../people/door';

/** From a lookup in memory to a plan that takes its time, s. */
const SECONDS = [0.005, 0.02, 0.06, 0.1, 0.25, 0.5, 1, 2.5, 5, 15];

/** What a server tells of itself to anyone who watches over it (OpenMetrics). No name, address or id of anybody is in it. */
export function serverMetrics() {
  const registry = new Registry();
  registry.setContentType(Registry.OPENMETRICS_CONTENT_TYPE as never);
  collectDefaultMetrics({ register: registry, prefix: 'huff_' });
  const requests = new Histogram({
    name: 'huff_request_seconds',
    help: 'Requests by what they ask and how they were answered',
    labelNames: ['method', 'route', 'status'] as const,
    buckets: SECONDS,
    registers: [registry],
  });
  const statements = new Histogram({
    name: 'huff_database_seconds',
    help: 'Statements and transactions of the database',
    labelNames: ['kind', 'outcome'] as const,
    buckets: SECONDS,
    registers: [registry],
  });
  return {
    registry,
    /** Times what is asked of a database. */
    timed: (db: Db): Db => {
      const time = async <T>(kind: string, work: () => Promise<T>): Promise<T> => {
        const end = statements.startTimer({ kind });
        try {
          const done = await work();
          end({ outcome: 'done' });
          return done;
        } catch (error) {
          end({ outcome: 'failed' });
          throw error;
        }
      };
      const query: Query = (sql, params) => time('statement', () => db.query(sql, params));
      return { ...db, query, transaction: (work) => time('transaction', () => db.transaction(work)) };
    },
    /** Counts what waits to be done, whenever somebody looks. */
    watchJobs: (db: Db): void => {
      const due = () =>
        acrossShops(() =>
          db.query<{ kind: string; n: number }>(
            'SELECT kind, count(*) AS n FROM jobs WHERE due_at <= now() GROUP BY kind',
          ),
        );
      new Gauge({
        name: 'huff_jobs_due',
        help: 'Jobs that are due: visits to judge, reminders',
        labelNames: ['kind'] as const,
        registers: [registry],
        async collect() {
          this.reset();
          for (const { kind, n } of await due().catch(() => [])) this.set({ kind }, n);
        },
      });
    },
    /** Times requests. */
    timeRequests: ((req, res, next) => {
      const end = requests.startTimer({ method: req.method });
      res.on('finish', () => end({ route: routeOf(req), status: String(res.statusCode) }));
      next();
    }) satisfies RequestHandler,
  };
}

/** A route by its pattern: ids and what was typed stay out. */
const routeOf = ({ baseUrl, route }: Request): string => {
  const { path } = (route ?? {}) as { path?: unknown };
  return typeof path === 'string' ? `${baseUrl}${path === '/' ? '' : path}` : baseUrl === '' ? 'page' : baseUrl;
};

export type ServerMetrics = ReturnType<typeof serverMetrics>;

/**
 * Tells them to a program on this computer, or to one that has the token.
 *
 * @param token set by the person who runs Huff; without one only this computer is told
 */
export const metricsRoute =
  ({ registry }: ServerMetrics, token: string | undefined): RequestHandler =>
  async (req, res) => {
    const isKnown = token !== undefined && req.headers.authorization === `Bearer ${token}`;
    // What is not told is not there.
    if (!isKnown && !isHere(req)) throw notFound('address');
    res
      .set('Cache-Control', 'no-store')
      .type(registry.contentType)
      .send(await registry.metrics());
  };
