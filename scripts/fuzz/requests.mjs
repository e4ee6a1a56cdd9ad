import { randomUUID } from 'node:crypto';
import { bodyText, mutated, nastyText } from './nasty.mjs';

const METHODS = ['GET', 'PUT', 'POST', 'PATCH', 'DELETE', 'HEAD', 'OPTIONS', 'PROPFIND'];
const RESOURCES = ['sites', 'units', 'blower-tables', 'visits', 'shop'];
const KIND_OF = { sites: 'site', units: 'unit', 'blower-tables': 'blowerTable', visits: 'visit', shop: 'shop' };
const PATCHED = {
  site: ['name', 'altitudeFt', 'climate', 'address', 'accessNotes', 'contact', 'phone', 'archivedAt'],
  unit: [
    'name',
    'tap',
    'tons',
    'setup.riseMinF',
    'setup.riseMaxF',
    'setup.drive',
    'setup.proven',
    'plate.year',
    'ports.R1',
    'notes',
    'proven',
  ],
  blowerTable: ['name', 'tons', 'staticsInWc', 'taps', 'byRpm', 'part', 'conditions'],
  visit: ['title', 'tap', 'table', 'startedAt', 'setup.filterCount', 'setup.altitudeFt', 'plate.volts'],
  shop: ['currency', 'rules.faceLimitFpm', 'sheaves.a', 'belts.A48', 'moves.clean', 'tariffPerKwh'],
};
const json = { 'Content-Type': 'application/json' };

/** A JPEG of one pixel, as a phone would send it. */
const SMALLEST_JPEG =
  '/9j/4AAQSkZJRgABAQEAYABgAAD/2wBDAAMCAgICAgMCAgIDAwMDBAYEBAQEBAgGBgUGCQgKCgkICQkKDA8MCgsOCwkJDRENDg8QEBEQCgwSExIQEw8QEBD/wAALCAABAAEBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAACf/EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AVN//2Q==';

/** What requests are made from: records that are there, whole and right. */
export async function samplesOf(url) {
  const get = async (address) => (await fetch(`${url}/api/${address}`)).json();
  const records = {};
  for (const resource of RESOURCES.filter((r) => r !== 'visits')) records[resource] = (await get(resource)).records;
  const { visits } = await get('visits');
  records.visits = await Promise.all(visits.map(({ id }) => get(`visits/${id}`)));
  return { records, photo: SMALLEST_JPEG };
}

const withoutParts = (visit) =>
  Object.fromEntries(Object.entries(visit).filter(([key]) => !['readings', 'facts', 'photos'].includes(key)));

