import { check } from '@huff/contract';
import { SyncRequestDto } from '@huff/contract/sync';
import {
  clockOffsetMs,
  OTHER_PERSON,
  type OperationResult,
  type RecordKind,
  type SyncAnswer,
} from '@huff/contract/spine';
import { Router, type Request } from 'express';
import type { Logger } from 'pino';
import type { Beside } from '../beside/beside';
import { sentCheck } from '../beside/sentBody';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { ensureMay } from '../people/door';
import { invalid, passingTrouble, ProblemError, problemOf, serverError } from '../http/problems';
import { seePictures } from '../photos/seePictures';
import type { JobsBeside } from '../jobs/jobsBeside';
import { changesSince, recordsTold } from './changesSince';
import { readCursor } from './cursor';
import { doOperation } from './doOperation';
import { shopStateOf } from '../records/revision';
import type { Sender } from '../records/sender';

const idOf = (sent: unknown) => {
  const { id } = (sent ?? {}) as { id?: unknown };
  return typeof id === 'string' ? id.slice(0, 64) : '';
};

interface Doing {
  readonly db: Db;
  readonly log: Logger;
  readonly beside: Beside;
  readonly req: Request;
}

/** Each operation by itself: what is wrong with one is no other's matter. */
async function doAll({ db, log, beside, req }: Doing, sender: Sender, sent: readonly unknown[]) {
  const checked = sentCheck(req, beside);
  const results: OperationResult[] = [];
  /** Records that others changed as well: their sender has to see them as they now stand. */
  const moved: [RecordKind, string][] = [];
  let isAnyDone = false;
  for (const one of sent) {
    const read = await checked({ as: 'operation', body: one });
    if (!read.ok) {
      results.push({ id: idOf(one), status: 'refused', problem: problemOf(invalid(read.errors)) });
      continue;
    }
    const operation = read.value;
    try {
      if (operation.kind !== 'add' && (operation.of === 'shop' || operation.of === 'blowerTable'))
        ensureMay(sender.author, 'settings');
      await seePictures(beside, operation);
      const result = await doOperation(db, sender, operation);
      results.push(result);
      if (result.status === 'refused') continue;
      isAnyDone = true;
      if (operation.kind !== 'add' && result.status !== 'done') moved.push([operation.of, operation.recordId]);
    } catch (error) {
      if (error instanceof ProblemError) {
        results.push({ id: operation.id, status: 'refused', problem: problemOf(error) });
        continue;
      }
      // Of this and all that come after: each is sent again, and answered as the first time if it was done.
      if (passingTrouble(error)) throw error;
      log.error({ err: error, operation: operation.id }, 'unforeseen error in an operation');
      results.push({ id: operation.id, status: 'failed', problem: serverError() });
    }
  }
  return { results, moved, isAnyDone };
}

/** What a request says beside its operations, checked, and the operations as they were sent: each is checked by itself. */
function envelopeOf(body: unknown): SyncRequestDto {
  const sent = (body ?? {}) as { operations?: unknown };
  const operations: unknown = sent.operations;
  const checked = check(
    SyncRequestDto,
    Array.isArray(operations) ? { ...sent, operations: operations.map(() => 0) } : body,
  );
  if (!checked.ok) throw invalid(checked.errors);
  return { ...checked.value, operations: operations as unknown[] };
}

/** The one way in for what phones did, and out for what they do not know yet. */
export function syncRoutes(db: Db, log: Logger, jobs: JobsBeside, beside: Beside): Router {
  return Router().post('/', async (req: Request, res) => {
    const { operations, device, phoneTime, cursor, person, pull = true } = envelopeOf(req.body);
    const { shopId, personId } = authorOf(req);
    if (person && person.toLowerCase() !== personId)
      throw new ProblemError(409, OTHER_PERSON, 'Somebody else is signed in on this phone now. Nothing was sent.');
    const serverTime = new Date().toISOString();
    // A cursor that is none is told before anything is done.
    const from = readCursor(cursor, shopId, await shopStateOf(db.query, shopId));
    const sender: Sender = {
      author: authorOf(req),
      device: device.toLowerCase(),
      clockOffsetMs: clockOffsetMs(phoneTime, serverTime),
    };
    const { results, moved, isAnyDone } = await doAll({ db, log, beside, req }, sender, operations);
    if (isAnyDone) jobs.asked();
    const told = pull
      ? await changesSince(db.query, shopId, from, await shopStateOf(db.query, shopId))
      : { changes: await recordsTold(db.query, shopId, moved, from), cursor: cursor ?? null, more: false };
    const answer: SyncAnswer = { serverTime, results, ...told };
    res.set('Cache-Control', 'no-store').json(answer);
  });
}
