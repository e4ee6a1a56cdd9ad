import { check } from '@huff/contract';
import { checkOperation, SyncRequestDto } from '@huff/contract/sync';
import { clockOffsetMs, type OperationResult, type SyncAnswer } from '@huff/contract/spine';
import { Router, type Request } from 'express';
import type { Logger } from 'pino';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { invalid, problemOf, serverError } from '../http/problems';
import { keepResults } from '../visits/results';
import { changesSince } from './changesSince';
import { readCursor } from './cursor';
import { doOperation } from './doOperation';
import { revisionOf } from '../records/revision';
import type { Sender } from '../records/sender';

const idOf = (sent: unknown) => {
  const { id } = (sent ?? {}) as { id?: unknown };
  return typeof id === 'string' ? id.slice(0, 64) : '';
};

/** Each operation by itself: what is wrong with one is no other's matter. */
async function doAll(db: Db, log: Logger, sender: Sender, sent: readonly unknown[]) {
  const results: OperationResult[] = [];
  const visits = new Set<string>();
  for (const one of sent) {
    const checked = checkOperation(one);
    if (!checked.ok) {
      results.push({ id: idOf(one), status: 'refused', problem: problemOf(invalid(checked.errors)) });
      continue;
    }
    const operation = checked.value;
    try {
      const result = await doOperation(db, sender, operation);
      results.push(result);
      if (result.status !== 'refused' && (operation.kind === 'add' || operation.of === 'visit'))
        visits.add(operation.recordId);
    } catch (error) {
      log.error({ err: error, operation: operation.id }, 'unforeseen error in an operation');
      results.push({ id: operation.id, status: 'failed', problem: serverError() });
    }
  }
  return { results, visits: [...visits] };
}

/** The one way in for what phones did, and out for what they do not know yet. */
export function syncRoutes(db: Db, log: Logger): Router {
  return Router().post('/', async (req: Request, res) => {
    const checked = check(SyncRequestDto, req.body);
    if (!checked.ok) throw invalid(checked.errors);
    const { device, phoneTime, cursor, operations } = checked.value;
    const author = authorOf(req);
    const serverTime = new Date().toISOString();
    // A cursor that is none is told before anything is done.
    readCursor(cursor, author.shopId, await revisionOf(db.query, author.shopId));
    const sender: Sender = {
      author,
      device: device.toLowerCase(),
      clockOffsetMs: clockOffsetMs(phoneTime, serverTime),
    };
    const { results, visits } = await doAll(db, log, sender, operations);
    await keepResults(db, log, author.shopId, visits);
    const now = await revisionOf(db.query, author.shopId);
    const pulled = await changesSince(db.query, author.shopId, readCursor(cursor, author.shopId, now), now);
    const answer: SyncAnswer = { serverTime, results, ...pulled };
    res.set('Cache-Control', 'no-store').json(answer);
  });
}
