import { PhotoDto } from '@huff/contract';
import { Router } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { bodyOf, idOf } from '../http/body';
import { photosOn } from './photos';

export function photoRoutes(db: Db): Router {
  const photos = photosOn(db);
  return Router()
    .get('/', async (req, res) => void res.json(await photos.list(authorOf(req))))
    .get('/:id/image', async (req, res) => {
      const image = await photos.image(authorOf(req), idOf(req, 'photo'));
      // A photo is never changed.
      res.type('image/jpeg').set('Cache-Control', 'private, max-age=31536000, immutable').send(image);
    })
    .put('/:id', async (req, res) => {
      await photos.put(authorOf(req), bodyOf(req, PhotoDto, 'photo'));
      res.status(204).end();
    });
}
