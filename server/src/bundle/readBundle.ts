import { BUNDLE_VERSION, check, VisitDto, type Bundle, type BundleReport, type FieldError } from '@huff/contract';
import { fieldsOf, headOf, sameValue, type RecordKind, type RecordOf } from '@huff/contract/spine';
import { brokenText, checkRecord } from '@huff/contract/sync';
import { plainShop, type ShopDto } from '@huff/contract/fix';
import { randomUUID } from 'node:crypto';
import type { Query } from '../db/db';
import type { Author } from '../http/author';
import { conflict, invalid } from '../http/problems';
import { recordOf } from '../records/records';
import { nextRevision } from '../records/revision';
import type { Sender } from '../records/sender';
import { createRecord } from '../sync/createRecord';
import { patchRecord } from '../sync/patchRecord';
import { countAdded } from '../visits/counts';
import { addFact } from '../visits/facts';
import { addReading } from '../visits/readings';

const LISTS = ['sites', 'blowerTables', 'units', 'visits'] as const;
/** So many faults are told at once: a file of another kind has thousands. */
const MOST_FAULTS = 20;

const RECORD_LISTS = [
  ['sites', 'site'],
  ['blowerTables', 'blowerTable'],
  ['units', 'unit'],
] as const satisfies readonly (readonly [(typeof LISTS)[number], RecordKind])[];

const wrong = (message: string) => invalid([{ field: '', message }]);

/**
 * A bundle whose every record is sound, as the classes of the contract check them.
 *
 * @throws ProblemError 422 with what is wrong, by its place in the file
 */
export function soundBundle(body: unknown): Bundle {
  if (typeof body !== 'object' || body === null || Array.isArray(body))
    throw wrong('This is not a bundle: it is no JSON object.');
  const { huffBundle } = body as Partial<Bundle>;
  if (huffBundle === undefined) throw wrong('This is not a bundle of Huff: it does not say huffBundle.');
  if (huffBundle !== BUNDLE_VERSION)
    throw wrong(`This bundle is of form ${JSON.stringify(huffBundle)}; this server reads form ${BUNDLE_VERSION}.`);
  const broken = brokenText(body);
  if (broken) throw invalid([broken]);
  const faults: FieldError[] = [];
  const told = (path: string, errors: readonly FieldError[]) =>
    faults.push(...errors.map(({ field, message }) => ({ field: field === '' ? path : `${path}.${field}`, message })));
  const lists = body as unknown as Record<string, unknown>;
  for (const name of [...LISTS, ...(lists.stops === undefined ? [] : ['stops'])])
    if (!Array.isArray(lists[name])) faults.push({ field: name, message: `${name} must be a list.` });
  if (faults.length > 0) throw invalid(faults);
  const records = <K extends RecordKind>(name: string, kind: K): RecordOf[K][] =>
    (lists[name] as unknown[]).flatMap((record, i) => {
      if (faults.length >= MOST_FAULTS) return [];
      const checked = checkRecord(kind, record);
      if (checked.ok) return [checked.value];
      told(`${name}[${i}]`, checked.errors);
      return [];
    });
  const visits = (lists.visits as unknown[]).flatMap((visit, i) => {
    if (faults.length >= MOST_FAULTS) return [];
    const checked = check(VisitDto, visit);
    if (checked.ok) return [checked.value];
    told(`visits[${i}]`, checked.errors);
    return [];
  });
  const stops = lists.stops === undefined ? undefined : records('stops', 'stop');
  const figures = lists.shop === undefined ? undefined : checkRecord('shop', lists.shop);
  if (figures && !figures.ok) told('shop', figures.errors);
  const bundle = {
    huffBundle,
    writtenAt: '',
    sites: records('sites', 'site'),
    blowerTables: records('blowerTables', 'blowerTable'),
    units: records('units', 'unit'),
    visits,
    ...(stops ? { stops } : {}),
    ...(figures?.ok ? { shop: figures.value } : {}),
  };
  if (faults.length > 0) throw invalid(faults.slice(0, MOST_FAULTS));
  return bundle;
}

/** What a record names must be here or come with it. */
async function namesAreKnown(query: Query, shopId: string, bundle: Bundle): Promise<void> {
  const ids = (list: readonly { readonly id: string }[]) => new Set(list.map(({ id }) => id.toLowerCase()));
  const coming = { site: ids(bundle.sites), blowerTable: ids(bundle.blowerTables), unit: ids(bundle.units) };
  const faults: FieldError[] = [];
  const need = async (kind: keyof typeof coming, id: string | null | undefined, field: string) => {
    if (!id || coming[kind].has(id.toLowerCase()) || faults.length >= MOST_FAULTS) return;
    if (await recordOf(query, kind, shopId, id)) return;
    faults.push({
      field,
      message: `It names a ${kind === 'blowerTable' ? 'blower table' : kind} that is neither here nor in the file.`,
    });
  };
  for (const [i, { siteId, blowerTableId }] of bundle.units.entries()) {
    await need('site', siteId, `units[${i}].siteId`);
    await need('blowerTable', blowerTableId, `units[${i}].blowerTableId`);
  }
  for (const [i, { siteId, unitId }] of (bundle.stops ?? []).entries()) {
    await need('site', siteId, `stops[${i}].siteId`);
    await need('unit', unitId, `stops[${i}].unitId`);
  }
  for (const [i, { unitId }] of bundle.visits.entries()) await need('unit', unitId, `visits[${i}].unitId`);
  if (faults.length > 0) throw invalid(faults);
}

