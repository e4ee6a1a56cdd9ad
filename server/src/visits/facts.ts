import { knownInputs, type FactDto } from '@huff/contract';
import { sameValue } from '@huff/contract/spine';
import type { Query } from '../db/db';
import { moment } from '../db/moment';
import { conflict } from '../http/problems';
import { offsetToKeep, type Sender } from '../records/sender';
import { BY_TIME, partsByVisit, type PartTable } from './partsByVisit';

const FACTS: PartTable = {
  table: 'facts',
  fields: {
    id: 'id',
    kind: 'kind',
    inputs: 'inputs',
    takenAt: moment('taken_at'),
    replacesId: 'replaces_id',
    conditions: 'conditions',
    clockOffsetMs: 'clock_offset_ms',
  },
  order: BY_TIME,
};

type StoredFact = FactDto & { clockOffsetMs?: number | null };

const asTold = ({ conditions, clockOffsetMs, ...fact }: StoredFact): FactDto => ({
  ...fact,
  ...(conditions ? { conditions } : {}),
  ...(clockOffsetMs ? { clockOffsetMs } : {}),
});

/** The facts of visits, in the order they were taken. @param after only those added since this revision */
export async function factsOf(query: Query, shopId: string, visitIds: readonly string[], after = -1) {
  const found = await partsByVisit<StoredFact>(query, FACTS, shopId, visitIds, after);
  return new Map<string, FactDto[]>([...found].map(([id, facts]) => [id, facts.map(asTold)]));
}

/** Mode and tap, without what a client may have added; undefined when neither is said. */
function knownConditions({ conditions }: FactDto) {
  const { mode, tap } = conditions ?? {};
  return mode === undefined && tap === undefined
    ? undefined
    : { ...(mode === undefined ? {} : { mode }), ...(tap === undefined ? {} : { tap }) };
}

const told = (fact: FactDto) => ({
  kind: fact.kind,
  inputs: fact.inputs,
  takenAt: Date.parse(fact.takenAt),
  replacesId: fact.replacesId?.toLowerCase(),
  conditions: knownConditions(fact),
});

/**
 * Adds a fact to a visit; one that is already here is left as it is.
 *
 * @returns whether it is new
 * @throws ProblemError 409 when its id stands for another fact
 */
export async function addFact(
  query: Query,
  sender: Sender,
  revision: number,
  visitId: string,
  sent: FactDto,
): Promise<boolean> {
  const { shopId, personId } = sender.author;
  const fact = { ...sent, inputs: knownInputs(sent.kind, sent.inputs) };
  const conditions = knownConditions(fact);
  const added = await query(
    `INSERT INTO facts (id, shop_id, written_by, visit_id, kind, inputs, taken_at, replaces_id, conditions,
       clock_offset_ms, revision)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11)
     ON CONFLICT (shop_id, id) DO NOTHING RETURNING id`,
    [
      fact.id,
      shopId,
      personId,
      visitId,
      fact.kind,
      JSON.stringify(fact.inputs),
      fact.takenAt,
      fact.replacesId ?? null,
      conditions ? JSON.stringify(conditions) : null,
      offsetToKeep(sender),
      revision,
    ],
  );
  if (added.length > 0) return true;
  const stored = (await factsOf(query, shopId, [visitId])).get(visitId)?.find(({ id }) => id === fact.id);
  if (stored && sameValue(told(stored), told(fact))) return false;
  const message = 'A fact is never changed. Send a new one whose replacesId names this one.';
  throw conflict(message, [{ field: 'record.id', message }]);
}
