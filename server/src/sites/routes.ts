import { SiteDto } from '@huff/contract';
import { Router } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { bodyOf } from '../http/body';
import { sitesOn } from './sites';

export function siteRoutes(db: Db): Router {
  const sites = sitesOn(db);
  return Router()
    .get('/', async (req, res) => void res.json(await sites.list(authorOf(req))))
    .put('/:id', async (req, res) => {
      await sites.put(authorOf(req), bodyOf(req, SiteDto, 'site'));
      res.status(204).end();
    });
}
