// npm run faults: what must go well when all goes wrong: a full disk, a read-only folder, a first start that is killed, bodies that never
// end, too many plans. On this machine alone. Disks of its own need root (tmpfs); without it these are left out, and it is said so.
import { execFileSync, spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { appendFileSync, existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { ensureBuilt } from './setup/build.mjs';
import { ensureInstalled } from './setup/install.mjs';
import { startServer } from './setup/server.mjs';

await ensureInstalled();
await ensureBuilt();
const root = mkdtempSync(path.join(tmpdir(), 'huff-faults-'));
const faults = [];
const mounts = [];

function expect(isSo, what) {
  console.log(`  ${isSo ? 'so ' : 'NOT'} ${what}`);
  if (!isSo) faults.push(what);
}

const health = (url) =>
  fetch(`${url}/api/health`, { signal: AbortSignal.timeout(2000) }).then(
    ({ status }) => status,
    () => 'no answer',
  );

/** A disk of its own; undefined where this user may make none. */
function disk(name, megabytes) {
  const folder = path.join(root, name);
  mkdirSync(folder);
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${megabytes}m`, 'tmpfs', folder], { stdio: 'ignore' });
    mounts.push(folder);
    return folder;
  } catch {
    console.log(`${name}: left out, this user may mount no disk`);
    return undefined;
  }
}

/** Starts the server where it must not come up. @returns what it said and how it ended */
async function startsNot(folder) {
  const child = spawn(process.execPath, ['server/dist/main.mjs'], {
    env: { ...process.env, PORT: '0', HUFF_DATA: folder, HUFF_LOG: 'error' },
  });
  let said = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += chunk));
  const late = setTimeout(() => child.kill('SIGKILL'), 30_000);
  const [code] = await once(child, 'exit');
  clearTimeout(late);
  return { said: said.trim().split('\n').at(-1), code };
}

const unitOf = (id, siteId) => ({
  id,
  siteId,
  name: 'Filler',
  layout: 'airHandler',
  motor: 'psc',
  cfmPerTon: 400,
  notes: 'n'.repeat(900),
});
async function sendMany(url) {
  const operations = Array.from({ length: 100 }, () => {
    const id = randomUUID();
    return {
      id: randomUUID(),
      madeAt: new Date().toISOString(),
      kind: 'create',
      of: 'unit',
      recordId: id,
      record: unitOf(id, id),
    };
  });
  const body = { device: randomUUID(), phoneTime: new Date().toISOString(), cursor: null, pull: false, operations };
  const answer = await fetch(`${url}/api/sync`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
    signal: AbortSignal.timeout(15_000),
  });
  const told = await answer.json();
  return {
    status: answer.status,
    detail: told.detail,
    done: (told.results ?? []).filter(({ status }) => status === 'done').map(({ id }) => id),
    operations,
  };
}

async function fullDisk() {
  const folder = disk('full disk', 220);
  if (!folder) return;
  console.log('full disk');
  let server = await startServer(folder);
  const confirmed = [];
  let last;
  for (let i = 0; i < 2000 && last?.status !== 507; i += 1) {
    last = await sendMany(server.url);
    const done = new Set(last.done);
    confirmed.push(...last.operations.filter(({ id }) => done.has(id)).map(({ recordId }) => recordId));
  }
  expect(
    last.status === 507 && /server’s disk is full/.test(last.detail),
    `after ${confirmed.length} records it is said that the disk is full: ${last.status}`,
  );
  expect((await health(server.url)) === 200, 'health answers');
  expect((await fetch(`${server.url}/api/units/${confirmed.at(-1)}`)).status === 200, 'what is there is read');
  await server.stop();
  expect(true, 'SIGTERM ends it');
  const { said, code } = await startsNot(folder);
  expect(code === 1 && /MB free and Huff needs at least/.test(said), `a start says so: ${said}`);
  execFileSync('mount', ['-o', 'remount,size=400m', folder]);
  server = await startServer(folder);
  let lost = 0;
  for (const id of confirmed.filter((_, i) => i % 50 === 0))
    if ((await fetch(`${server.url}/api/units/${id}`)).status !== 200) lost += 1;
  expect(lost === 0, 'with room again everything that was confirmed is there');
  expect((await sendMany(server.url)).status === 200, 'and more is taken');
  await server.stop();
}

/** Another program takes the last byte while the server runs. */
async function filledByAnother() {
  const folder = disk('filled by another', 220);
  if (!folder) return;
  console.log('disk filled by another program');
  const server = await startServer(folder);
  const { done, operations } = await sendMany(server.url);
  const filler = path.join(folder, 'filler');
  try {
    for (let i = 0; i < 1000; i += 1) appendFileSync(filler, Buffer.alloc(1_000_000));
  } catch {
    // Full to the last byte.
  }
  const refused = await sendMany(server.url);
  expect(refused.status === 507, `what comes next is refused: ${refused.status}`);
  expect((await health(server.url)) === 200, 'health answers');
  const known = operations.find(({ id }) => id === done.at(-1)).recordId;
  expect((await fetch(`${server.url}/api/units/${known}`)).status === 200, 'what is there is read');
  rmSync(filler);
  expect((await sendMany(server.url)).status === 200, 'with room again more is taken, without a new start');
  await server.stop();
  expect(true, 'SIGTERM ends it');
}

async function readOnly() {
  const folder = disk('read-only folder', 120);
  if (!folder) return;
  console.log('read-only folder');
  execFileSync('mount', ['-o', 'remount,ro', folder]);
  const { said, code } = await startsNot(folder);
  expect(code === 1 && /cannot be written: its disk is read-only/.test(said), said);
}

async function firstStartKilled(times) {
  console.log(`first start killed, ${times} times`);
  let well = 0;
  for (let i = 0; i < times; i += 1) {
    const folder = path.join(root, `first-${i}`);
    const child = spawn(process.execPath, ['server/dist/main.mjs'], {
      stdio: 'ignore',
      env: { ...process.env, PORT: '0', HUFF_DATA: folder, HUFF_LOG: 'error' },
    });
    await wait(150 + (i * 4000) / times);
    const gone = once(child, 'exit');
    child.kill('SIGKILL');
    await gone;
    try {
      const server = await startServer(folder);
      const answered = (await health(server.url)) === 200;
      // What still makes a folder for the killed one finds that nobody waits for it, and ends.
      await wait(10_000);
      await server.stop();
      const again = await startServer(folder);
      await again.stop();
      const left = existsSync(folder) ? readdirSync(folder).filter((name) => name.includes('.new')) : [];
      if (answered && left.length === 0) well += 1;
      else console.log(`    killed at ${i}: ${answered ? '' : 'no health'} ${left.join(' ')}`);
    } catch (error) {
      console.log(`    killed at ${i}: ${error.message}`);
    }
    rmSync(folder, { recursive: true, force: true });
  }
  expect(well === times, `${well} of ${times} start again, and again, with nothing left behind`);
}

/** Three loops that fill a file and write it through, beside a first start with the demo; and a kill in its middle. */
async function busyDisk() {
  console.log('first start beside a busy disk');
  const scratch = path.join(root, 'scratch');
  mkdirSync(scratch);
  const script = `while :; do dd if=/dev/zero of="$0" bs=1M count=64 conv=fsync 2>/dev/null; done`;
  const loops = [1, 2, 3].map((n) => spawn('sh', ['-c', script, path.join(scratch, String(n))], { detached: true }));
  try {
    const folder = path.join(root, 'beside');
    const child = spawn(process.execPath, ['server/dist/main.mjs'], {
      stdio: 'ignore',
      env: { ...process.env, PORT: '0', HUFF_DATA: folder, HUFF_DEMO: '1', HUFF_LOG: 'error' },
    });
    const gone = once(child, 'exit');
    await Promise.race([gone, wait(18_000)]);
    child.kill('SIGKILL');
    await gone;
    const server = await startServer(folder);
    const listed = async (address, key) =>
      (await (await fetch(`${server.url}/api/${address}`)).json())[key]?.length ?? 0;
    const counts = [
      await listed('units', 'records'),
      await listed('sites', 'records'),
      await listed('visits', 'visits'),
    ];
    await server.stop();
    expect(
      counts.every((count) => count > 0),
      `killed once and started again it comes up whole (${Math.round(server.readyAfterMs / 1000)} s): ${counts.join(', ')} units, sites, visits`,
    );
  } catch (error) {
    expect(false, `a start beside a busy disk: ${error.message}`);
  } finally {
    for (const { pid } of loops) process.kill(-pid);
  }
}

async function slowAndMany() {
  console.log('slow bodies and too many plans');
  const server = await startServer(path.join(root, 'busy'));
  const { hostname, port, host } = new URL(server.url);
  const cutOff = new Promise((resolve) => {
    const socket = connect(Number(port), hostname, () => {
      socket.write(
        `POST /api/sync HTTP/1.1\r\nHost: ${host}\r\nContent-Type: application/json\r\nContent-Length: 5000\r\n\r\n{`,
      );
    });
    const drip = setInterval(() => socket.writable && socket.write(' '), 3000);
    let said = '';
    socket.on('data', (chunk) => (said += chunk));
    socket.on('error', () => undefined);
    socket.on('close', () => {
      clearInterval(drip);
      resolve(said);
    });
  });
  const { visits } = await (await fetch(`${server.url}/api/visits`)).json();
  const ask = () =>
    fetch(`${server.url}/api/visits/${visits[0].id}/plans`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: '{"typed":{}}',
    }).then(({ status }) => status);
  const plans = Promise.all(Array.from({ length: 100 }, ask));
  await wait(50);
  let longest = 0;
  for (let i = 0; i < 20; i += 1) {
    const from = performance.now();
    await health(server.url);
    longest = Math.max(longest, performance.now() - from);
    await wait(25);
  }
  const statuses = await plans;
  const made = statuses.filter((status) => status === 200).length;
  expect(
    made >= 8 && made + statuses.filter((status) => status === 429).length === 100,
    `of 100 plans at once ${made} are made, the others told to come again`,
  );
  expect(longest < 2000, `health answers meanwhile, at the latest after ${longest.toFixed(0)} ms`);
  const said = await cutOff;
  expect(
    /^HTTP\/1\.1 408 /.test(said) && /did not arrive in time/.test(said),
    'a body that never ends is cut off in words',
  );
  await server.stop();
}

try {
  await fullDisk();
  await filledByAnother();
  await readOnly();
  await firstStartKilled(10);
  await busyDisk();
  await slowAndMany();
} finally {
  for (const folder of mounts) execFileSync('umount', ['-l', folder]);
  rmSync(root, { recursive: true, force: true });
}
console.log(`${faults.length} went wrong`);
process.exit(faults.length === 0 ? 0 : 1);
