import { Router, type Request, type Response } from 'express';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Beside } from '../beside/beside';
import type { Db } from '../db/db';
import { queryInShop } from '../db/shopFence';
import { authorOf } from '../http/author';
import { idOf } from '../http/body';
import { notFound } from '../http/problems';
import { oneOf } from '../http/query';
import type { JobsBeside } from '../jobs/jobsBeside';
import { recordOf } from '../records/records';
import { checkBundle } from './checkBundle';
import { withReceived } from './receive';
import { takeBundle } from './takeBundle';
import { writeBundle, type BundleScope } from './writeBundle';

async function send(db: Db, res: Response, scope: BundleScope, name: string): Promise<void> {
  res.type('json').set('Content-Disposition', `attachment; filename="${name}.json"`);
  // The next piece is not made before the one before has room.
  await pipeline(Readable.from(writeBundle(queryInShop(db.query, scope.shopId), scope, new Date())), res).catch(
    (error: unknown) => {
      // The one who asked left: there is nobody to tell.
      if ((error as NodeJS.ErrnoException).code !== 'ERR_STREAM_PREMATURE_CLOSE') throw error;
    },
  );
}

/** Whether a file has the pictures in it: they are most of it. */
const withPhotos = (req: Request): boolean => oneOf(req, 'photos', ['no', 'yes']) === 'yes';

/** Everything out in one file, and in again: looked at first, then all or nothing. */
export function bundleRoutes(db: Db, jobs: JobsBeside, beside: Beside): Router {
  return Router()
    .get('/', (req, res) => send(db, res, { shopId: authorOf(req).shopId, photos: withPhotos(req) }, 'huff'))
    .post('/preview', async (req, res) => {
      const author = authorOf(req);
      const report = await withReceived(req, async (files) => {
        await checkBundle(db.query, author.shopId, files, beside);
        return takeBundle(db.query, author, files.checked, true);
      });
      res.json(report);
    })
    .post('/', async (req, res) => {
      const author = authorOf(req);
      const report = await withReceived(req, async (files) => {
        await checkBundle(db.query, author.shopId, files, beside);
        return db.transaction((query) => takeBundle(query, author, files.checked, false));
      });
      jobs.asked();
      res.json(report);
    });
}

/** One site with its units, their tables and visits. */
export function siteBundleRoutes(db: Db): Router {
  return Router().get('/:id/bundle', async (req, res) => {
    const { shopId } = authorOf(req);
    const siteId = idOf(req, 'site');
    if (!(await recordOf(db.query, 'site', shopId, siteId))) throw notFound('site');
    await send(db, res, { shopId, siteId, photos: withPhotos(req) }, 'huff-site');
  });
}
