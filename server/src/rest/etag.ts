import type { Request, Response } from 'express';
import { preconditionFailed, preconditionRequired } from '../http/problems';

/** A record's revision as an ETag. */
const etagOf = (revision: number): string => `"${revision}"`;

/** Answers with a record and its revision; 304 to one who has it. */
export function sendRecord(req: Request, res: Response, record: object, revision: number): void {
  const etag = etagOf(revision);
  res.set('ETag', etag).set('Cache-Control', 'private, no-cache');
  if (req.get('If-None-Match') === etag) res.status(304).end();
  else res.json(record);
}

/**
 * The revision that a change was made from.
 *
 * @throws ProblemError 428 without If-Match, 412 when the record has moved on
 */
export function matchedRevision(req: Request, revision: number): number {
  const match = req.get('If-Match');
  if (match === undefined) throw preconditionRequired();
  if (match !== '*' && match.replace(/^W\//, '') !== etagOf(revision)) throw preconditionFailed();
  return revision;
}
