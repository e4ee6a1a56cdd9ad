import { createReadStream, createWriteStream, mkdtempSync, rmSync, statSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { startServer } from '../setup/server.mjs';
import { row } from './median.mjs';

const ROUNDS = 20;
const MOST_WAIT_MS = 600_000;
const p95 = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)];

async function timed(url, path, rounds = ROUNDS) {
  const times = [];
  for (let i = 0; i < rounds; i += 1) {
    const from = performance.now();
    const answer = await fetch(url + path(i));
    await answer.arrayBuffer();
    if (!answer.ok) throw new Error(`${path(i)} answered ${answer.status}`);
    times.push(performance.now() - from);
  }
  return p95(times);
}

const DAY = '2031-05-06';

/** Thirty stops of one day at units all over the shop. */
async function planStops(url, unit) {
  const headers = { 'Content-Type': 'application/json' };
  for (let n = 1; n <= 30; n += 1) {
    const { siteId } = await (await fetch(`${url}/api/units/${unit(n)}`)).json();
    const stop = { id: id('0009', n), day: DAY, place: n, siteId, unitId: unit(n), why: 'Filter' };
    const { status } = await fetch(`${url}/api/stops/${stop.id}`, {
      method: 'PUT',
      headers,
      body: JSON.stringify(stop),
    });
    if (status !== 204) throw new Error(`a stop was answered ${status}`);
  }
}

const id = (kind, n) => `bbbb${kind}-0000-4000-8000-${String(n).padStart(12, '0')}`;

/** Until the server has computed what every visit leaves to the next: the newest comes last. */
async function remembered(url, newest) {
  const from = performance.now();
  while (performance.now() - from < MOST_WAIT_MS) {
    const { visits } = await (await fetch(`${url}/api/visits`)).json();
    if (visits.find((visit) => visit.id === newest)?.figures) return performance.now() - from;
    await new Promise((go) => setTimeout(go, 1000));
  }
  throw new Error('the visits were not judged within ten minutes');
}

/** What is read after a visit is over, with a shop of years behind it. */
export async function benchPapers(server, visits) {
  const { url } = server;
  const waited = await remembered(url, id('0003', visits));
  row('20,000 visits judged anew, beside everything else', (waited / 1000).toFixed(0), 's', 'until the newest');
  const unit = (i) => id('0002', 1 + ((i * 97) % 2000));
  const visit = (i) => id('0003', visits - i);
  row(
    'a unit’s page: its visits with figures and findings',
    (await timed(url, (i) => `/api/visits?unit=${unit(i)}`)).toFixed(0),
    'ms',
    'p95; aim: under 50',
  );
  row(
    'roof sheet of five units',
    (await timed(url, (i) => `/api/sites/${id('0001', 2 + i)}/roof`)).toFixed(0),
    'ms',
    'p95',
  );
  await sixtyAtOneSite(url, unit);
  row(
    'roof sheet of sixty units',
    (await timed(url, () => `/api/sites/${id('0001', 1)}/roof`)).toFixed(0),
    'ms',
    'p95; aim: under 100',
  );
  row('how every unit stood last', (await timed(url, () => '/api/stands', 10)).toFixed(0), 'ms', 'p95 of 10');
  await planStops(url, unit);
  row(
    'load list of 30 stops',
    (await timed(url, () => `/api/load?from=${DAY}&to=${DAY}`, 10)).toFixed(0),
    'ms',
    'p95 of 10; aim: under 200',
  );
  for (const [what, q] of [
    ['a site', 'site 17'],
    ['a word of findings that is everywhere', 'restriction'],
    ['a slip of the finger', 'restrcition'],
    ['what is nowhere', 'zeppelin'],
  ])
    row(
      `search: ${what}`,
      (await timed(url, () => `/api/search?q=${encodeURIComponent(q)}`)).toFixed(0),
      'ms',
      'p95; aim: under 50',
    );
  row('what is due in the whole shop', (await timed(url, () => '/api/due', 10)).toFixed(0), 'ms', 'p95 of 10');
  row(
    'report of a visit as PDF',
    (await timed(url, (i) => `/api/visits/${visit(i)}/report.pdf`)).toFixed(0),
    'ms',
    'p95; aim: under 1,500',
  );
  await outAndIn(server);
}

/** The highest memory of a server while something is done, MB. */
async function highestMB(server, work) {
  let highest = server.residentMB();
  const watch = setInterval(() => (highest = Math.max(highest, server.residentMB())), 100);
  try {
    await work();
  } finally {
    clearInterval(watch);
  }
  return highest;
}

const seconds = (from) => ((performance.now() - from) / 1000).toFixed(0);

/** Sends a file: fetch gives up after five minutes. */
const postFile = (address, file) =>
  new Promise((resolve, reject) => {
    const sent = request(address, { method: 'POST', headers: { 'Content-Type': 'application/json' } }, (answer) => {
      let text = '';
      answer.on('data', (piece) => (text += piece));
      answer.on('end', () => resolve({ status: answer.statusCode, text }));
    });
    sent.on('error', reject);
    pipeline(createReadStream(file), sent).catch(reject);
  });

/** The whole shop out as a file, and into an empty server. */
async function outAndIn(server) {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-bench-bundle-'));
  try {
    const file = path.join(folder, 'huff.json');
    const before = server.residentMB();
    let from = performance.now();
    const highest = await highestMB(server, async () => {
      const bundle = await fetch(`${server.url}/api/bundle`);
      await pipeline(Readable.fromWeb(bundle.body), createWriteStream(file));
    });
    row('the whole shop as a file', (statSync(file).size / 1e6).toFixed(0), 'MB', `in ${seconds(from)} s`);
    row('server, memory while it goes out', highest.toFixed(0), 'MB', `${before.toFixed(0)} before; aim: under 400`);
    const other = await startServer(path.join(folder, 'other'), { demo: false });
    try {
      for (const [what, address] of [
        ['the same file looked through', '/api/bundle/preview'],
        ['the same file taken in', '/api/bundle'],
      ]) {
        from = performance.now();
        const at = await highestMB(other, async () => {
          const { status, text } = await postFile(other.url + address, file);
          if (status !== 200) throw new Error(`the bundle was answered ${status}: ${text}`);
        });
        row(what, seconds(from), 's', `memory at its peak ${at.toFixed(0)} MB`);
      }
    } finally {
      await other.stop();
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Sixty units at one site, as on the roof of a large building. */
async function sixtyAtOneSite(url, unit) {
  for (let n = 1; n <= 60; n += 1) {
    const address = `${url}/api/units/${unit(n)}`;
    const kept = await fetch(address);
    const { status } = await fetch(address, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json', 'If-Match': kept.headers.get('ETag') },
      body: JSON.stringify({ ...(await kept.json()), siteId: id('0001', 1), name: `Roof ${n}` }),
    });
    if (status !== 204) throw new Error(`a unit was answered ${status}`);
  }
}
