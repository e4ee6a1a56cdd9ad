import { kindOfRecord, type Operation, type OperationResult } from '@huff/contract/spine';
import { createHash } from 'node:crypto';
import type { Db, Query } from '../db/db';
import { conflict, ProblemError, problemOf } from '../http/problems';
import { askFor } from '../jobs/jobs';
import { addPhoto } from '../photos/photos';
import { refuseErased } from '../records/erased';
import { RECORD_NAMES } from '../records/names';
import { recordOf, type Kept } from '../records/records';
import { countAdded } from '../visits/counts';
import { addFact } from '../visits/facts';
import { addReading } from '../visits/readings';
import { createRecord, resultOf } from './createRecord';
import { patchRecord } from './patchRecord';
import { nextRevision } from '../records/revision';
import type { Sender } from '../records/sender';

/** What a phone did, told apart from anything else under the same id. */
const digestOf = (operation: Operation) => createHash('sha256').update(JSON.stringify(operation)).digest('hex');

function add(query: Query, sender: Sender, revision: number, operation: Operation & { kind: 'add' }): Promise<boolean> {
  if (operation.of === 'reading') return addReading(query, sender, revision, operation.recordId, operation.record);
  if (operation.of === 'fact') return addFact(query, sender, revision, operation.recordId, operation.record);
  return addPhoto(query, sender, revision, operation.record);
}

/** What an operation makes due: its visit is judged, or all of them where the shop's rules changed. */
async function askForJudging(query: Query, shopId: string, operation: Operation): Promise<void> {
  if (kindOfRecord(operation) === 'visit') await askFor(query, shopId, 'visit', [operation.recordId], { tell: true });
  else if (operation.of === 'shop') await askFor(query, shopId, 'allVisits', [shopId]);
}

/** Does an operation within a transaction that holds the shop's counter at `revision`. */
export async function carryOut(
  query: Query,
  sender: Sender,
  revision: number,
  operation: Operation,
): Promise<OperationResult> {
  const result = await apply(query, sender, revision, operation);
  await askForJudging(query, sender.author.shopId, operation);
  return result;
}

async function apply(query: Query, sender: Sender, revision: number, operation: Operation): Promise<OperationResult> {
  const { id, recordId } = operation;
  const { shopId } = sender.author;
  await refuseErased(query, shopId, operation);
  if (operation.kind === 'create') return createRecord(query, sender, revision, operation);
  if (operation.kind === 'patch') {
    const { of, base, fields } = operation;
    const stored = (await recordOf(query, of, shopId, recordId)) as Kept<never> | undefined;
    if (!stored)
      throw new ProblemError(
        404,
        'Not found',
        `The ${RECORD_NAMES[of]} that this changes does not exist. Send that first.`,
      );
    return resultOf(id, await patchRecord(query, sender, revision, { operationId: id, of, stored, base, fields }));
  }
  if ((await add(query, sender, revision, operation)) && kindOfRecord(operation) === 'visit') {
    const { of } = operation;
    await countAdded(query, shopId, recordId, revision, {
      readings: Number(of === 'reading'),
      facts: Number(of === 'fact'),
    });
  }
  return { id, status: 'done', revision };
}

/**
 * Does an operation once, within a transaction of the caller's.
 *
 * @throws {ProblemError} when it is refused: the transaction must be rolled back then
 */
export async function doWithin(query: Query, sender: Sender, operation: Operation): Promise<OperationResult> {
  const { shopId, personId } = sender.author;
  const digest = digestOf(operation);
  const revision = await nextRevision(query, shopId);
  const [known] = await query<{ digest: string; result: OperationResult }>(
    'SELECT digest, result FROM operations WHERE shop_id = $1 AND id = $2',
    [shopId, operation.id],
  );
  if (known) {
    if (known.digest === digest) return known.result;
    throw conflict('This operation id was used already. Send it with a new id.');
  }
  const result = await carryOut(query, sender, revision, operation);
  await query(
    `INSERT INTO operations (shop_id, id, done_by, device, made_at, clock_offset_ms, digest, result, record_id)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9)`,
    [
      shopId,
      operation.id,
      personId,
      sender.device,
      operation.madeAt,
      sender.clockOffsetMs,
      digest,
      JSON.stringify(result),
      operation.recordId,
    ],
  );
  return result;
}

/**
 * Does an operation once, all of it or nothing. Sent again it is answered as the first time; what is refused leaves no trace.
 *
 * @throws whatever is unforeseen: nothing is done then
 */
export async function doOperation(db: Db, sender: Sender, operation: Operation): Promise<OperationResult> {
  try {
    return await db.transaction((query) => doWithin(query, sender, operation));
  } catch (error) {
    if (error instanceof ProblemError) return { id: operation.id, status: 'refused', problem: problemOf(error) };
    throw error;
  }
}
