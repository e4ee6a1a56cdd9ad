import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { startServer } from '../setup/server.mjs';
import { row } from './median.mjs';

const PROBES = 50;
const LISTENERS = 20;
const SECONDS = 15;
const EVERY_MS = 200;
const QUIET_MS = 6_000;
/** Ticks of the kernel's clock in a second. */
const TICKS = 100;

/** Seconds of a core that a process took so far. */
function cpuSeconds(pid) {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1].split(' ');
  return (Number(fields[11]) + Number(fields[12])) / TICKS;
}

async function listen(url, signal, onValues) {
  const answer = await fetch(`${url}/api/bridge`, { signal });
  let text = '';
  // Heard on its own until it is ended: what is awaited here is the beginning.
  void (async () => {
    for await (const chunk of answer.body) {
      text += Buffer.from(chunk).toString();
      const events = text.split('\n\n');
      text = events.pop();
      for (const event of events) if (event.startsWith('data: ')) onValues(JSON.parse(event.slice(6)).length);
    }
  })().catch(() => undefined);
}

/** 50 probes at 5 values a second to 20 listeners: what is missed, and what it takes of a core. */
export async function benchBridge() {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-bench-'));
  const server = await startServer(folder);
  const end = new AbortController();
  try {
    const heard = new Array(LISTENERS).fill(0);
    await Promise.all(heard.map((_, i) => listen(server.url, end.signal, (count) => (heard[i] += count))));
    // A server that has just started judges its visits: that is not what is measured.
    await new Promise((go) => setTimeout(go, QUIET_MS));
    const before = cpuSeconds(server.pid);
    let sent = 0;
    for (let turn = 0; turn < (SECONDS * 1000) / EVERY_MS; turn++) {
      const next = new Promise((go) => setTimeout(go, EVERY_MS));
      const values = Array.from({ length: PROBES }, (_, i) => ({
        probe: `Probe ${i}`,
        channel: 'static',
        value: Math.sin(turn + i) / 2,
        atMs: Date.now(),
      }));
      const answer = await fetch(`${server.url}/api/bridge/values`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ values }),
      });
      sent += (await answer.json()).taken;
      await next;
    }
    const share = (cpuSeconds(server.pid) - before) / SECONDS;
    await new Promise((go) => setTimeout(go, 1000));
    const missed = heard.reduce((sum, count) => sum + (sent - count), 0);
    row(`live values missed by ${LISTENERS} listeners, of ${sent * LISTENERS}`, missed, '', 'aim: 0');
    row('the server meanwhile, of a core', (100 * share).toFixed(1), '%', 'aim: under 15');
  } finally {
    end.abort();
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
