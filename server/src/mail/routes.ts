import { Router } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { mailsOf } from './mails';

/** So many are listed. */
const PAGE = 200;

/** Mail that would be sent, to be read. */
export function mailRoutes(db: Db): Router {
  return Router().get('/', async (req, res) => {
    res.json({ mails: await mailsOf(db.query, authorOf(req).shopId, PAGE) });
  });
}
