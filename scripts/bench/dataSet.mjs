import { PGlite } from '@electric-sql/pglite';
import path from 'node:path';

/** A shop of years: what the server is measured with. */
export const DATA_SET = { sites: 400, units: 2000, visits: 20_000, readings: 400_000, photos: 5000 };

const SHOP = '5b0f0000-0000-4000-8000-000000000001';
const PERSON = '5b0f0000-0000-4000-8000-000000000002';

/** The id of the n-th record of a kind, in SQL. */
const id = (kind, n) => `('bbbb${kind}-0000-4000-8000-' || lpad((${n})::text, 12, '0'))::uuid`;
const BY = `'${SHOP}'::uuid, '${PERSON}'::uuid`;

const AT_A_TIME = 50_000;

/** Puts a data set into a database that a server made and left: visits over two years up to now, twenty readings each. */
export async function fillDataSet(exec, { sites, units, visits, readings, photos } = DATA_SET) {
  await exec(`
    INSERT INTO sites (shop_id, written_by, id, saved_at, name, altitude_ft, revision)
      SELECT ${BY}, ${id('0001', 'n')}, now(), 'Site ' || n, 620, n FROM generate_series(1, ${sites}) n;
    INSERT INTO units (shop_id, written_by, id, saved_at, site_id, name, layout, motor, tons, max_tesp_in_wc, cfm_per_ton, tap,
        setup, revision)
      SELECT ${BY}, ${id('0002', 'n')}, now(), ${id('0001', `1 + n % ${sites}`)}, 'Unit ' || n, 'airHandler', 'psc', 3, 0.5, 400, 'high',
        '{"filterCount":1,"filterWidthIn":20,"filterHeightIn":25}', ${sites} + n FROM generate_series(1, ${units}) n;
    INSERT INTO visits (shop_id, written_by, id, saved_at, started_at, title, unit_id, layout, motor, mode, tons, max_tesp_in_wc,
        cfm_per_ton, tap, table_used, revision, made_revision, head_revision, reading_count)
      SELECT ${BY}, ${id('0003', 'n')}, now(), now() - (${visits} - n) * interval '${(730 * 86_400) / visits} seconds',
        'Site ' || 1 + (1 + n % ${units}) % ${sites} || ', Unit ' || 1 + n % ${units}, ${id('0002', `1 + n % ${units}`)}, 'airHandler', 'psc',
        'cooling', 3, 0.5, 400, 'high',
        '{"id":"bbbb0009-0000-4000-8000-000000000001","name":"AH","staticsInWc":[0.1,0.2,0.3,0.4,0.5,0.6,0.7,0.8],"taps":[{"tap":"high","flowsCfm":[1320,1285,1249,1212,1173,1132,1089,1043]}]}',
        ${sites + units} + n, ${sites + units} + n, ${sites + units} + n, ${readings / visits} FROM generate_series(1, ${visits}) n`);
  const each = readings / visits;
  for (let from = 1; from <= readings; from += AT_A_TIME)
    await exec(`
      INSERT INTO readings (shop_id, written_by, id, visit_id, quantity, port, value, unit, origin, conditions, taken_at)
        SELECT ${BY}, ${id('0004', 'n')}, ${id('0003', `1 + (n - 1) / ${each}`)}, 'staticPressure',
          (ARRAY['R1', 'R2', 'S1', 'S2'])[1 + n % 4], (ARRAY[-0.12, -0.28, 0.21, 0.09])[1 + n % 4], 'inWc', 'typed',
          '{"door":"on","filter":"in","coil":"wet","minutesRunning":15}',
          (SELECT started_at FROM visits v WHERE v.shop_id = '${SHOP}' AND v.id = ${id('0003', `1 + (n - 1) / ${each}`)}) + (n % ${each}) * interval '1 minute'
        FROM generate_series(${from}, ${Math.min(readings, from + AT_A_TIME - 1)}) n`);
  await exec(`
    INSERT INTO photos (shop_id, written_by, id, visit_id, item, saved_at)
      SELECT ${BY}, ${id('0005', 'n')}, ${id('0003', `n * ${visits / photos}`)}, 'filter', now() FROM generate_series(1, ${photos}) n;
    INSERT INTO photo_bytes (shop_id, photo_id, size, jpeg)
      SELECT '${SHOP}'::uuid, ${id('0005', 'n')}, size, decode(repeat('ffd8ffe0', CASE size WHEN 'full' THEN 5000 ELSE 500 END), 'hex')
      FROM generate_series(1, ${photos}) n, (VALUES ('small'), ('full')) AS sizes (size);
    UPDATE shops SET revision = 1000000 WHERE id = '${SHOP}';
    ANALYZE`);
}

/** The same in a data folder. */
export async function fillFolder(dataFolder) {
  const db = await PGlite.create(path.join(dataFolder, 'db'));
  await fillDataSet((sql) => db.exec(sql));
  await db.close();
}
