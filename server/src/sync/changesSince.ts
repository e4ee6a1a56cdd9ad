import { SYNC_LIMITS, type Change, type RecordKind, type SyncAnswer } from '@huff/contract/spine';
import type { Query } from '../db/db';
import { photosOf } from '../photos/photos';
import { RECORD_TABLES } from '../records/recordTable';
import { recordsOf } from '../records/records';
import { factsOf } from '../visits/facts';
import { readingsOf } from '../visits/readings';
import { summariesOf } from '../visits/results';
import { cursorText, type Cursor } from './cursor';

/** What a phone at hand wants of visits: those of the last week. Older ones come by id. */
const WORKING_SET = `interval '7 days'`;

interface Place {
  readonly kind: RecordKind;
  readonly id: string;
  readonly revision: number;
}

/** What changed since the cursor, in the order of its last change, one more than a page. */
function placesSince(query: Query, shopId: string, { revision, until }: Cursor): Promise<Place[]> {
  const parts = Object.entries(RECORD_TABLES).map(([kind, { table }]) => {
    const only = kind === 'visit' ? `AND (revision > $4 OR started_at > now() - ${WORKING_SET})` : '';
    return `(SELECT '${kind}' AS kind, id, revision FROM ${table}
      WHERE shop_id = $1 AND revision > $2 ${only} ORDER BY revision LIMIT $3)`;
  });
  return query<Place & Record<string, unknown>>(`${parts.join(' UNION ALL ')} ORDER BY revision LIMIT $3`, [
    shopId,
    revision,
    SYNC_LIMITS.changes + 1,
    until ?? -1,
  ]);
}

async function countsOf(query: Query, table: 'readings' | 'facts', shopId: string, ids: readonly string[]) {
  const rows = await query<{ id: string; count: number }>(
    `SELECT visit_id AS id, count(*) AS count FROM ${table}
     WHERE shop_id = $1 AND visit_id = ANY ($2::uuid[]) GROUP BY visit_id`,
    [shopId, ids],
  );
  return new Map(rows.map(({ id, count }) => [id, Number(count)]));
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
  const made = await madeSince(query, shopId, ids, after);
  const known = ids.filter((id) => !made.has(id));
  return [...(await visitsWith(query, shopId, [...made], -1)), ...(await visitsWith(query, shopId, known, after))];
}

/** Visits with what was added to them since a revision. */
async function visitsWith(query: Query, shopId: string, ids: readonly string[], after: number): Promise<Change[]> {
  if (ids.length === 0) return [];
  const heads = await recordsOf(query, 'visit', shopId, ids);
  const readings = await readingsOf(query, shopId, ids, after);
  const facts = await factsOf(query, shopId, ids, after);
  const photos = await photosOf(query, shopId, ids, after);
  // All of a visit's rows are here when none is left out: only then nothing need be counted.
  const readingCounts = after < 0 ? undefined : await countsOf(query, 'readings', shopId, ids);
  const factCounts = after < 0 ? undefined : await countsOf(query, 'facts', shopId, ids);
  const summaries = await summariesOf(query, shopId, ids);
  return heads.map(({ record: head, revision }): Change => {
    const [ownReadings, ownFacts] = [readings.get(head.id)!, facts.get(head.id)!];
    return {
      of: 'visit',
      id: head.id,
      revision,
      visit: {
        head,
        readings: ownReadings,
        facts: ownFacts,
        photos: photos.get(head.id)!,
        readingCount: readingCounts ? (readingCounts.get(head.id) ?? 0) : ownReadings.length,
        factCount: factCounts ? (factCounts.get(head.id) ?? 0) : ownFacts.length,
        summary: summaries.get(head.id),
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
  const kept = await recordsOf(query, kind, shopId, ids);
  return kept.map(({ record, revision }) => ({ of: kind, id: record.id, revision, record }) as Change);
}

/**
 * What a shop's phone has to learn, in pages.
 *
 * @param now the shop's revision, read before this was asked: what moves past it meanwhile comes the next time
 */
export async function changesSince(
  query: Query,
  shopId: string,
  cursor: Cursor,
  now: number,
): Promise<Pick<SyncAnswer, 'changes' | 'cursor' | 'more'>> {
  const places = await placesSince(query, shopId, cursor);
  const page = places.slice(0, SYNC_LIMITS.changes);
  const more = places.length > page.length;
  const idsOf = (kind: RecordKind) => page.filter((place) => place.kind === kind).map(({ id }) => id);
  const others = ['site', 'blowerTable', 'unit', 'shop'] as const;
  const changes: Change[] = [];
  for (const kind of others) changes.push(...(await recordChanges(query, kind, shopId, idsOf(kind))));
  changes.push(...(await visitChanges(query, shopId, idsOf('visit'), cursor.revision)));
  // A page ends with its last record; the last page where the shop stood.
  const reached = more ? page.at(-1)!.revision : Math.max(now, cursor.revision);
  const until = cursor.until !== undefined && reached < cursor.until ? cursor.until : undefined;
  return {
    changes,
    cursor: cursorText(shopId, { revision: reached, ...(until === undefined ? {} : { until }) }),
    more,
  };
}
