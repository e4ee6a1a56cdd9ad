import type { ErasedCounts } from '@huff/contract';
import type { RecordKind } from '@huff/contract/spine';
import type { Query } from '../db/db';
import type { Author } from '../http/author';
import { notFound } from '../http/problems';
import { recordOf } from '../records/records';
import { nextRevision } from '../records/revision';

const idsIn = async (query: Query, sql: string, params: readonly unknown[]): Promise<string[]> =>
  (await query<{ id: string }>(sql, [...params])).map(({ id }) => id);

/** The records of a customer: the site, its units and jobs, the visits at them, and checks that were only titled with its name. */
async function recordsOfSite(query: Query, shopId: string, siteId: string, siteName: string) {
  const units = await idsIn(query, 'SELECT id FROM units WHERE shop_id = $1 AND site_id = $2', [shopId, siteId]);
  const visits = await idsIn(
    query,
    `SELECT id FROM visits WHERE shop_id = $1 AND (unit_id = ANY ($2::uuid[])
       OR unit_id IS NULL AND (lower(title) = lower($3) OR starts_with(lower(title), lower($3) || ', ')))`,
    [shopId, units, siteName],
  );
  const stops = await idsIn(
    query,
    'SELECT id FROM stops WHERE shop_id = $1 AND (site_id = $2 OR unit_id = ANY ($3::uuid[]))',
    [shopId, siteId, units],
  );
  return { units, visits, stops };
}

/** Words that only what is gone had: a slip of the finger must not lead to a name. */
async function forgetWords(query: Query, shopId: string, texts: readonly string[]): Promise<void> {
  const words = [...new Set(texts.flatMap((text) => text.split(' ')))];
  await query(
    `DELETE FROM search_words w WHERE w.shop_id = $1 AND w.word = ANY ($2::text[])
       AND NOT EXISTS (SELECT 1 FROM search_texts t WHERE t.shop_id = $1 AND position(w.word IN t.text) > 0)`,
    [shopId, words],
  );
}

/**
 * Erases a customer on request: the site with its units, visits, readings, photos, jobs, mail and history. Runs in one transaction. Only
 * the ids are kept, so that phones delete them and no phone can send them back.
 *
 * @throws ProblemError 404 where there is no such site
 */
export async function eraseSite(query: Query, author: Author, siteId: string): Promise<ErasedCounts> {
  const { shopId, personId } = author;
  const revision = await nextRevision(query, shopId);
  const site = (await recordOf(query, 'site', shopId, siteId))?.record;
  if (!site) throw notFound('site');
  const { units, visits, stops } = await recordsOfSite(query, shopId, siteId, site.name);
  const records = [siteId, ...units, ...visits, ...stops];
  const photos = await idsIn(
    query,
    'SELECT id FROM photos WHERE shop_id = $1 AND (visit_id = ANY ($2::uuid[]) OR unit_id = ANY ($3::uuid[]))',
    [shopId, visits, units],
  );
  const texts = await query<{ text: string }>(
    'DELETE FROM search_texts WHERE shop_id = $1 AND visit_id = ANY ($2::uuid[]) RETURNING text',
    [shopId, visits],
  );
  await forgetWords(
    query,
    shopId,
    texts.map(({ text }) => text),
  );
  // For this transaction alone.
  await query("SELECT set_config('huff.erasing', $1, true)", [shopId]);
  const erase = (sql: string, ids: readonly string[]) => query(sql, [shopId, ids]);
  await erase('DELETE FROM photo_bytes WHERE shop_id = $1 AND photo_id = ANY ($2::uuid[])', photos);
  await erase('DELETE FROM photos WHERE shop_id = $1 AND id = ANY ($2::uuid[])', photos);
  await erase('DELETE FROM readings WHERE shop_id = $1 AND visit_id = ANY ($2::uuid[])', visits);
  await erase('DELETE FROM facts WHERE shop_id = $1 AND visit_id = ANY ($2::uuid[])', visits);
  await erase('DELETE FROM results WHERE shop_id = $1 AND visit_id = ANY ($2::uuid[])', visits);
  await erase('DELETE FROM jobs WHERE shop_id = $1 AND subject = ANY ($2::uuid[])', records);
  await erase('DELETE FROM unit_filter_due WHERE shop_id = $1 AND unit_id = ANY ($2::uuid[])', units);
  await query(
    'DELETE FROM mails WHERE shop_id = $1 AND (visit_id = ANY ($2::uuid[]) OR unit_id = ANY ($3::uuid[]) OR to_address = $4)',
    [shopId, visits, units, site.email ?? ''],
  );
  await query(
    `DELETE FROM operations WHERE shop_id = $1 AND (record_id = ANY ($2::uuid[])
       OR id IN (SELECT operation_id FROM changes WHERE shop_id = $1 AND record_id = ANY ($2::uuid[])))`,
    [shopId, records],
  );
  await erase('DELETE FROM changes WHERE shop_id = $1 AND record_id = ANY ($2::uuid[])', records);
  await erase('DELETE FROM visits WHERE shop_id = $1 AND id = ANY ($2::uuid[])', visits);
  await erase('DELETE FROM stops WHERE shop_id = $1 AND id = ANY ($2::uuid[])', stops);
  await erase('DELETE FROM units WHERE shop_id = $1 AND id = ANY ($2::uuid[])', units);
  await erase('DELETE FROM sites WHERE shop_id = $1 AND id = ANY ($2::uuid[])', [siteId]);
  const gone: Readonly<Partial<Record<RecordKind, readonly string[]>>> = {
    site: [siteId],
    unit: units,
    visit: visits,
    stop: stops,
  };
  for (const [kind, ids] of Object.entries(gone))
    await query(
      `INSERT INTO erasures (shop_id, kind, record_id, revision, erased_by)
       SELECT $1, $2, id, $4, $5 FROM unnest($3::uuid[]) AS id`,
      [shopId, kind, ids, revision, personId],
    );
  return { units: units.length, visits: visits.length, photos: photos.length };
}
