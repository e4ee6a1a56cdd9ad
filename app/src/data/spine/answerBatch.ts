import type { Change, OperationResult, SyncAnswer } from '@huff/contract/spine';
import type { OutboxRow, StoreBatch, ToldPart, ToldRecord, ToldVisit } from './store';

/** A change as the store keeps it. */
export function toldOf(change: Change): { record: ToldRecord | ToldVisit; parts: ToldPart[] } {
  if (change.of !== 'visit') {
    const { of: kind, id, revision, record } = change;
    return { record: { kind, id, revision, record }, parts: [] };
  }
  const { head, readings, facts, photos, readingCount, factCount, summary } = change.visit;
  const visitId = change.id;
  const record: ToldVisit = {
    kind: 'visit',
    id: visitId,
    revision: change.revision,
    record: head,
    readingCount,
    factCount,
    ...(summary ? { summary } : {}),
  };
  const parts: ToldPart[] = [
    ...readings.map((one): ToldPart => ({ visitId, id: one.id, of: 'reading', record: one })),
    ...facts.map((one): ToldPart => ({ visitId, id: one.id, of: 'fact', record: one })),
    ...photos.map((one): ToldPart => ({ visitId, id: one.id, of: 'photo', record: one })),
  ];
  return { record, parts };
}

/** An operation as it stands after the server answered for it; undefined when it is done. */
function rowAfter(row: OutboxRow, result: OperationResult): OutboxRow | undefined {
  if (result.status === 'done' || result.status === 'merged') return undefined;
  if (result.status === 'refused') return { ...row, state: 'refused', problem: result.problem };
  if (result.status === 'failed') return row;
  const { revision, fields, sameName } = result;
  return { ...row, state: 'conflict', conflict: { revision, fields, ...(sameName ? { sameName } : {}) } };
}

/**
 * What an answer changes in the store, together: what the server told, what became of each operation, where the phone now stands.
 *
 * @param rows the operations that were sent
 */
export function answerBatch(answer: SyncAnswer, rows: readonly OutboxRow[]): StoreBatch {
  const results = new Map(answer.results.map((result) => [result.id, result]));
  const update: OutboxRow[] = [];
  const remove: string[] = [];
  for (const row of rows) {
    const result = results.get(row.id);
    if (!result) continue;
    const after = rowAfter(row, result);
    if (!after) remove.push(row.id);
    else if (after !== row) update.push(after);
  }
  const told = answer.changes.map(toldOf);
  return {
    records: told.map(({ record }) => record),
    parts: told.flatMap(({ parts }) => parts),
    update,
    remove,
    meta: { cursor: answer.cursor },
  };
}
