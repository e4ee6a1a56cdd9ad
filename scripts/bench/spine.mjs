import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import { gzipSync } from 'node:zlib';
import { DATA_SET, fillFolder } from './dataSet.mjs';
import { row } from './median.mjs';
import { benchPapers } from './papers.mjs';
import { CLIENTS, crowd, EACH_MS, p95, readingOf, sync, timed, visitId } from './phones.mjs';
import { benchSearch } from './search.mjs';
import { benchSites } from './sitesPage.mjs';
import { startServer } from '../setup/server.mjs';

const sleep = (ms) => new Promise((go) => setTimeout(go, ms));

/** Everything a new phone is given: how long it takes, how much comes over the air. */
async function workingSet(url) {
  let cursor = null;
  let raw = 0;
  let packed = 0;
  let records = 0;
  const from = performance.now();
  for (let more = true; more;) {
    const answer = await sync(url, { cursor });
    const text = await answer.text();
    raw += text.length;
    packed += gzipSync(text).length;
    const told = JSON.parse(text);
    records += told.changes.length;
    ({ cursor, more } = told);
  }
  return { seconds: (performance.now() - from) / 1000, raw, packed, records, cursor };
}

/** The server with a shop of years in it. */
export async function benchSpine(chromium) {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-bench-'));
  try {
    await (await startServer(folder, { demo: false })).stop();
    await fillFolder(folder);
    const server = await startServer(folder, { demo: false });
    const { url } = server;
    const from = performance.now();
    for (;;) {
      const { visits } = await (await fetch(`${url}/api/visits`)).json();
      // They are taken in the order of their ids: the newest is the last.
      if (visits[0].headline !== 'Not judged yet') break;
      await sleep(500);
    }
    row(
      `${DATA_SET.visits.toLocaleString('en-US')} visits judged anew, beside requests`,
      ((performance.now() - from) / 1000).toFixed(0),
      's',
    );
    const about = `p95; ${DATA_SET.units.toLocaleString('en-US')} units, ${DATA_SET.visits.toLocaleString('en-US')} visits, ${DATA_SET.readings.toLocaleString('en-US')} readings`;
    row(
      'first page of visits',
      (await timed(() => fetch(`${url}/api/visits`))).toFixed(0),
      'ms',
      `aim: under 50; ${about}`,
    );
    row(
      'a page of visits of a year ago',
      (
        await timed(() =>
          fetch(`${url}/api/visits?after=${new Date(Date.now() - 365 * 86_400_000).toISOString()}_${visitId(1)}`),
        )
      ).toFixed(0),
      'ms',
      'aim: under 50',
    );
    row('first page of units', (await timed(() => fetch(`${url}/api/units`))).toFixed(0), 'ms', 'aim: under 50');
    row(
      'one visit of twenty readings, whole',
      (await timed((i) => fetch(`${url}/api/visits/${visitId(1 + i * 300)}`))).toFixed(0),
      'ms',
      'aim: under 30',
    );
    await benchSites(chromium, url, DATA_SET.units);
    await benchSearch(url);
    await benchPapers(server, DATA_SET.visits);
    const set = await workingSet(url);
    row('a new phone’s working set', set.seconds.toFixed(2), 's', `aim: under 3; ${set.records} records`);
    row(
      'the same over the air',
      (set.packed / 1e6).toFixed(2),
      'MB',
      `aim: under 3; ${(set.raw / 1e6).toFixed(1)} MB before gzip`,
    );
    const one = await timed((i) =>
      sync(url, { cursor: set.cursor, operations: [readingOf(visitId(1 + i * 100))], pull: false }),
    );
    let { cursor } = await (await sync(url, { cursor: set.cursor })).json();
    const asking = await timed(async (i) => {
      const answer = await sync(url, { cursor, operations: [readingOf(visitId(2 + i * 100))] });
      ({ cursor } = await answer.clone().json());
      return answer;
    });
    row('sync of one reading', one.toFixed(0), 'ms', 'aim: under 20; p95, one after the other');
    row('the same, asking for what is new', asking.toFixed(0), 'ms', 'p95');
    const { times, errors } = await crowd(url, cursor, DATA_SET.visits);
    row(
      `${CLIENTS} phones, a reading every ${EACH_MS / 1000} s each, for a minute`,
      p95(times).toFixed(0),
      'ms',
      `aim: under 250; p95 of ${times.length}, ${errors} errors`,
    );
    row('server, memory after that', server.residentMB().toFixed(0), 'MB', 'aim: under 400');
    row('server, memory at its peak', server.peakMB().toFixed(0), 'MB');
    await server.stop();
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
