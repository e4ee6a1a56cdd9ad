import { EraseRequestDto } from '@huff/contract';
import { Router } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { bodyAs, idOf } from '../http/body';
import { invalid, notFound } from '../http/problems';
import { ensureMay } from '../people/door';
import { recordOf } from '../records/records';
import { eraseSite } from './eraseSite';

/** Erases one customer, permanently: by the owner, who types the name of the site. */
export function eraseRoutes(db: Db): Router {
  return Router().post('/:id/erase', async (req, res) => {
    const author = authorOf(req);
    ensureMay(author, 'erase');
    const siteId = idOf(req, 'site');
    const site = (await recordOf(db.query, 'site', author.shopId, siteId))?.record;
    if (!site) throw notFound('site');
    const { name } = bodyAs(EraseRequestDto, req);
    if (name.trim().toLowerCase() !== site.name.trim().toLowerCase())
      throw invalid([{ field: 'name', message: `Type the name of the site, “${site.name}”, to erase it.` }]);
    res.json(await db.transaction((query) => eraseSite(query, author, siteId)));
  });
}