const senderOf = (author: Author, clockOffsetMs = 0): Sender => ({
  author,
  device: '00000000-0000-0000-0000-000000000000',
  clockOffsetMs,
});

/** As it comes over the wire: without undefined fields. */
const plain = <T>(record: T): T => JSON.parse(JSON.stringify(record)) as T;
/** Of two records what both say: a field that is not said and one that is null are the same. */
const said = (record: object): object =>
  JSON.parse(JSON.stringify(record, (_, value: unknown) => (value === null ? undefined : value))) as object;

/**
 * What a shop set for itself: what is not set here is taken over, whatever shop it is of; what is set here stands.
 *
 * @returns how many figures and parts were taken over, and whether others were left as they are
 */
async function takeFigures(query: Query, author: Author, figures: ShopDto) {
  const { shopId } = author;
  const stored = (await recordOf(query, 'shop', shopId, shopId))!;
  const [here, plain] = [fieldsOf('shop', stored.record), fieldsOf('shop', plainShop(shopId))];
  const coming = Object.entries(fieldsOf('shop', { ...figures, id: shopId }));
  const isFree = (path: string) => here[path] === undefined || sameValue(here[path], plain[path]);
  const other = coming.filter(([path, value]) => !sameValue(here[path], value));
  const fields = Object.fromEntries(other.filter(([path]) => isFree(path)));
  const added = Object.keys(fields).length;
  if (added > 0)
    await patchRecord(query, senderOf(author), await nextRevision(query, shopId), {
      operationId: randomUUID(),
      of: 'shop',
      stored,
      base: stored.revision,
      fields,
    });
  return { added, left: other.length > added };
}

/**
 * Takes a bundle in, merged by id: what is not here is added, what is here and other is left as it is and told; readings and facts are added to visits
 * that are here. Within a transaction: all of it or nothing.
 *
 * @throws ProblemError 409 where an id stands for another reading, or a site has the name of one that is here
 */
export async function takeBundle(
  query: Query,
  author: Author,
  bundle: Bundle,
): Promise<BundleReport & { readonly visitIds: readonly string[] }> {
  const { shopId } = author;
  await namesAreKnown(query, shopId, bundle);
  const added = { sites: 0, blowerTables: 0, units: 0, visits: 0, readings: 0, facts: 0, stops: 0, figures: 0 };
  let same = 0;
  const left: { kind: string; name: string }[] = [];
  // Each record that is made has a revision of its own: the history goes by it.
  const put = async <K extends RecordKind>(list: keyof typeof added, of: K, record: RecordOf[K], name: string) => {
    const stored = await recordOf(query, of, shopId, record.id);
    if (!stored) {
      const operation = {
        id: randomUUID(),
        kind: 'create',
        of,
        recordId: record.id.toLowerCase(),
        record: plain(record),
        madeAt: new Date().toISOString(),
      } as const;
      const result = await createRecord(query, senderOf(author), await nextRevision(query, shopId), operation);
      if (result.status === 'conflict')
        throw conflict(
          `There is a ${of} “${name}” already, under another id. Rename one of them, then read the file in again.`,
        );
      added[list] += 1;
    } else if (sameValue(said(stored.record), said(record))) same += 1;
    else left.push({ kind: of, name });
  };
  for (const [list, kind] of RECORD_LISTS)
    for (const record of bundle[list]) await put(list, kind, record as never, record.name);
  for (const stop of bundle.stops ?? []) await put('stops', 'stop', stop, `${stop.day}, ${stop.why}`);
  if (bundle.shop) {
    const figures = await takeFigures(query, author, bundle.shop);
    added.figures = figures.added;
    if (figures.left) left.push({ kind: 'shop', name: 'The shop’s figures' });
  }
  const visitIds: string[] = [];
  for (const visit of bundle.visits) {
    const id = visit.id.toLowerCase();
    await put('visits', 'visit', { ...headOf(visit), id }, visit.title);
    const revision = await nextRevision(query, shopId);
    const counts = { readings: 0, facts: 0 };
    for (const reading of visit.readings)
      counts.readings += Number(
        await addReading(query, senderOf(author, reading.clockOffsetMs), revision, id, reading),
      );
    for (const fact of visit.facts ?? [])
      counts.facts += Number(await addFact(query, senderOf(author, fact.clockOffsetMs), revision, id, fact));
    if (counts.readings + counts.facts > 0) await countAdded(query, shopId, id, revision, counts);
    added.readings += counts.readings;
    added.facts += counts.facts;
    visitIds.push(id);
  }
  return { added, same, left, visitIds };
}
