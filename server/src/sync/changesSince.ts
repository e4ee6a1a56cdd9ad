import { SYNC_LIMITS, type Change, type RecordKind, type SyncAnswer } from '@huff/contract/spine';
import type { Query } from '../db/db';
import { photosOf } from '../photos/photos';
import { erasedBetween } from '../records/erased';
import { RECORD_TABLES } from '../records/recordTable';
import { recordsOf } from '../records/records';
import type { ShopState } from '../records/revision';
import { factsOf } from '../visits/facts';
import { readingsOf } from '../visits/readings';
import { summariesOf } from '../visits/summaries';
import { cursorText, knownTo, type Cursor } from './cursor';

/** What a phone at hand wants of visits: those of the last week. Older ones come by id. */
const WORKING_SET = `interval '7 days'`;

interface Place {
  readonly kind: RecordKind;
  readonly id: string;
  readonly revision: number;
}

/** What changed since the cursor, in the order of its last change, one more than a page. */
function placesSince(query: Query, shopId: string, { revision, run }: Cursor): Promise<Place[]> {
  // A new phone's first run passes old visits over; what changes while it runs is told all the same.
  const passedOverTo = run?.known === -1 ? run.until : -1;
  const parts = Object.entries(RECORD_TABLES).map(([kind, { table }]) => {
    const only = kind === 'visit' ? `AND (revision > $4 OR started_at > now() - ${WORKING_SET})` : '';
    return `(SELECT '${kind}' AS kind, id, revision FROM ${table}
      WHERE shop_id = $1 AND revision > $2 ${only} ORDER BY revision LIMIT $3)`;
  });
  return query<Place & Record<string, unknown>>(`${parts.join(' UNION ALL ')} ORDER BY revision LIMIT $3`, [
    shopId,
    revision,
    SYNC_LIMITS.changes + 1,
    passedOverTo,
  ]);
}

/** Those of the visits that were made since a revision: who knows less than that knows nothing of them. */
async function madeSince(query: Query, shopId: string, ids: readonly string[], after: number): Promise<Set<string>> {
  const rows = await query<{ id: string }>(
    'SELECT id FROM visits WHERE shop_id = $1 AND id = ANY ($2::uuid[]) AND made_revision > $3',
    [shopId, ids, after],
  );
  return new Set(rows.map(({ id }) => id));
}

/** Visits as they changed since a revision; those made since with all that was added to them, before them as well. */
async function visitChanges(query: Query, shopId: string, ids: readonly string[], after: number): Promise<Change[]> {
  if (ids.length === 0) return [];
  const made = await madeSince(query, shopId, ids, after);
  const known = ids.filter((id) => !made.has(id));
  return [...(await visitsWith(query, shopId, [...made], -1)), ...(await visitsWith(query, shopId, known, after))];
}

interface VisitState {
  readonly id: string;
  readonly revision: number;
  readonly headRevision: number;
  readonly readingCount: number;
  readonly factCount: number;
}

const statesOf = (query: Query, shopId: string, ids: readonly string[]) =>
  query<VisitState & Record<string, unknown>>(
    `SELECT id, revision, head_revision AS "headRevision", reading_count AS "readingCount", fact_count AS "factCount"
     FROM visits WHERE shop_id = $1 AND id = ANY ($2::uuid[])`,
    [shopId, ids],
  );

/** Visits with what was added to them since a revision; their own fields only if those changed. */
async function visitsWith(query: Query, shopId: string, ids: readonly string[], after: number): Promise<Change[]> {
  if (ids.length === 0) return [];
  const states = await statesOf(query, shopId, ids);
  const changedHeads = states.filter(({ headRevision }) => headRevision > after).map(({ id }) => id);
  const heads = new Map(
    (await recordsOf(query, 'visit', shopId, changedHeads)).map(({ record }) => [record.id, record]),
  );
  const readings = await readingsOf(query, shopId, ids, after);
  const facts = await factsOf(query, shopId, ids, after);
  const photos = await photosOf(query, shopId, ids, after);
  const summaries = await summariesOf(query, shopId, ids);
  return states.map(({ id, revision, readingCount, factCount }): Change => {
    const [head, summary] = [heads.get(id), summaries.get(id)];
    return {
      of: 'visit',
      id,
      revision,
      visit: {
        ...(head ? { head } : {}),
        readings: readings.get(id)!,
        facts: facts.get(id)!,
        photos: photos.get(id)!,
        readingCount,
        factCount,
        ...(summary ? { summary } : {}),
      },
    };
  });
}

async function recordChanges(
  query: Query,
  kind: Exclude<RecordKind, 'visit'>,
  shopId: string,
  ids: readonly string[],
): Promise<Change[]> {
  if (ids.length === 0) return [];
  const kept = await recordsOf(query, kind, shopId, ids);
  return kept.map(({ record, revision }) => ({ of: kind, id: record.id, revision, record }) as Change);
}

const OTHERS = ['site', 'blowerTable', 'unit', 'shop', 'stop', 'drill'] as const;

/** Records as they now stand; visits with what was added to them since the phone last knew everything. */
export async function recordsTold(
  query: Query,
  shopId: string,
  records: readonly (readonly [RecordKind, string])[],
  cursor: Cursor,
): Promise<Change[]> {
  const idsOf = (wanted: RecordKind) => [...new Set(records.filter(([kind]) => kind === wanted).map(([, id]) => id))];
  const changes: Change[] = [];
  for (const kind of OTHERS) changes.push(...(await recordChanges(query, kind, shopId, idsOf(kind))));
  changes.push(...(await visitChanges(query, shopId, idsOf('visit'), knownTo(cursor))));
  return changes;
}

/**
 * What a shop's phone has to learn, in pages.
 *
 * @param state where the shop stood, read before this was asked: what moves past it meanwhile comes the next time
 */
export async function changesSince(
  query: Query,
  shopId: string,
  cursor: Cursor,
  { revision: now, epoch }: ShopState,
): Promise<Pick<SyncAnswer, 'changes' | 'erased' | 'cursor' | 'more'>> {
  const places = await placesSince(query, shopId, cursor);
  const page = places.slice(0, SYNC_LIMITS.changes);
  const more = places.length > page.length;
  const changes = await recordsTold(
    query,
    shopId,
    page.map(({ kind, id }) => [kind, id] as const),
    cursor,
  );
  // A page ends with its last record; the last page where the shop stood.
  const next: Cursor = more
    ? { revision: page.at(-1)!.revision, run: cursor.run ?? { known: cursor.revision, until: now } }
    : { revision: Math.max(now, cursor.revision) };
  // A phone that knew nothing has nothing to delete.
  const erased = cursor.run?.known === -1 ? [] : await erasedBetween(query, shopId, cursor.revision, next.revision);
  return { changes, ...(erased.length > 0 ? { erased } : {}), cursor: cursorText(shopId, epoch, next), more };
}
