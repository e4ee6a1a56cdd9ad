// npm run fuzz: requests of every kind to the server, right ones, nearly right ones and nonsense; none may be answered with 500 or without
// a sentence, and whatever was accepted must be read, judged and drawn. A second shop on the same server sends a part of them, with ids of the
// first: it must never see or change anything of it. On this machine alone. --requests, --seed, --draw.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { ask, endAsking } from './fuzz/ask.mjs';
import { drawAll } from './fuzz/draw.mjs';
import { faultOf } from './fuzz/faults.mjs';
import { brokenHttp } from './fuzz/brokenHttp.mjs';
import {
  changedInFirstShop,
  FIRST_SHOP_WORD,
  hideInFirstShop,
  makeOtherShop,
  otherShopHeaders,
} from './fuzz/otherShop.mjs';
import { readBack } from './fuzz/readBack.mjs';
import { requestsOf, samplesOf } from './fuzz/requests.mjs';
import { ensureBuilt } from './setup/build.mjs';
import { importBundled } from './setup/bundle.mjs';
import { ensureInstalled } from './setup/install.mjs';
import { randomFrom } from './setup/random.mjs';
import { startServer } from './setup/server.mjs';

const { values } = parseArgs({
  options: {
    requests: { type: 'string', default: '100000' },
    seed: { type: 'string', default: '1' },
    /** How many of the accepted records are drawn in Chromium. */
    draw: { type: 'string', default: '300' },
  },
});
const [wanted, seed, draw] = [values.requests, values.seed, values.draw].map(Number);
const AT_ONCE = 12;
const SHARE_OF_OTHER_SHOP = 0.3;

await ensureInstalled();
await ensureBuilt();
const folder = mkdtempSync(path.join(tmpdir(), 'huff-fuzz-'));
const { judgeWhole } = await importBundled('scripts/fuzz/judgeEntry.ts', folder);

/** What went wrong inside, each place once. */
function insides(log) {
  const stacks = log
    .split('\n')
    .filter((line) => line.includes('"err"'))
    .map((line) => JSON.parse(line).err.stack.split('\n').slice(0, 6).join('\n    '));
  return [...new Map(stacks.map((stack) => [stack.replace(/\d+/g, ''), stack])).values()];
}

const dataFolder = path.join(folder, 'data');
await (await startServer(dataFolder)).stop();
const code = makeOtherShop(dataFolder);
const server = await startServer(dataFolder);
const faults = [];
const statuses = new Map();
const fault = (what) => {
  faults.push(what);
  if (faults.length <= 40) console.log(`  ${what}`);
};
let exitCode = 1;
try {
  const random = randomFrom(seed);
  const samples = await samplesOf(server.url);
  const other = await otherShopHeaders(server.url, code);
  const { hidden, samples: seenByOther } = await hideInFirstShop(server.url, samples);
  const nextOf = { first: requestsOf(random, samples), other: requestsOf(random, seenByOther) };
  let sentByOther = 0;
  const next = () => {
    if (!random.chance(SHARE_OF_OTHER_SHOP)) return { request: nextOf.first() };
    sentByOther += 1;
    const request = nextOf.other();
    return { request: { ...request, headers: { ...request.headers, ...other } }, isOther: true };
  };
  const begun = performance.now();
  let sent = 0;
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      while (sent < wanted && faults.length < 200) {
        sent += 1;
        const { request, isOther } = next();
        const answer = await ask(server.url, request);
        statuses.set(answer.status ?? 'none', (statuses.get(answer.status ?? 'none') ?? 0) + 1);
        const wrong = faultOf(request, answer);
        if (wrong) fault(wrong);
        if (isOther && answer.text?.includes(FIRST_SHOP_WORD))
          fault(`${request.method} ${request.path}: another shop was told what is in the first one`);
      }
    }),
  );
  for (const wrong of await changedInFirstShop(server.url, hidden)) fault(wrong);
  for (const wrong of await brokenHttp(server.url)) fault(wrong);
  const seconds = (performance.now() - begun) / 1000;
  const { records, faults: unread } = await readBack(server.url);
  unread.forEach(fault);
  const shop = records.shop[0];
  for (const visit of records.visits) {
    try {
      judgeWhole(visit, shop);
    } catch (error) {
      fault(`visit ${visit.id} cannot be judged: ${error.stack.split('\n').slice(0, 3).join(' ')}`);
    }
  }
  const drawn = await drawAll(server.url, records, draw, fault);
  const health = await ask(server.url, { method: 'GET', path: '/api/health', headers: {} });
  if (health.status !== 200) fault(`health says ${health.status}`);
  const counts = Object.entries(records).map(([name, all]) => `${all.length} ${name}`);
  console.log(
    `${sent} requests, ${sentByOther} of another shop, in ${seconds.toFixed(0)} s, seed ${seed}: ${[...statuses]
      .sort(([a], [b]) => String(a).localeCompare(String(b)))
      .map(([status, n]) => `${n} × ${status}`)
      .join(', ')}`,
  );
  console.log(
    `read back and judged: ${counts.join(', ')}; ${drawn} pages drawn; the server takes ${server.residentMB().toFixed(0)} MB`,
  );
  for (const inside of insides(server.said()).slice(0, 12)) console.log(`  inside: ${inside}`);
  console.log(`${faults.length} answers that should not be`);
  exitCode =
    faults.length === 0 &&
    sent >= wanted &&
    sentByOther > wanted / 10 &&
    (statuses.get(200) ?? 0) > 0 &&
    (statuses.get(422) ?? 0) > 0
      ? 0
      : 1;
} finally {
  endAsking();
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
}
process.exit(exitCode);
