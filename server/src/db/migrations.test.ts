import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { inTurn } from '../../../core/fixtures/longRun';
import { checkRecord } from '@huff/contract/sync';
import { RECORD_KINDS } from '@huff/contract/spine';
import { recordPage } from '../records/records';
import { emptyDb, openly } from '../testing/testDb';
import type { Db } from './db';
import { migrate, migrationFiles } from './migrate';

const FOLDER = fileURLToPath(new URL('./migrations', import.meta.url));
const uuid = (n: number) => `22220000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const [SHOP, PERSON, TABLE, UNIT, OTHER_UNIT, VISIT] = [1, 2, 3, 4, 5, 6].map(uuid) as [string, ...string[]];
const STATICS = JSON.stringify([0.1, 0.2]);
const TAPS = JSON.stringify([{ tap: '1', flowsCfm: [900, 880] }]);
const WRITTEN = `shop_id, written_by, saved_at`;
const BY = `'${SHOP}', '${PERSON}', '2026-01-02T03:04:05Z'`;

/** What stood in the database at each earlier state, by the number of its last migration. */
const ROWS: readonly (readonly [since: number, sql: string])[] = [
  [1, `INSERT INTO shops (id, name) VALUES ('${SHOP}', 'Old shop')`],
  [1, `INSERT INTO people (id, shop_id, name) VALUES ('${PERSON}', '${SHOP}', 'Old hand')`],
  [
    1,
    `INSERT INTO blower_tables (id, ${WRITTEN}, name, motor, statics_in_wc, taps)
     VALUES ('${TABLE}', ${BY}, 'AH', 'psc', '${STATICS}', '${TAPS}')`,
  ],
  ...[UNIT, OTHER_UNIT].map(
    (id, i) =>
      [
        1,
        `INSERT INTO units (id, ${WRITTEN}, site_name, name, layout, motor, cfm_per_ton, tap, blower_table_id)
         VALUES ('${id}', ${BY}, 'Quay ${i}', 'Unit ${i}', 'airHandler', 'psc', 400, '1', '${TABLE}')`,
      ] as const,
  ),
  [
    1,
    `INSERT INTO visits (id, ${WRITTEN}, started_at, title, unit_id, layout, motor, mode, cfm_per_ton)
     VALUES ('${VISIT}', ${BY}, '2026-01-02T03:00:00Z', 'Quay 0, Unit 0', '${UNIT}', 'airHandler', 'psc', 'cooling', 400)`,
  ],
  [
    1,
    `INSERT INTO readings (id, shop_id, written_by, visit_id, quantity, port, value, unit, origin, conditions, taken_at)
     VALUES ('${uuid(20)}', '${SHOP}', '${PERSON}', '${VISIT}', 'staticPressure', 'R2', -0.31, 'inWc', 'typed',
       '{"door":"on","filter":"in","coil":"wet"}', '2026-01-02T03:01:00Z')`,
  ],
  [2, `INSERT INTO sites (id, ${WRITTEN}, name, altitude_ft) VALUES ('${uuid(30)}', ${BY}, 'Quay 0', 620)`],
  [2, `INSERT INTO sites (id, ${WRITTEN}, name) VALUES ('${uuid(31)}', ${BY}, 'Quay 0')`],
  [
    2,
    `INSERT INTO facts (id, shop_id, written_by, visit_id, kind, inputs, taken_at)
     VALUES ('${uuid(40)}', '${SHOP}', '${PERSON}', '${VISIT}', 'look', '{"item":"filter","state":"loaded"}', '2026-01-02T03:02:00Z')`,
  ],
  [
    3,
    `INSERT INTO photos (id, shop_id, written_by, visit_id, item, saved_at, jpeg)
     VALUES ('${uuid(50)}', '${SHOP}', '${PERSON}', '${VISIT}', 'filter', '2026-01-02T03:03:00Z', '\\xffd8ff00')`,
  ],
  [
    4,
    `INSERT INTO shop_figures (id, ${WRITTEN}, currency, moves, sheaves, belts)
     VALUES ('${SHOP}', ${BY}, '$', '[]', '[]', '[]')`,
  ],
  [5, `UPDATE units SET tap = '2' WHERE id = '${UNIT}'`],
  [
    6,
    `INSERT INTO operations (shop_id, id, done_by, device, made_at, clock_offset_ms, digest, result)
     VALUES ('${SHOP}', '${uuid(60)}', '${PERSON}', '${uuid(61)}', '2026-01-02T03:04:05Z', 0, 'd', '{"status":"done"}')`,
  ],
  [
    6,
    `INSERT INTO changes (shop_id, revision, kind, record_id, operation_id, device, changed_by, fields)
     VALUES ('${SHOP}', 1, 'unit', '${UNIT}', '${uuid(60)}', '${uuid(61)}', '${PERSON}', '{"tap":{"before":"1","after":"2"}}')`,
  ],
  [
    6,
    `INSERT INTO results (shop_id, visit_id, visit_revision, judgement_version, static_word, flow_word, drop_word, headline)
     VALUES ('${SHOP}', '${VISIT}', 1, 1, 'inside', 'inside', 'cantSay', 'Inside')`,
  ],
  [10, `UPDATE results SET search_text = 'quay 0, unit 0 · belt slack'`],
  [
    10,
    `INSERT INTO mails (id, shop_id, kind, to_address, subject, body)
     VALUES ('${uuid(70)}', '${SHOP}', 'report', 'desk@quay.example', 'Report', 'Words')`,
  ],
];
/** Records are written otherwise from here on: what stood before is written before. */
const SPINE = 6;
const LAST = migrationFiles().length;

/** Runs the first `last` migrations that did not run yet. */
async function migrateTo(db: Db, last: number): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-migrations-'));
  try {
    for (const { number, file } of migrationFiles())
      if (number <= last) copyFileSync(path.join(FOLDER, file), path.join(folder, file));
    await migrate(db, folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** A database as it stood after its first `last` migrations, with rows in it. */
async function databaseOf(last: number): Promise<Db> {
  const db = openly(await emptyDb());
  const states = [Math.min(last, SPINE - 1), ...ROWS.map(([since]) => since).filter((since) => since >= SPINE)];
  let reached = 0;
  for (const state of [...new Set(states)].filter((one) => one <= last)) {
    await migrateTo(db, state);
    for (const [since, sql] of ROWS) if (since > reached && since <= state) await db.query(sql);
    reached = state;
  }
  await migrateTo(db, last);
  return db;
}

const countsOf = async (db: Db) => {
  const tables = [
    'shops',
    'people',
    'blower_tables',
    'units',
    'visits',
    'readings',
    'facts',
    'photos',
    'shop_figures',
    'operations',
    'changes',
    'results',
    'mails',
  ];
  const counts: Record<string, number> = {};
  for (const table of tables) {
    const [there] = await db.query<{ name: string | null }>('SELECT to_regclass($1)::text AS name', [table]);
    if (there?.name === null) continue;
    const [row] = await db.query<{ n: number }>(`SELECT count(*) AS n FROM ${table}`);
    counts[table] = row!.n;
  }
  return counts;
};

const STATES = Array.from({ length: LAST }, (_, i) => i + 1);
/** On a PostgreSQL server all of them take seconds; embedded the first and the last do each day, the others in turn. */
const TODAYS = process.env.HUFF_TEST_DATABASE
  ? STATES
  : [...new Set([1, ...inTurn(STATES), LAST - 1, LAST])].sort((a, b) => a - b);

test.each(TODAYS)(
  'a database of state %i keeps every row, and every record can be read',
  async (last) => {
    const db = await databaseOf(last);
    const before = await countsOf(db);
    await migrate(db);
    expect(await countsOf(db)).toMatchObject(before);
    const revisions: number[] = [];
    for (const kind of RECORD_KINDS)
      for (const { record, revision } of await recordPage(db.query, kind, SHOP, { length: 100 })) {
        expect(checkRecord(kind, record)).toMatchObject({ ok: true });
        revisions.push(revision);
      }
    // Numbered one by one, up to where the shop stands: no phone misses one.
    expect([...revisions].sort((a, b) => a - b)).toEqual(revisions.map((_, i) => i + 1));
    expect(await db.query('SELECT revision FROM shops WHERE id = $1', [SHOP])).toEqual([
      { revision: revisions.length },
    ]);
    const units = await db.query<{ name: string; altitude: number | null }>(
      `SELECT s.name, s.altitude_ft AS altitude FROM units u JOIN sites s ON s.shop_id = u.shop_id AND s.id = u.site_id ORDER BY s.name`,
    );
    expect(units).toEqual([
      { name: 'Quay 0', altitude: last >= 2 ? 620 : null },
      { name: 'Quay 1', altitude: null },
    ]);
    const pictures = await db.query<{ size: string; jpeg: Uint8Array }>('SELECT size, jpeg FROM photo_bytes');
    expect(pictures.map(({ size, jpeg }) => [size, Buffer.from(jpeg).toString('hex')])).toEqual(
      last >= 3 ? [['full', 'ffd8ff00']] : [],
    );
    // What visits are found by moved to a separate table.
    expect(await db.query('SELECT text FROM search_texts')).toEqual(
      last >= 10 ? [{ text: 'quay 0, unit 0 · belt slack' }] : [],
    );
    // Whose shop it was is its owner.
    expect(await db.query('SELECT name, role FROM people')).toEqual([{ name: 'Old hand', role: 'owner' }]);
    await db.close();
  },
  60_000,
);

describe('data of another program is refused in words', () => {
  let db: Db;
  beforeEach(async () => {
    db = await databaseOf(3);
    await migrate(db);
  }, 60_000);
  afterEach(() => db.close());

  test('of a newer one', async () => {
    await db.query(`INSERT INTO migrations (number, file) VALUES (9001, '9001_later.sql')`);
    await expect(migrate(db)).rejects.toThrow(/newer Huff \(9001_later\.sql\)\. Update Huff/);
  });

  test('whose migration was edited after it ran; one of before checksums stays as it is', async () => {
    await db.query('UPDATE migrations SET checksum = NULL WHERE number = 2');
    expect(await migrate(db)).toEqual([]);
    const [second] = await db.query<{ checksum: string | null }>('SELECT checksum FROM migrations WHERE number = 2');
    expect(second?.checksum).toMatch(/^[0-9a-f]{64}$/);
    await db.query(`UPDATE migrations SET checksum = 'another' WHERE number = 2`);
    await expect(migrate(db)).rejects.toThrow(/0002_measure\.sql was changed after it ran/);
  });
});