/** Makes requests by a seed: right ones, nearly right ones, and nonsense. */
export function requestsOf(random, { records, photo }) {
  const anyId = (resource) =>
    random.chance(0.8)
      ? random.pick(records[resource]).id
      : random.pick([randomUUID(), 'x', "' OR 1=1", '%00', '..%2f', nastyText(random)]);
  const sample = (resource) => {
    const record = structuredClone(random.pick(records[resource]));
    if (resource !== 'shop' && random.chance(0.7)) record.id = randomUUID();
    return record;
  };
  const maybeMutated = (value) => (random.chance(0.15) ? value : mutated(random, value));

  function operation() {
    const made = { id: randomUUID(), madeAt: new Date().toISOString() };
    const resource = random.pick(RESOURCES);
    const of = KIND_OF[resource];
    const what = random.next();
    if (what < 0.4) {
      const record = resource === 'visits' ? withoutParts(sample('visits')) : sample(resource);
      const changed = maybeMutated(record);
      return { ...made, kind: 'create', of, recordId: changed?.id ?? record.id, record: changed };
    }
    if (what < 0.6) {
      const record = random.pick(records[resource]);
      const path = random.pick(PATCHED[of]);
      const value = path.split('.').reduce((inner, key) => inner?.[key], record) ?? null;
      return {
        ...made,
        kind: 'patch',
        of,
        recordId: record.id,
        base: random.pick([0, 1, 1000, -1]),
        fields: { [path]: maybeMutated(value) },
      };
    }
    const visit = random.pick(records.visits);
    const added = random.pick(['reading', 'fact', 'photo']);
    const list = added === 'reading' ? visit.readings : (visit.facts ?? []);
    const record =
      added === 'photo' || list.length === 0
        ? { id: randomUUID(), visitId: visit.id, item: 'filter', savedAt: made.madeAt, jpeg: photo }
        : { ...random.pick(list), id: randomUUID() };
    return {
      ...made,
      kind: 'add',
      of: added === 'photo' || list.length === 0 ? 'photo' : added,
      recordId: visit.id,
      record: maybeMutated(record),
    };
  }

  const sync = () => {
    const body = {
      device: randomUUID(),
      phoneTime: new Date().toISOString(),
      cursor: null,
      pull: random.chance(0.05),
      operations: Array.from({ length: 1 + random.below(4) }, operation),
    };
    return {
      method: 'POST',
      path: '/api/sync',
      headers: json,
      body: bodyText(random, random.chance(0.3) ? mutated(random, body, 1) : body),
    };
  };
  const put = () => {
    const resource = random.pick(RESOURCES);
    const record = maybeMutated(sample(resource));
    const id = typeof record?.id === 'string' && random.chance(0.95) ? record.id : anyId(resource);
    const headers = {
      ...json,
      ...(random.chance(0.5)
        ? { 'If-Match': random.pick(['"1"', '*', 'W/"3"', '""', 'x', '"9999999999999999999"']) }
        : {}),
    };
    return {
      method: 'PUT',
      path: `/api/${resource}/${encodeURI(id.toWellFormed?.() ?? 'x')}`,
      headers,
      body: bodyText(random, record),
    };
  };
  const plan = () => {
    const typed = {
      typed: random.pick([{}, { speed: {} }, { filter: { widthIn: 20 } }, { nothing: {} }]),
      speedFirst: random.chance(0.5),
    };
    return {
      method: 'POST',
      path: `/api/visits/${encodeURI(anyId('visits').toWellFormed?.() ?? 'x')}/plans`,
      headers: json,
      body: bodyText(random, maybeMutated(typed)),
    };
  };
  const get = () => {
    const resource = random.pick(RESOURCES);
    const id = encodeURIComponent(anyId(resource).toWellFormed?.() ?? 'x');
    const q = encodeURIComponent(nastyText(random).toWellFormed?.() ?? 'x');
    const path = random.pick([
      `/api/${resource}`,
      `/api/${resource}?after=${q}`,
      `/api/${resource}/${id}`,
      `/api/${resource}/${id}/history`,
      `/api/${resource}/${id}/history?before=${q}`,
      `/api/visits?unit=${q}`,
      `/api/visits?after=${q}&after=2`,
      `/api/visits/${id}/photos`,
      `/api/units/${id}/photos`,
      `/api/photos/${id}/image?size=${q}`,
      `/api/search?q=${q}`,
      `/api/search?q[]=${q}`,
      '/api/search?q=%ff%fe',
      `/${q}`,
      `/visits/${id}`,
      '/_expo/static/js/web/nothing.js',
      '/assets/../../server/package.json',
      '/%2e%2e/%2e%2e/package.json',
      '/api/health',
    ]);
    return {
      method: 'GET',
      path,
      headers: random.chance(0.2) ? { 'If-None-Match': nastyText(random).replace(/[^\x20-\x7e]/g, '') } : {},
    };
  };
  const odd = () => {
    const resource = random.pick([...RESOURCES, 'sync', 'search', 'photos', 'health', 'nothing']);
    const type = random.pick([
      'application/json',
      'text/plain',
      'application/x-www-form-urlencoded',
      'multipart/form-data',
      'application/json; charset=utf-16',
      'x',
    ]);
    const encoding = random.chance(0.2) ? { 'Content-Encoding': random.pick(['gzip', 'br', 'zip']) } : {};
    return {
      method: random.pick(METHODS),
      path: random.pick([`/api/${resource}`, `/api/${resource}/${randomUUID()}`, '/', '/sites', '/api']),
      headers: { 'Content-Type': type, ...encoding },
      body: random.chance(0.6) ? bodyText(random, { a: 1 }) : undefined,
    };
  };
  return () => {
    const what = random.next();
    if (what < 0.5) return sync();
    if (what < 0.7) return put();
    if (what < 0.73) return plan();
    return what < 0.93 ? get() : odd();
  };
}
