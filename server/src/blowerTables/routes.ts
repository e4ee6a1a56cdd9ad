import { BlowerTableDto } from '@huff/contract';
import { Router } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { bodyOf, idOf } from '../http/body';
import { blowerTablesOn } from './blowerTables';

export function blowerTableRoutes(db: Db): Router {
  const tables = blowerTablesOn(db);
  return Router()
    .get('/', async (req, res) => void res.json(await tables.list(authorOf(req))))
    .get('/:id', async (req, res) => void res.json(await tables.get(authorOf(req), idOf(req, 'blower table'))))
    .put('/:id', async (req, res) => {
      await tables.put(authorOf(req), bodyOf(req, BlowerTableDto, 'blower table'));
      res.status(204).end();
    });
}
