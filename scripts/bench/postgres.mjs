import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import { startPostgres } from '../setup/postgres.mjs';
import { startServer } from '../setup/server.mjs';
import { fillDataSet } from './dataSet.mjs';
import { limited } from './limits.mjs';
import { row } from './median.mjs';
import { CLIENTS, crowd, p95, readingOf, sync, timed, visitId } from './phones.mjs';

/** A shop of five hundred trucks. */
const LARGE = { sites: 2000, units: 10_000, visits: 100_000, readings: 2_000_000, photos: 1000 };
const SOUGHT = ['unit 7', 'site 12', 'unti 100', 'belt slack', 'unit 9999', 'nothing at all'];
const unitId = (n) => `bbbb0002-0000-4000-8000-${String(n).padStart(12, '0')}`;
/** Beside judging for so long. */
const BESIDE_MS = 30_000;

const version = () =>
  Number(/JUDGEMENT_VERSION = (\d+)/.exec(readFileSync('core/src/visit/assess/judgementVersion.ts', 'utf8'))[1]);

/** What lists say of the visits, as if they had been judged. */
const RESULTS = (judgement) => `
  INSERT INTO results (shop_id, visit_id, visit_revision, judgement_version, static_word, flow_word, drop_word, headline, static_in_wc, flow_cfm)
    SELECT shop_id, id, revision, ${judgement}, 'inside', 'inside', 'cantSay', 'Static 0.49 in. w.c., inside', 0.49, 1132 FROM visits;
  INSERT INTO search_texts (shop_id, visit_id, text)
    SELECT shop_id, id, lower(title) || CASE WHEN right(id::text, 2) = '07' THEN ' · belt slack' ELSE ' · static inside' END FROM visits;
  INSERT INTO search_words (shop_id, word)
    SELECT DISTINCT shop_id, word FROM search_texts, unnest(string_to_array(text, ' ')) AS word WHERE length(word) > 2;
  DELETE FROM jobs; ANALYZE`;

async function signIn(url) {
  const set = await fetch(`${url}/api/me/passphrase`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ name: 'Bench', passphrase: 'nine long ducts in a row' }),
  });
  const cookie = set.headers.get('set-cookie').split(';')[0];
  const times = [];
  for (let i = 0; i < 20; i += 1) {
    const from = performance.now();
    const answer = await fetch(`${url}/api/session/passphrase`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ name: 'Bench', passphrase: 'nine long ducts in a row' }),
    });
    if (!answer.ok) throw new Error(`sign-in answered ${answer.status}`);
    times.push(performance.now() - from);
  }
  return { p95: p95(times), cookie };
}

/** The server on a PostgreSQL server with 2 million readings. */
export async function benchPostgres() {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-bench-'));
  const postgres = await startPostgres({ quick: false, settings: ['shared_buffers = 256MB', 'max_wal_size = 2GB'] });
  const open = () => startServer(folder, { demo: false, database: postgres.url });
  try {
    await (await open()).stop();
    const exec = (sql) => postgres.psql(sql, 'huff');
    await fillDataSet(exec, LARGE);
    await exec(RESULTS(version()));
    let server = await open();
    const { url } = server;
    const about = `p95; ${Object.entries(LARGE)
      .slice(1, 4)
      .map(([name, n]) => `${n.toLocaleString('en-US')} ${name}`)
      .join(', ')} on PostgreSQL`;
    const lists = await timed(() => fetch(`${url}/api/visits`));
    row('PostgreSQL: first page of visits', lists.toFixed(0), 'ms', `aim: under 50; ${about}`);
    const year = new Date(Date.now() - 365 * 86_400_000).toISOString();
    const old = await timed(() => fetch(`${url}/api/visits?after=${year}_${visitId(1)}`));
    row('PostgreSQL: a page of visits of a year ago', old.toFixed(0), 'ms', 'aim: under 50');
    const unit = await timed((i) => fetch(`${url}/api/visits?unit=${unitId(1 + i * 100)}`));
    row('PostgreSQL: the visits of a unit', unit.toFixed(0), 'ms', 'aim: under 50');
    const visit = await timed((i) => fetch(`${url}/api/visits/${visitId(1 + i * 1500)}`));
    row('PostgreSQL: one visit, whole', visit.toFixed(0), 'ms', 'aim: under 50');
    const found = await timed((i) => fetch(`${url}/api/search?q=${encodeURIComponent(SOUGHT[i % SOUGHT.length])}`));
    row('PostgreSQL: search', found.toFixed(0), 'ms', 'aim: under 80');
    const { cursor } = await (await sync(url, { cursor: null })).json();
    const one = await timed((i) => sync(url, { cursor, operations: [readingOf(visitId(1 + i * 100))], pull: false }));
    row('PostgreSQL: sync of one reading', one.toFixed(0), 'ms', 'p95, one after the other');
    const quiet = await crowd(url, cursor, LARGE.visits);
    row(
      `PostgreSQL: ${CLIENTS} phones for a minute`,
      p95(quiet.times).toFixed(0),
      'ms',
      `aim: under 60; p95 of ${quiet.times.length}, ${quiet.errors} errors`,
    );
    row('PostgreSQL: memory of the server after that', server.residentMB().toFixed(0), 'MB', 'aim: under 200');
    await server.stop();
    // All are judged anew, as after an update.
    await exec('UPDATE results SET judgement_version = 0');
    server = await open();
    const beside = await crowd(server.url, cursor, LARGE.visits, BESIDE_MS);
    limited(
      'PostgreSQL: the same phones while all visits are judged anew, times',
      p95(beside.times) / p95(quiet.times),
      1.5,
    );
    row('PostgreSQL: p95 then', p95(beside.times).toFixed(0), 'ms', `${beside.errors} errors`);
    const [judged] = (await exec('SELECT count(*) FROM results WHERE judgement_version > 0')).stdout.trim().split('\n');
    row('PostgreSQL: visits judged meanwhile', judged, '');
    const door = await signIn(server.url);
    row('sign-in by passphrase, argon2id 19 MiB', door.p95.toFixed(0), 'ms', 'aim: under 300; p95 beside judging');
    await server.stop();
  } finally {
    await postgres.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
