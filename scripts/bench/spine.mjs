import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import { gzipSync } from 'node:zlib';
import { DATA_SET, fillDataSet } from './dataSet.mjs';
import { row } from './median.mjs';
import { benchPapers } from './papers.mjs';
import { benchSearch } from './search.mjs';
import { benchSites } from './sitesPage.mjs';
import { startServer } from '../setup/server.mjs';

const ROUNDS = 60;
const CLIENTS = 200;
const EACH_MS = 5000;
const FOR_MS = 60_000;
const ASK_EVERY_MS = 60_000;
const sleep = (ms) => new Promise((go) => setTimeout(go, ms));

const p95 = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)];

/** The time that 95 of 100 stay under, ms. */
async function timed(ask, rounds = ROUNDS) {
  const times = [];
  for (let i = 0; i < rounds; i += 1) {
    const from = performance.now();
    const answer = await ask(i);
    await answer.arrayBuffer();
    if (!answer.ok) throw new Error(`The server answered ${answer.status}.`);
    times.push(performance.now() - from);
  }
  return p95(times);
}

const visitId = (n) => `bbbb0003-0000-4000-8000-${String(n).padStart(12, '0')}`;

const sync = (url, body) =>
  fetch(`${url}/api/sync`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({
      device: randomUUID(),
      phoneTime: new Date().toISOString(),
      cursor: null,
      operations: [],
      ...body,
    }),
  });

function readingOf(visit) {
  const takenAt = new Date().toISOString();
  const record = {
    id: randomUUID(),
    quantity: 'staticPressure',
    port: 'R2',
    value: -0.31,
    unit: 'inWc',
    origin: 'typed',
    conditions: { door: 'on', filter: 'in', coil: 'wet' },
    takenAt,
    replacesId: null,
  };
  return { id: randomUUID(), madeAt: takenAt, kind: 'add', of: 'reading', recordId: visit, record };
}

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

/** Phones that each send a reading every few seconds, for a minute. */
async function crowd(url, cursor) {
  const times = [];
  let errors = 0;
  const until = performance.now() + FOR_MS;
  const client = async (n) => {
    const device = randomUUID();
    let own = cursor;
    // As the app does: what is new is asked for every minute, at a time of its own.
    let asked = performance.now() - (n / CLIENTS) * ASK_EVERY_MS;
    await sleep(((n % 50) / 50) * EACH_MS);
    while (performance.now() < until) {
      const from = performance.now();
      const pull = from - asked >= ASK_EVERY_MS;
      if (pull) asked = from;
      const operations = [readingOf(visitId(DATA_SET.visits - n))];
      const answer = await sync(url, { device, cursor: own, operations, pull }).catch(() => undefined);
      const body = await answer?.json().catch(() => undefined);
      times.push(performance.now() - from);
      if (body?.results?.[0]?.status === 'done') own = body.cursor;
      else errors += 1;
      await sleep(Math.max(0, EACH_MS - (performance.now() - from)));
    }
  };
  await Promise.all(Array.from({ length: CLIENTS }, (_, n) => client(n)));
  return { times, errors };
}

/** The server with a shop of years in it. */
export async function benchSpine(chromium) {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-bench-'));
  try {
    await (await startServer(folder, { demo: false })).stop();
    await fillDataSet(folder);
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
    const { times, errors } = await crowd(url, cursor);
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
