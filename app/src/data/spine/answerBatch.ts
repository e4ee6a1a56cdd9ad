import {
  kindOfRecord,
  recordWith,
  type Change,
  type ErasedRecord,
  type OperationResult,
  type RecordKind,
  type SyncAnswer,
} from '@huff/contract/spine';
import type { OutboxRow, Store, StoreBatch, ToldPart, ToldRecord, ToldVisit } from './store';
import { toldParts } from './toldParts';

/** A record of which the store now has something else. */
export interface ToldId {
  readonly kind: RecordKind;
  readonly id: string;
}

/** A change as the store keeps it; nothing of a visit that this phone does not have and whose own fields did not change: it comes by its id. */
async function toldOf(
  store: Store,
  change: Change,
): Promise<{ readonly record: ToldRecord | ToldVisit; readonly parts: readonly ToldPart[] } | undefined> {
  if (change.of !== 'visit') {
    const { of: kind, id, revision, record } = change;
    return { record: { kind, id, revision, record } as ToldRecord, parts: [] };
  }
  const { id: visitId, revision } = change;
  const { readings, facts, photos, readingCount, factCount, summary } = change.visit;
  const head = change.visit.head ?? (await store.one('visit', visitId))?.record;
  if (!head) return undefined;
  const record: ToldVisit = {
    kind: 'visit',
    id: visitId,
    revision,
    record: head,
    readingCount,
    factCount,
    ...(summary ? { summary } : {}),
  };
  return { record, parts: toldParts(visitId, { readings, facts, photos }) };
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
 * What the phone itself knows of what it sent and the server has done: the records as they stand with it, the readings that were added. So
 * nothing is gone from the screen between an operation that is done and the server's next telling.
 */
async function ownDone(store: Store, rows: readonly OutboxRow[], results: ReadonlyMap<string, OperationResult>) {
  const records = new Map<string, ToldRecord | ToldVisit>();
  const parts: ToldPart[] = [];
  const known = async (kind: RecordKind, id: string): Promise<ToldRecord | ToldVisit | undefined> =>
    records.get(`${kind}/${id}`) ?? (await store.one(kind, id));
  const keep = (record: ToldRecord | ToldVisit) => records.set(`${record.kind}/${record.id}`, record);
  for (const { operation } of rows) {
    const result = results.get(operation.id);
    if (result?.status !== 'done' && result?.status !== 'merged') continue;
    const { recordId } = operation;
    // A photo of a unit or a table is asked for at the server: nothing of it stays here.
    if (operation.kind === 'add' && kindOfRecord(operation) !== 'visit') continue;
    if (operation.kind === 'add') {
      // A waiting picture holds its bytes; from now on they have an address.
      const record = { ...operation.record, ...(operation.of === 'photo' ? { jpeg: undefined } : {}) };
      parts.push({ visitId: recordId, id: record.id, of: operation.of, record } as ToldPart);
      const told = (await known('visit', recordId)) as ToldVisit | undefined;
      if (told) keep({ ...told, summary: undefined });
      continue;
    }
    const told = await known(operation.of, recordId);
    // Answered for a second time, after the server has told the record with it: what others set since must not be undone here.
    if (told && told.revision >= result.revision) continue;
    const record = recordWith(operation.of, told?.record, [operation]);
    if (!record) continue;
    // Of what others changed meanwhile the server tells: until then it counts as not known, so that nothing is written over unseen.
    const revision = result.status === 'done' ? Math.max(result.revision, told?.revision ?? 0) : (told?.revision ?? 0);
    const own = { kind: operation.of, id: recordId, revision, record };
    keep(operation.of === 'visit' ? { readingCount: 0, factCount: 0, ...told, ...own, summary: undefined } : own);
  }
  return { records: [...records.values()], parts };
}

/** Operations on erased records, or on records that belong to one: they are not sent any more. */
function ofErased(outbox: readonly OutboxRow[], erased: readonly ErasedRecord[]): string[] {
  const gone = new Set<unknown>(erased.map(({ id }) => id));
  return outbox.flatMap(({ id, operation }) => {
    const { siteId, unitId } = (operation.kind === 'create' ? operation.record : {}) as Readonly<
      Record<string, unknown>
    >;
    return [operation.recordId, siteId, unitId].some((one) => gone.has(one)) ? [id] : [];
  });
}

/**
 * What an answer changes in the store, together: what the server told, what became of each operation, where the phone now stands.
 *
 * @param rows the operations that were sent
 */
export async function answerBatch(
  store: Store,
  answer: SyncAnswer,
  rows: readonly OutboxRow[],
): Promise<StoreBatch & { readonly told: readonly ToldId[] }> {
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
  const own = await ownDone(store, rows, results);
  const told: NonNullable<Awaited<ReturnType<typeof toldOf>>>[] = [];
  for (const change of answer.changes) {
    const one = await toldOf(store, change);
    if (one) told.push(one);
  }
  const { erased = [] } = answer;
  if (erased.length > 0) remove.push(...ofErased(await store.outbox(), erased));
  // What the server tells comes last: it knows better.
  const records = [...own.records, ...told.map(({ record }) => record)];
  const parts = [...own.parts, ...told.flatMap((one) => one.parts)];
  return {
    records,
    parts,
    update,
    remove,
    meta: { cursor: answer.cursor },
    ...(erased.length > 0 ? { forget: erased } : {}),
    told: [
      ...erased.map(({ of, id }) => ({ kind: of, id })),
      ...records.map(({ kind, id }) => ({ kind, id })),
      ...own.parts.map(({ visitId }) => ({ kind: 'visit' as const, id: visitId })),
    ],
  };
}
