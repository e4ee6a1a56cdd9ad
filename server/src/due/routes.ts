import { Router } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { originOf } from '../http/origin';
import { calendarOf } from './calendar';
import { dueOf } from './due';
import { plannedStops } from './plannedStops';

/** What is due at the units of the shop, and the same as a calendar to subscribe to. */
export function dueRoutes(db: Db): Router {
  return Router()
    .get('/', async (req, res) => {
      res.json({ due: await dueOf(db.query, authorOf(req).shopId) });
    })
    .get('/calendar.ics', async (req, res) => {
      const due = await dueOf(db.query, authorOf(req).shopId);
      res
        .type('text/calendar')
        .set('Content-Disposition', 'inline; filename="huff.ics"')
        .send(calendarOf(due, await plannedStops(db.query, authorOf(req).shopId), originOf(req)));
    });
}
