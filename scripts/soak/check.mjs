const BATCH = 100;
const WEEK_MS = 7 * 86_400_000;

const get = async (url) => {
  const answer = await fetch(url);
  if (!answer.ok) throw new Error(`${url} answers ${answer.status}`);
  return answer.json();
};

/** Without what does not count: order of keys, blanks. */
export const bare = (value) =>
  JSON.stringify(value, (_, inner) => {
    if (inner === null || typeof inner !== 'object' || Array.isArray(inner)) return inner ?? undefined;
    return Object.fromEntries(
      Object.entries(inner)
        .filter(([, v]) => v !== null)
        .sort(([a], [b]) => (a < b ? -1 : 1)),
    );
  });

/** Every acknowledged operation is known to the server with the answer it gave: it was neither lost nor done anew. */
async function acknowledged(url, log, faults) {
  const byDevice = new Map();
  for (const [id, { operation, result, device }] of log.acknowledged) {
    if (!byDevice.has(device)) byDevice.set(device, []);
    byDevice.get(device).push([id, operation, result]);
  }
  for (const [device, all] of byDevice) {
    for (let i = 0; i < all.length; i += BATCH) {
      const part = all.slice(i, i + BATCH);
      const answer = await fetch(`${url}/api/sync`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({
          device,
          phoneTime: new Date().toISOString(),
          cursor: null,
          pull: false,
          operations: part.map(([, operation]) => operation),
        }),
      });
      const { results } = await answer.json();
      for (const [at, [id, , result]] of part.entries())
        if (bare(results[at]) !== bare(result))
          faults.push(`lost or done anew: ${id} ${bare(result)} → ${bare(results[at])}`);
    }
  }
}

/** Each reading is at its visit once, unchanged; none is there that nobody took. */
async function readings(url, log, visits, faults) {
  const seen = new Map();
  for (const id of visits) {
    const visit = await get(`${url}/api/visits/${id}`);
    for (const reading of visit.readings) {
      if (seen.has(reading.id)) faults.push(`doubled: reading ${reading.id}`);
      seen.set(reading.id, { ...reading, visitId: id });
    }
  }
  for (const [id, taken] of log.readings) {
    // The server may have noted how far the phone's clock was off.
    const kept = { ...seen.get(id), clockOffsetMs: null };
    if (bare(kept) !== bare(taken)) faults.push(`lost or changed: reading ${id}: ${bare(taken)} → ${bare(kept)}`);
  }
  if (seen.size !== log.readings.size) faults.push(`${seen.size} readings are there, ${log.readings.size} were taken`);
  return seen.size;
}

const ADDRESS = { site: 'sites', unit: 'units' };

/** All changes of a record, the first first. */
async function historyOf(address) {
  const changes = [];
  for (let next = ''; next !== null;) {
    const page = await get(`${address}${next && `?before=${next}`}`);
    changes.push(...page.changes);
    next = page.next;
  }
  return changes.reverse();
}

/** Whoever set a field knew the last value another had given it, or was told of it. */
async function silentConflicts(url, log, records, faults) {
  let changes = 0;
  for (const [of, id] of records) {
    const history = await historyOf(`${url}/api/${ADDRESS[of]}/${id}/history`);
    const last = new Map();
    for (const change of history) {
      changes += 1;
      const made = log.operations.get(change.operationId);
      for (const [field, { before, after }] of Object.entries(change.fields)) {
        const previous = last.get(field);
        if (previous && previous.device !== change.device && made && made.base < previous.revision)
          faults.push(
            `settled silently: ${field} of ${id} at ${change.revision}, made from ${made.base}, over ${previous.revision}`,
          );
        if (previous && bare(previous.after) !== bare(before)) faults.push(`history broken: ${field} of ${id}`);
        last.set(field, { device: change.device, revision: change.revision, after });
      }
    }
  }
  return changes;
}

/** All phones have what the server has. */
async function agreement(url, phones, records, visits, faults) {
  for (const [of, id] of records) {
    const there = bare(await get(`${url}/api/${ADDRESS[of]}/${id}`));
    for (const phone of phones) {
      const kept = await phone.store.one(of, id);
      if (bare(kept?.record) !== there)
        faults.push(`a phone has another ${of} ${id}: at ${kept?.revision} ${bare(kept?.record)}, there ${there}`);
    }
  }
  for (const id of visits) {
    const visit = await get(`${url}/api/visits/${id}`);
    const ids = visit.readings
      .map((reading) => reading.id)
      .sort()
      .join();
    for (const phone of phones) {
      const head = await phone.store.one('visit', id);
      // A visit of long ago by its phone's clock is no part of a working set: it comes by its id.
      if (!head) continue;
      const parts = await phone.store.parts(id);
      // One of before the week, by its phone's clock, that this phone was told of only when it changed: it knows that it has not all, and
      // asks for it by its id when it is opened.
      const isOld = Date.parse(head.record.startedAt) < Date.now() - WEEK_MS;
      if (isOld && parts.length < head.readingCount) continue;
      const own = parts
        .map((part) => part.id)
        .sort()
        .join();
      if (head.readingCount !== visit.readings.length) faults.push(`a phone counts otherwise at visit ${id}`);
      if (own !== ids) faults.push(`a phone has other readings of visit ${id}`);
    }
  }
}

/** Everything that must hold when all is quiet. @returns the counts, and what does not hold */
export async function checkAll({ url, log, phones, shared }) {
  const faults = [];
  await acknowledged(url, log, faults);
  const kept = await readings(url, log, shared.visits, faults);
  const changes = await silentConflicts(url, log, shared.records, faults);
  await agreement(url, phones, shared.records, shared.visits, faults);
  return { faults, kept, changes };
}
