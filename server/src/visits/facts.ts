import { knownInputs, type FactDto } from '@huff/contract';
import { isDeepStrictEqual } from 'node:util';
import type { Query } from '../db/db';
import { moment } from '../db/moment';
import type { Author } from '../http/author';
import { conflict } from '../http/problems';

type FactRow = FactDto & { visitId: string; shopId: string } & Record<string, unknown>;

const SELECT = `SELECT id, kind, inputs, ${moment('taken_at')} AS "takenAt", replaces_id AS "replacesId",
    conditions,
    visit_id AS "visitId", shop_id AS "shopId"
  FROM facts`;

const asSent = ({ visitId: _v, shopId: _s, conditions, ...fact }: FactRow): FactDto => ({
  ...fact,
  ...(conditions ? { conditions } : {}),
});

/** The facts of visits, in the order they were taken. */
export async function factsOf(query: Query, shopId: string, visitIds: readonly string[]) {
  const rows = await query<FactRow>(
    `${SELECT} WHERE shop_id = $1 AND visit_id = ANY ($2::uuid[]) ORDER BY taken_at, received_at, id`,
    [shopId, visitIds],
  );
  const byVisit = new Map<string, FactDto[]>(visitIds.map((id) => [id, []]));
  for (const row of rows) byVisit.get(row.visitId)?.push(asSent(row));
  return byVisit;
}

/** Mode and tap, without what a client may have added; undefined when neither is said. */
function knownConditions({ conditions }: FactDto) {
  const { mode, tap } = conditions ?? {};
  return mode === undefined && tap === undefined
    ? undefined
    : { ...(mode === undefined ? {} : { mode }), ...(tap === undefined ? {} : { tap }) };
}

const sameFact = (a: FactDto, b: FactDto) =>
  a.kind === b.kind &&
  Date.parse(a.takenAt) === Date.parse(b.takenAt) &&
  (a.replacesId ?? null) === (b.replacesId ?? null) &&
  isDeepStrictEqual(a.inputs, b.inputs) &&
  isDeepStrictEqual(knownConditions(a), knownConditions(b));

/**
 * Adds facts to a visit; one that is already here is left as it is.
 *
 * @throws ProblemError 409 naming the fact whose id stands for another one
 */
export async function addFacts(
  query: Query,
  { shopId, personId }: Author,
  visitId: string,
  facts: readonly FactDto[],
): Promise<void> {
  if (facts.length === 0) return;
  const known = await query<FactRow>(`${SELECT} WHERE id = ANY ($1::uuid[])`, [facts.map((fact) => fact.id)]);
  const byId = new Map(known.map((row) => [row.id, row]));
  for (const [i, sent] of facts.entries()) {
    const fact = { ...sent, inputs: knownInputs(sent.kind, sent.inputs) };
    const conditions = knownConditions(fact);
    const stored = byId.get(fact.id.toLowerCase());
    if (!stored) {
      await query(
        `INSERT INTO facts (id, shop_id, written_by, visit_id, kind, inputs, taken_at, replaces_id, conditions)
         VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9)
         ON CONFLICT (id) DO NOTHING`,
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
        ],
      );
    } else if (stored.shopId !== shopId || stored.visitId !== visitId || !sameFact(stored, fact)) {
      const message = 'A fact is never changed. Send a new one whose replacesId names this one.';
      throw conflict(message, [{ field: `facts[${i}].id`, message }]);
    }
  }
}
