import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import { startServer } from '../setup/server.mjs';
import { median, row } from './median.mjs';

const CONNECTIONS = 8;
const SECONDS = 4;

async function perSecond(request) {
  let done = 0;
  const until = performance.now() + SECONDS * 1000;
  const from = performance.now();
  await Promise.all(
    Array.from({ length: CONNECTIONS }, async () => {
      while (performance.now() < until) {
        const answer = await request();
        await answer.arrayBuffer();
        if (!answer.ok) throw new Error(`The server answered ${answer.status}.`);
        done += 1;
      }
    }),
  );
  return done / ((performance.now() - from) / 1000);
}

export async function benchServer() {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-bench-'));
  try {
    const first = await startServer(folder);
    row('server, first start: data folder made, demo loaded', (first.readyAfterMs / 1000).toFixed(1), 's');
    row(
      'server, memory at the peak of the first start',
      first.peakMB().toFixed(0),
      'MB',
      'the making runs in a process of its own',
    );
    await first.stop();
    const starts = [];
    for (let i = 0; i < 5; i += 1) {
      const server = await startServer(folder);
      starts.push(server.readyAfterMs);
      await server.stop();
    }
    row('server, cold start with demo data', (median(starts) / 1000).toFixed(2), 's', 'median of 5');
    const server = await startServer(folder);
    row('server, memory after start', server.residentMB().toFixed(0), 'MB');
    const { visits } = await (await fetch(`${server.url}/api/visits`)).json();
    const one = `${server.url}/api/visits/${visits[0].id}`;
    const demo = await (await fetch(one)).json();
    row(`one visit read, ${CONNECTIONS} connections`, (await perSecond(() => fetch(one))).toFixed(0), '/s');
    const write = () => {
      const readings = demo.readings.map((r) => ({ ...r, id: randomUUID(), replacesId: null }));
      const visit = { ...demo, id: randomUUID(), readings, facts: [] };
      return fetch(`${server.url}/api/visits/${visit.id}`, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(visit),
      });
    };
    row(
      `one visit of ${demo.readings.length} readings written, ${CONNECTIONS} connections`,
      (await perSecond(write)).toFixed(0),
      '/s',
    );
    row('server, memory after that', server.residentMB().toFixed(0), 'MB');
    await server.stop();
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
