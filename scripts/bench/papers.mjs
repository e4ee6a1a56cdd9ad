import { performance } from 'node:perf_hooks';
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
export async function benchPapers(url, visits) {
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
    'roof sheet of a site',
    (await timed(url, (i) => `/api/sites/${id('0001', 1 + i)}/roof`)).toFixed(0),
    'ms',
    'p95; aim: under 100',
  );
  row('what is due in the whole shop', (await timed(url, () => '/api/due', 10)).toFixed(0), 'ms', 'p95 of 10');
  row(
    'report of a visit as PDF',
    (await timed(url, (i) => `/api/visits/${visit(i)}/report.pdf`)).toFixed(0),
    'ms',
    'p95; aim: under 1,500',
  );
}
