import { ShopDto } from '@huff/contract/fix';
import { Router } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { bodyOf } from '../http/body';
import { shopOn } from './shop';

export function shopRoutes(db: Db): Router {
  const shop = shopOn(db);
  return Router()
    .get('/', async (req, res) => void res.json([await shop.get(authorOf(req))]))
    .put('/:id', async (req, res) => {
      await shop.put(authorOf(req), bodyOf(req, ShopDto, 'shop'));
      res.status(204).end();
    });
}
