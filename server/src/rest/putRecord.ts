import { changedFields, fieldsOf, type Operation, type RecordKind, type RecordOf } from '@huff/contract/spine';
import { randomUUID } from 'node:crypto';
import type { Request } from 'express';
import type { Query } from '../db/db';
import { matchedRevision } from './etag';
import { carryOut } from '../sync/doOperation';
import type { Author } from '../http/author';
import type { Sender } from '../records/sender';
import { conflict } from '../http/problems';
import { RECORD_NAMES } from '../records/names';
import { recordOf, type Kept } from '../records/records';

/** Other programs write by the plain addresses: they are one device, with the server's clock. */
export const otherProgram = (author: Author): Sender => ({
  author,
  device: '00000000-0000-0000-0000-000000000000',
  clockOffsetMs: 0,
});

/**
 * Writes a record whole, within a transaction: a new one, or one that is here with the ETag it was read with. The same again changes
 * nothing.
 *
 * @throws ProblemError 428 or 412 when it is here and was not read, or changed since
 */
export async function putRecord<K extends RecordKind>(
  query: Query,
  req: Request,
  author: Author,
  of: K,
  record: RecordOf[K],
  revision: number,
): Promise<void> {
  const stored: Kept<RecordOf[K]> | undefined = await recordOf(query, of, author.shopId, record.id);
  const made = { id: randomUUID(), madeAt: new Date().toISOString(), of, recordId: record.id };
  const fields = stored ? changedFields(of, stored.record, record) : fieldsOf(of, record);
  if (stored && Object.keys(fields).length === 0) return;
  const isNew = !stored || stored.revision === 0;
  const operation: Operation = isNew
    ? { ...made, kind: 'create', record }
    : { ...made, kind: 'patch', base: matchedRevision(req, stored.revision), fields };
  const result = await carryOut(query, otherProgram(author), revision, operation);
  if (result.status === 'conflict' && result.sameName)
    throw conflict(
      `There is a ${RECORD_NAMES[of]} “${result.sameName.name}” already. Edit that one, or give this one another name.`,
    );
}
