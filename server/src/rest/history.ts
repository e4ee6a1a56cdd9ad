import type { RecordKind } from '@huff/contract/spine';
import type { Request, Response } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { idOf } from '../http/body';
import { invalid } from '../http/problems';
import { changesOf } from '../records/history';
import { RECORD_NAMES } from '../records/names';

/** How many changes a page has. */
const PAGE = 200;

/** Before which revision a page ends, as the address says; undefined for the newest. */
function beforeOf(req: Request): number | undefined {
  const { before } = req.query;
  if (before === undefined) return undefined;
  if (typeof before !== 'string' || !/^\d{1,15}$/.test(before))
    throw invalid([{ field: 'before', message: 'Use `next` of the page before.' }]);
  return Number(before);
}

/** Who changed a record, when, and from what to what: in pages, the last first. */
export const sendHistory = (db: Db, of: RecordKind) => async (req: Request, res: Response) => {
  const found = await changesOf(db.query, of, authorOf(req).shopId, idOf(req, RECORD_NAMES[of]), {
    before: beforeOf(req),
    length: PAGE + 1,
  });
  const changes = found.slice(0, PAGE);
  res.json({ changes, next: found.length > PAGE ? changes.at(-1)!.revision : null });
};
