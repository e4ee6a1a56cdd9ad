import { Router } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { idOf } from '../http/body';
import { imageOf, photosOfTable, photosOfUnit } from './photos';

/** Pictures. What photos a visit has is told with the visit; they are added by operations. */
export function photoRoutes(db: Db): Router {
  return Router().get('/:id/image', async (req, res) => {
    const size = req.query.size === 'small' ? 'small' : 'full';
    const image = await imageOf(db.query, authorOf(req).shopId, idOf(req, 'photo'), size);
    // A photo is never changed.
    res.type('image/jpeg').set('Cache-Control', 'private, max-age=31536000, immutable').send(image);
  });
}

/** What was photographed at a unit: its plate, its door, where its holes are. */
export function unitPhotoRoutes(db: Db): Router {
  return Router().get('/:id/photos', async (req, res) => {
    res.json({ photos: await photosOfUnit(db.query, authorOf(req).shopId, idOf(req, 'unit')) });
  });
}

/** The paper that a blower table was read from. */
export function tablePhotoRoutes(db: Db): Router {
  return Router().get('/:id/photos', async (req, res) => {
    res.json({ photos: await photosOfTable(db.query, authorOf(req).shopId, idOf(req, 'blower table')) });
  });
}
