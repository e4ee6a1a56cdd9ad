import { Router, type Request } from 'express';
import Papa from 'papaparse';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { invalid } from '../http/problems';
import { dayOf, oneOf } from '../http/query';
import { sendFile } from '../http/sendFile';
import { loadOf } from './load';
import { cylinderRows } from './refrigerant';
import { stockLines } from './stock';
import type { Days } from './stops';

/** Longer than a month nobody loads a truck for. */
const MOST_DAYS = 31;

function daysOf(req: Request): Days {
  const [from, to] = [dayOf(req, 'from'), dayOf(req, 'to')];
  const length = (Date.parse(to) - Date.parse(from)) / 86_400_000;
  if (length < 0) throw invalid([{ field: 'to', message: 'The last day is before the first.' }]);
  if (length >= MOST_DAYS) throw invalid([{ field: 'to', message: `Ask for ${MOST_DAYS} days at most.` }]);
  const { person } = req.query;
  if (person !== undefined && (typeof person !== 'string' || person.length > 80))
    throw invalid([{ field: 'person', message: 'person is a name of at most 80 characters.' }]);
  return { from, to, ...(person ? { person } : {}) };
}

const csv = (rows: (string | number)[][]) => `${Papa.unparse(rows, { newline: '\r\n', escapeFormulae: true })}\r\n`;

/** What is loaded for the visits of some days, and what is bought before. */
export function loadRoutes(db: Db): Router {
  return Router()
    .get('/', async (req, res) => {
      res.json(await loadOf(db.query, authorOf(req).shopId, daysOf(req)));
    })
    .get('/list.csv', async (req, res) => {
      const list = oneOf(req, 'list', ['load', 'buy']);
      const { lines } = await loadOf(db.query, authorOf(req).shopId, daysOf(req));
      const load = () =>
        lines.map(({ part, need, onTruck, isUncounted, short, why }) => [
          part,
          need,
          isUncounted ? 'not counted' : (onTruck ?? 0),
          short,
          why.join('; '),
        ]);
      const buy = () =>
        lines
          .filter(({ short }) => short > 0)
          .map(({ part, short, cost, why }) => [
            part,
            short,
            cost ?? '',
            cost === undefined ? '' : cost * short,
            why.join('; '),
          ]);
      const rows =
        list === 'load'
          ? [['part', 'need', 'on the truck', 'short', 'for'], ...load()]
          : [['part', 'count', 'each', 'sum', 'for'], ...buy()];
      sendFile(res, 'text/csv', `${list}-list.csv`, csv(rows));
    });
}

/** Refrigerant by cylinder: what went into units and what came back, as the law in most places wants it kept. */
export function refrigerantRoutes(db: Db): Router {
  return Router().get('/cylinders.csv', async (req, res) => {
    sendFile(res, 'text/csv', 'refrigerant-by-cylinder.csv', csv(await cylinderRows(db.query, authorOf(req).shopId)));
  });
}

/** The shop's parts with what is left of them on the truck. */
export function stockRoutes(db: Db): Router {
  return Router().get('/', async (req, res) => {
    res.json({ parts: await stockLines(db.query, authorOf(req).shopId) });
  });
}
