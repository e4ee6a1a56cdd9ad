import { randomUUID } from 'node:crypto';
import { performance } from 'node:perf_hooks';

const ROUNDS = 60;
export const CLIENTS = 200;
export const EACH_MS = 5000;
const FOR_MS = 60_000;
const ASK_EVERY_MS = 60_000;
const sleep = (ms) => new Promise((go) => setTimeout(go, ms));

export const p95 = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)];

/** The time that 95 of 100 stay under, ms. */
export async function timed(ask, rounds = ROUNDS) {
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

export const visitId = (n) => `bbbb0003-0000-4000-8000-${String(n).padStart(12, '0')}`;

export const sync = (url, body) =>
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

export function readingOf(visit) {
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

/** Phones that each send a reading every few seconds, for a minute. @param visits how many the shop has */
export async function crowd(url, cursor, visits, forMs = FOR_MS) {
  const times = [];
  let errors = 0;
  const until = performance.now() + forMs;
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
      const operations = [readingOf(visitId(visits - n))];
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
