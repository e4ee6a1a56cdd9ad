// npm run soak: phones with a bad network and wrong clocks change the same records while the server is killed again and again; at the end
// nothing is lost, nothing doubled, all agree. Bounded, and on this machine alone. --kills, --phones, --operations, --minutes, --seed;
// --postgres --servers 3 for several servers on one PostgreSQL server, each killed at random, the database as well.
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { ensureBuilt } from './setup/build.mjs';
import { importBundled } from './setup/bundle.mjs';
import { ensureInstalled } from './setup/install.mjs';
import { bare, checkAll } from './soak/check.mjs';
import { badNetwork } from './soak/network.mjs';
import { soakPhone } from './soak/phone.mjs';
import { randomFrom } from './setup/random.mjs';
import { killableServers } from './soak/server.mjs';

const { values } = parseArgs({
  options: {
    kills: { type: 'string', default: '100' },
    phones: { type: 'string', default: '8' },
    operations: { type: 'string', default: '10000' },
    minutes: { type: 'string', default: '10' },
    seed: { type: 'string', default: '1' },
    servers: { type: 'string', default: '1' },
    postgres: { type: 'boolean', default: false },
  },
});
const wanted = Object.fromEntries(Object.entries(values).map(([name, value]) => [name, Number(value)]));

await ensureInstalled();
await ensureBuilt();
const folder = mkdtempSync(path.join(tmpdir(), 'huff-soak-'));
const spine = await importBundled('scripts/soak/phoneEntry.ts', folder, {
  '@huff/contract/spine': './contract/src/spine/index.ts',
});

const random = randomFrom(wanted.seed);
const servers = await killableServers({
  folder: path.join(folder, 'data'),
  count: wanted.servers,
  isPostgres: values.postgres,
  random,
});
const [url] = servers.urls;
const sleep = (ms) => new Promise((go) => setTimeout(go, ms));

/** What was done, and what the server said it had done. */
const log = {
  made: 0,
  conflicts: 0,
  readings: new Map(),
  operations: new Map(),
  acknowledged: new Map(),
};
function onAnswer({ device, operations }, { results }) {
  for (const operation of operations) log.operations.set(operation.id, operation);
  for (const result of results) {
    if (result.status === 'refused' || result.status === 'failed')
      throw new Error(`Not done: ${JSON.stringify(result)}`);
    const before = log.acknowledged.get(result.id);
    if (!before) {
      log.acknowledged.set(result.id, { operation: log.operations.get(result.id), result, device });
      continue;
    }
    if (bare(before.result) !== bare(result)) throw new Error(`Answered otherwise: ${result.id}`);
  }
}
const network = badNetwork(() => random.pick(servers.urls), random, spine.isSyncAnswer, onAnswer);
const shared = { visits: [], records: [] };
const phones = Array.from({ length: wanted.phones }, () => soakPhone({ spine, network, random, shared, log }));

/** What all of them change: a few sites and units, made by the first. */
async function seedRecords() {
  const operation = (of, record) => ({
    id: randomUUID(),
    madeAt: new Date().toISOString(),
    kind: 'create',
    of,
    recordId: record.id,
    record,
  });
  const site = { id: randomUUID(), name: 'Soak mill', altitudeFt: 1 };
  const units = Array.from({ length: 6 }, (_, i) => ({
    ...{
      id: randomUUID(),
      siteId: site.id,
      name: `Unit ${i}`,
      layout: 'airHandler',
      motor: 'psc',
      cfmPerTon: 400,
      tap: '1',
    },
  }));
  const operations = [operation('site', site), ...units.map((unit) => operation('unit', unit))];
  const answer = await fetch(`${url}/api/sync`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ device: randomUUID(), phoneTime: new Date().toISOString(), cursor: null, operations }),
  });
  if (!answer.ok) throw new Error(await answer.text());
  shared.records = [['site', site.id], ...units.map(({ id }) => ['unit', id])];
}

let kills = 0;
try {
  await seedRecords();
  for (const phone of phones) await phone.load();
  const begun = Date.now();
  const work = phones.map((phone) => phone.work(320));
  const sending = phones.map((phone) => phone.send());
  const failed = Promise.all([...work, ...sending]).then(
    () => undefined,
    (error) => error,
  );
  const until = begun + wanted.minutes * 60_000;
  while (Date.now() < until && (kills < wanted.kills || log.acknowledged.size < wanted.operations)) {
    await sleep(100 + random.next() * 700);
    const error = await Promise.race([failed, sleep(0)]);
    if (error) throw error;
    if (kills >= wanted.kills) continue;
    await servers.killOne(async () => {
      if (random.chance(0.3)) await sleep(random.next() * 500);
    });
    kills += 1;
  }
  for (const phone of phones) phone.stop();
  const error = await failed;
  if (error) throw error;
  network.calm();
  while (!network.isQuiet()) await sleep(100);
  await sleep(3000);
  // Twice round: what the last one sends, the first has to hear.
  for (let round = 0; round < 3; round += 1)
    for (const phone of phones) {
      await phone.drain();
    }
  const { faults, kept, changes } = await checkAll({ url, log, phones, shared });
  const seconds = ((Date.now() - begun) / 1000).toFixed(0);
  console.log(
    `${phones.length} phones, ${servers.urls.length} servers${values.postgres ? ' on PostgreSQL' : ''}, ${kills} kills, ${log.acknowledged.size} operations acknowledged of ${log.made} things done and what settled them, ` +
      `${shared.visits.length} visits, ${kept} readings, ${changes} changes, ${log.conflicts} conflicts seen and settled, ${seconds} s, seed ${wanted.seed}`,
  );
  console.log(`${faults.length} lost, doubled, silent or in disagreement`);
  for (const fault of faults.slice(0, 20)) console.log(`  ${fault}`);
  process.exitCode = faults.length === 0 && kills > 0 && kept > 0 ? 0 : 1;
} finally {
  for (const phone of phones) phone.stop();
  await servers.stop();
  rmSync(folder, { recursive: true, force: true });
}
process.exit();
