import { randomUUID } from 'node:crypto';

const DAY_MS = 86_400_000;
/** A phone that is not empty by then never will be. */
const DRAIN_WITHIN_MS = 10 * 60_000;
const CONDITIONS = { door: 'on', filter: 'in', coil: 'wet' };
const sleep = (ms) => new Promise((go) => setTimeout(go, ms));

/** A phone with the app's own spine: it does things, sends them over a bad network, is reloaded now and then. */
export function soakPhone({ spine, network, random, shared, log }) {
  const store = spine.memoryStore();
  const clockOffset = random.pick([0, 0, -DAY_MS, DAY_MS, 3_600_000, -400 * DAY_MS, 400 * DAY_MS]);
  const now = () => Date.now() + clockOffset;
  let outbox;
  let sender;
  let over = false;
  const onFault = (error) => {
    throw error;
  };
  /** As after a reload: only what is in the store is left. */
  const load = async () => {
    outbox = spine.outboxOn({
      store,
      newId: randomUUID,
      clock: () => new Date(now()),
      clockOffsetMs: () => -clockOffset,
      onWaiting: () => undefined,
      onFault,
      onKept: () => undefined,
      tabs: { tell: () => undefined },
    });
    await outbox.reload();
    sender = spine.senderOn({
      store,
      post: network.post,
      now,
      random: random.next,
      newId: randomUUID,
      onClock: () => undefined,
      onStored: outbox.reload,
      onFault,
    });
  };

  const baseOf = async (kind, id) => (await store.one(kind, id))?.revision ?? 0;

  async function makeVisit() {
    const id = randomUUID();
    const startedAt = new Date(now()).toISOString();
    const record = {
      id,
      title: 'Soak',
      layout: 'airHandler',
      motor: 'psc',
      mode: 'cooling',
      cfmPerTon: 400,
      startedAt,
    };
    await outbox.create('visit', record);
    shared.visits.push(id);
  }
  async function readSomething() {
    if (shared.visits.length === 0) return makeVisit();
    const record = {
      id: randomUUID(),
      quantity: 'staticPressure',
      port: random.pick(['R1', 'R2', 'S1']),
      value: Number((random.next() - 0.5).toFixed(2)),
      unit: 'inWc',
      origin: 'typed',
      conditions: CONDITIONS,
      takenAt: new Date(now()).toISOString(),
      replacesId: null,
    };
    // Mostly of the last visits, as in life; now and then of any.
    const recent = shared.visits.slice(-12);
    const recordId = random.pick(random.chance(0.9) ? recent : shared.visits);
    log.readings.set(record.id, { ...record, visitId: recordId });
    return outbox.add({ id: randomUUID(), madeAt: record.takenAt, kind: 'add', of: 'reading', recordId, record });
  }
  async function changeSomething() {
    const [of, id] = random.pick(shared.records);
    const fields =
      of === 'site'
        ? { altitudeFt: random.below(9000) }
        : random.pick([
            { tap: String(random.below(9)) },
            { tons: 1 + random.below(5) },
            { 'setup.lineVolts': 200 + random.below(50) },
            { tap: String(random.below(9)), maxTespInWc: 0.3 + random.below(5) / 10 },
          ]);
    return outbox.patch(of, id, fields, await baseOf(of, id));
  }
  async function settle() {
    for (const row of outbox.rows().filter(({ state }) => state === 'conflict')) {
      log.conflicts += 1;
      const [{ field }] = row.conflict.fields;
      await outbox.settle(row, field, random.pick(['mine', 'theirs']));
    }
  }

  return {
    store,
    load,
    deviceId: () => store.meta('device'),
    rows: () => outbox.rows(),
    /** Does things until it is told to stop; each is in the store when this goes on. */
    async work(pauseMs) {
      while (!over) {
        const what = random.next();
        if (what < 0.04) await makeVisit();
        else if (what < 0.75) await readSomething();
        else await changeSomething();
        log.made += 1;
        if (random.chance(0.01)) await load();
        if (random.chance(0.05)) await settle();
        await sleep(random.next() * pauseMs);
      }
    },
    /** Sends until it is told to stop. Waits are cut short: what takes a phone a minute may take this one half a second. */
    async send() {
      while (!over) {
        const { waitMs } = await sender.step();
        await sleep(Math.min(waitMs, 100 + random.next() * 400));
      }
    },
    stop: () => (over = true),
    /** Until nothing waits and nothing is new; what is in dispute is settled. */
    async drain() {
      const until = Date.now() + DRAIN_WITHIN_MS;
      while (Date.now() < until) {
        sender.encourage();
        const { phase, waitMs } = await sender.step();
        await settle();
        const left = outbox.rows().filter(({ state }) => state === 'waiting' || state === 'conflict');
        if (left.length === 0 && phase === 'upToDate' && waitMs > 0) return;
        if (phase !== 'upToDate') await sleep(50);
      }
      throw new Error('A phone does not come to an end.');
    },
  };
}
