import type { RoofSheet } from '@huff/contract';
import { Router } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { idOf } from '../http/body';
import { knownMarksOf, lastVisitsOf, unitStands } from '../visits/summaries';

/** How every unit of the shop stood at its last visit. */
export function standRoutes(db: Db): Router {
  return Router().get('/', async (req, res) => {
    res.json({ units: await unitStands(db.query, authorOf(req).shopId) });
  });
}

/** The roof sheet of a site: how each of its units stood at its last visit, and each check when it was last looked at. */
export function roofRoutes(db: Db): Router {
  return Router().get('/:id/roof', async (req, res) => {
    const [{ shopId }, siteId] = [authorOf(req), idOf(req, 'site')];
    const sheet: RoofSheet = {
      visits: await lastVisitsOf(db.query, shopId, siteId),
      marks: await knownMarksOf(db.query, shopId, siteId),
    };
    res.json(sheet);
  });
}
