import { Router } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { idOf } from '../http/body';
import { imageOf } from './photos';

/** Pictures. What photos a visit has is told with the visit; they are added by operations. */
export function photoRoutes(db: Db): Router {
  return Router().get('/:id/image', async (req, res) => {
    const size = req.query.size === 'small' ? 'small' : 'full';
    const image = await imageOf(db.query, authorOf(req).shopId, idOf(req, 'photo'), size);
    // A photo is never changed.
    res.type('image/jpeg').set('Cache-Control', 'private, max-age=31536000, immutable').send(image);
  });
}
