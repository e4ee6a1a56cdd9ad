import type { BundleReport } from '@huff/contract';
import { Router, type Request, type Response } from 'express';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { idOf } from '../http/body';
import { notFound } from '../http/problems';
import { recordOf } from '../records/records';
import type { ResultsBeside } from '../visits/results';
import { soundBundle, takeBundle } from './readBundle';
import { writeBundle, type BundleScope } from './writeBundle';

/** Thrown to take back what was only tried. */
class OnlyTried extends Error {
  constructor(readonly report: BundleReport) {
    super('only tried');
  }
}

async function send(db: Db, res: Response, scope: BundleScope, name: string): Promise<void> {
  res.type('json').set('Content-Disposition', `attachment; filename="${name}.json"`);
  // The next piece is not made before the one before has room.
  await pipeline(Readable.from(writeBundle(db.query, scope, new Date())), res).catch((error: unknown) => {
    // Whoever asked left: there is nobody to tell.
    if ((error as NodeJS.ErrnoException).code !== 'ERR_STREAM_PREMATURE_CLOSE') throw error;
  });
}

/** Everything out in one file, and in again: looked at first, then all or nothing. */
export function bundleRoutes(db: Db, results: ResultsBeside): Router {
  const take = async (req: Request, isTried: boolean): Promise<BundleReport> => {
    const author = authorOf(req);
    const bundle = soundBundle(req.body);
    try {
      const { visitIds, ...report } = await db.transaction(async (query) => {
        const taken = await takeBundle(query, author, bundle);
        if (isTried) throw new OnlyTried({ added: taken.added, same: taken.same, left: taken.left });
        return taken;
      });
      results.add(author.shopId, visitIds);
      return report;
    } catch (error) {
      if (error instanceof OnlyTried) return error.report;
      throw error;
    }
  };
  return Router()
    .get('/', (req, res) => send(db, res, { shopId: authorOf(req).shopId }, 'huff'))
    .post('/preview', async (req, res) => {
      res.json(await take(req, true));
    })
    .post('/', async (req, res) => {
      res.json(await take(req, false));
    });
}

/** One site with its units, their tables and visits. */
export function siteBundleRoutes(db: Db): Router {
  return Router().get('/:id/bundle', async (req, res) => {
    const { shopId } = authorOf(req);
    const siteId = idOf(req, 'site');
    if (!(await recordOf(db.query, 'site', shopId, siteId))) throw notFound('site');
    await send(db, res, { shopId, siteId }, 'huff-site');
  });
}
