import { knownInputs, type FactDto } from '@huff/contract';
import { sameValue } from '@huff/contract/spine';
import type { Query } from '../db/db';
import { moment } from '../db/moment';
import { conflict } from '../http/problems';
import type { Author } from '../http/author';
import type { Sender } from '../records/sender';
import { BY_TIME, idsHere, partsByVisit, withOffset, type PartTable, type WithOffset } from './partsByVisit';

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

type Conditions = NonNullable<FactDto['conditions']>;
const RUN_CONDITIONS = ['mode', 'tap', 'stage'] as const satisfies readonly (keyof Conditions)[];

/** How the unit ran, without what a client may have added; undefined when nothing is said of it. */
function knownConditions({ conditions }: FactDto): Conditions | undefined {
  const known = RUN_CONDITIONS.flatMap((key) => (conditions?.[key] === undefined ? [] : [[key, conditions[key]]]));
  return known.length === 0 ? undefined : (Object.fromEntries(known) as Conditions);
}

const told = (fact: FactDto) => ({
  kind: fact.kind,
  inputs: fact.inputs,
  takenAt: Date.parse(fact.takenAt),
  replacesId: fact.replacesId?.toLowerCase(),
  conditions: knownConditions(fact),
});

/** Of facts whose ids are here already: that each is the same. @throws ProblemError 409 when an id stands for another fact */
async function areSame(query: Query, shopId: string, visitId: string, facts: readonly FactDto[]): Promise<void> {
  const stored = new Map(((await factsOf(query, shopId, [visitId])).get(visitId) ?? []).map((fact) => [fact.id, fact]));
  for (const fact of facts) {
    const there = stored.get(fact.id.toLowerCase());
    if (there && sameValue(told(there), told(fact))) continue;
    const message = 'A fact is never changed. Send a new one whose replacesId names this one.';
    throw conflict(message, [{ field: 'record.id', message }]);
  }
}

/** A fact as it is kept: without what a client may have added. */
const known = <T extends FactDto>(fact: T): T => ({ ...fact, inputs: knownInputs(fact.kind, fact.inputs) });

/**
 * Adds facts to a visit; one that is already here is left as it is.
 *
 * @returns how many are new
 * @throws ProblemError 409 when an id stands for another fact
 */
export async function addFacts(
  query: Query,
  { shopId, personId }: Author,
  revision: number,
  visitId: string,
  sent: readonly (FactDto & WithOffset)[],
): Promise<number> {
  if (sent.length === 0) return 0;
  const facts = sent.map(known);
  const rows = facts.map((fact) => ({ ...withOffset(fact), conditions: knownConditions(fact) ?? null }));
  const added = await query<{ id: string }>(
    `INSERT INTO facts (id, shop_id, written_by, visit_id, kind, inputs, taken_at, replaces_id, conditions, clock_offset_ms, revision)
     SELECT f.id, $1, $2, $3, f.kind, f.inputs, f."takenAt", f."replacesId", f.conditions, f."clockOffsetMs", $4
     FROM jsonb_to_recordset($5::jsonb) AS f (id uuid, kind text, inputs jsonb, "takenAt" timestamptz, "replacesId" uuid,
       conditions jsonb, "clockOffsetMs" bigint)
     ON CONFLICT (shop_id, id) DO NOTHING RETURNING id`,
    [shopId, personId, visitId, revision, JSON.stringify(rows)],
  );
  const isNew = new Set(added.map(({ id }) => id));
  const others = facts.filter(({ id }) => !isNew.has(id.toLowerCase()));
  if (others.length > 0) await areSame(query, shopId, visitId, others);
  return added.length;
}

/** Adds a fact to a visit, by the clock of who sends it. @returns whether it is new */
export const addFact = async (
  query: Query,
  { author, clockOffsetMs }: Sender,
  revision: number,
  visitId: string,
  fact: FactDto,
): Promise<boolean> => (await addFacts(query, author, revision, visitId, [{ ...fact, clockOffsetMs }])) > 0;

/** Those of some facts that are not here. @throws ProblemError 409 when an id stands for another fact */
export async function newFacts(
  query: Query,
  shopId: string,
  visitId: string,
  facts: readonly FactDto[],
): Promise<number> {
  const there = await idsHere(query, 'facts', shopId, facts);
  await areSame(query, shopId, visitId, facts.filter(({ id }) => there.has(id.toLowerCase())).map(known));
  return facts.length - there.size;
}
