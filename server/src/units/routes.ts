import { UnitDto } from '@huff/contract';
import { Router } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { bodyOf, idOf } from '../http/body';
import { unitsOn } from './units';

export function unitRoutes(db: Db): Router {
  const units = unitsOn(db);
  return Router()
    .get('/', async (req, res) => void res.json(await units.list(authorOf(req))))
    .get('/:id', async (req, res) => void res.json(await units.get(authorOf(req), idOf(req, 'unit'))))
    .put('/:id', async (req, res) => {
      await units.put(authorOf(req), bodyOf(req, UnitDto, 'unit'));
      res.status(204).end();
    });
}
