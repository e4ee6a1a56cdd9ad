import { Router, type Request } from 'express';
import type { RecordKind, RecordOf } from '@huff/contract/spine';
import { validate as isUuid } from 'uuid';
import type { Beside } from '../beside/beside';
import { sentRecord } from '../beside/sentBody';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { idOf } from '../http/body';
import { sendRecord } from './etag';
import { sendHistory } from './history';
import { invalid, notFound } from '../http/problems';
import { nextRevision } from '../records/revision';
import { RECORD_NAMES } from '../records/names';
import { putRecord } from './putRecord';
import { recordOf, recordPage } from '../records/records';

/** How many records a page of a list has. */
const PAGE = 200;

/** Where a page begins, as the address says; undefined for the first. */
function afterOf(req: Request): string | undefined {
  const { after } = req.query;
  if (after === undefined) return undefined;
  if (typeof after !== 'string' || !isUuid(after))
    throw invalid([{ field: 'after', message: 'Use `next` of the page before.' }]);
  return after;
}

/** Reading and writing one kind of record by its plain address: for other programs, and for whatever a phone does not have. */
/** @param changed told after each write */
export function recordRoutes<K extends RecordKind>(
  db: Db,
  beside: Beside,
  of: K,
  changed: () => void = () => {},
): Router {
  const name = RECORD_NAMES[of];
  return Router()
    .get('/', async (req, res) => {
      const kept = await recordPage(db.query, of, authorOf(req).shopId, { after: afterOf(req), length: PAGE + 1 });
      const records = kept.slice(0, PAGE).map(({ record }) => record);
      res.json({ records, next: kept.length > PAGE ? records.at(-1)!.id : null });
    })
    .get('/:id', async (req, res) => {
      const kept = await recordOf(db.query, of, authorOf(req).shopId, idOf(req, name));
      if (!kept) throw notFound(name);
      sendRecord(req, res, kept.record, kept.revision);
    })
    .get('/:id/history', sendHistory(db, of))
    .put('/:id', async (req, res) => {
      const author = authorOf(req);
      const record: RecordOf[K] = await sentRecord(req, beside, of, name);
      await db.transaction(async (query) =>
        putRecord(query, req, author, of, record, await nextRevision(query, author.shopId)),
      );
      changed();
      res.status(204).end();
    });
}
