import { BUNDLE_VERSION, type PhotoDto } from '@huff/contract';
import type { RecordKind } from '@huff/contract/spine';
import type { Query } from '../db/db';
import { PHOTO_FIELDS, picturesOf, toldPhoto } from '../photos/photos';
import { recordOf, recordPage, recordsOf } from '../records/records';
import { wholeVisits } from '../visits/wholeVisit';

/** So many records, or visits with all that was read at them, are in memory at once. */
const RECORDS = 200;
const VISITS = 25;

/** What of a shop goes into a bundle: all of it, or one site with what its units need. */
export interface BundleScope {
  readonly shopId: string;
  readonly siteId?: string;
  /** With the pictures: they are most of a file. */
  readonly photos?: boolean;
}

async function* all(query: Query, shopId: string, kind: RecordKind): AsyncGenerator<object> {
  let after: string | undefined;
  for (;;) {
    const page = await recordPage(query, kind, shopId, { after, length: RECORDS });
    for (const { record } of page) yield record;
    if (page.length < RECORDS) return;
    after = page.at(-1)!.record.id;
  }
}

async function* some(query: Query, shopId: string, kind: RecordKind, ids: readonly string[]): AsyncGenerator<object> {
  const records = (await recordsOf(query, kind, shopId, ids)).map(({ record }) => record);
  yield* records.sort((a, b) => a.id.localeCompare(b.id));
}

async function* visitsOf(query: Query, { shopId, siteId }: BundleScope): AsyncGenerator<object> {
  let after = '00000000-0000-0000-0000-000000000000';
  for (;;) {
    const rows = await query<{ id: string }>(
      `SELECT v.id FROM visits v WHERE v.shop_id = $1 AND v.id > $2
         AND ($3::uuid IS NULL OR v.unit_id IN (SELECT id FROM units WHERE shop_id = $1 AND site_id = $3))
       ORDER BY v.id LIMIT ${VISITS}`,
      [shopId, after, siteId ?? null],
    );
    const whole = new Map(
      (
        await wholeVisits(
          query,
          shopId,
          rows.map(({ id }) => id),
        )
      ).map(({ record }) => [record.id, record]),
    );
    for (const { id } of rows) yield whole.get(id)!;
    if (rows.length < VISITS) return;
    after = rows.at(-1)!.id;
  }
}

/** Photos with their pictures, one at a time. */
async function* photosIn(query: Query, { shopId, siteId }: BundleScope): AsyncGenerator<object> {
  let after = '00000000-0000-0000-0000-000000000000';
  for (;;) {
    const rows = await query<PhotoDto & Record<string, unknown>>(
      `WITH at_site AS (
         SELECT u.id, u.blower_table_id FROM units u WHERE u.shop_id = $1 AND ($3::uuid IS NULL OR u.site_id = $3))
       SELECT ${PHOTO_FIELDS} FROM photos p
       WHERE p.shop_id = $1 AND p.id > $2 AND (
         EXISTS (SELECT 1 FROM visits v WHERE v.shop_id = $1 AND v.id = p.visit_id
           AND ($3::uuid IS NULL OR v.unit_id IN (SELECT id FROM at_site)))
         OR p.unit_id IN (SELECT id FROM at_site)
         OR EXISTS (SELECT 1 FROM blower_tables t WHERE t.shop_id = $1 AND t.id = p.blower_table_id
           AND ($3::uuid IS NULL OR t.id IN (SELECT blower_table_id FROM at_site))))
       ORDER BY p.id LIMIT ${RECORDS}`,
      [shopId, after, siteId ?? null],
    );
    for (const photo of rows) {
      const pictures = await picturesOf(query, shopId, photo.id);
      yield { ...toldPhoto(photo), ...pictures };
    }
    if (rows.length < RECORDS) return;
    after = rows.at(-1)!.id;
  }
}

async function idsAt(query: Query, shopId: string, siteId: string) {
  const units = await query<{ id: string; tableId: string | null }>(
    'SELECT id, blower_table_id AS "tableId" FROM units WHERE shop_id = $1 AND site_id = $2',
    [shopId, siteId],
  );
  return {
    units: units.map(({ id }) => id),
    tables: [...new Set(units.flatMap(({ tableId }) => tableId ?? []))],
  };
}

async function stopsAt(query: Query, shopId: string, siteId: string): Promise<string[]> {
  const rows = await query<{ id: string }>('SELECT id FROM stops WHERE shop_id = $1 AND site_id = $2', [
    shopId,
    siteId,
  ]);
  return rows.map(({ id }) => id);
}

type List = readonly [name: string, items: AsyncGenerator<object>];

/** The lists of a bundle with what is in each, in the order in which they can be read in again. */
async function listsOf(query: Query, scope: BundleScope): Promise<readonly List[]> {
  const { shopId, siteId } = scope;
  const photos: readonly List[] = scope.photos ? [['photos', photosIn(query, scope)]] : [];
  if (siteId === undefined)
    return [
      ['sites', all(query, shopId, 'site')],
      ['blowerTables', all(query, shopId, 'blowerTable')],
      ['units', all(query, shopId, 'unit')],
      ['visits', visitsOf(query, scope)],
      ['stops', all(query, shopId, 'stop')],
      ['drills', all(query, shopId, 'drill')],
      ...photos,
    ];
  const ids = await idsAt(query, shopId, siteId);
  return [
    ['sites', some(query, shopId, 'site', [siteId])],
    ['blowerTables', some(query, shopId, 'blowerTable', ids.tables)],
    ['units', some(query, shopId, 'unit', ids.units)],
    ['visits', visitsOf(query, scope)],
    ['stops', some(query, shopId, 'stop', await stopsAt(query, shopId, siteId))],
    ...photos,
  ];
}

/** A bundle as pieces of JSON text, one after the other: never whole in memory. */
export async function* writeBundle(query: Query, scope: BundleScope, now: Date): AsyncGenerator<string> {
  yield `{"huffBundle":${BUNDLE_VERSION},"writtenAt":${JSON.stringify(now.toISOString())}`;
  for (const [name, items] of await listsOf(query, scope)) {
    yield `,\n"${name}":[`;
    let first = true;
    for await (const item of items) {
      yield `${first ? '' : ','}\n${JSON.stringify(item)}`;
      first = false;
    }
    yield ']';
  }
  if (scope.siteId === undefined) {
    const { record } = (await recordOf(query, 'shop', scope.shopId, scope.shopId))!;
    yield `,\n"shop":${JSON.stringify(record)}`;
  }
  yield '}\n';
}
