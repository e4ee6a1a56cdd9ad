import type { BundleReport, PhotoDto, VisitDto } from '@huff/contract';
import { fieldsOf, headOf, sameValue, type RecordKind, type RecordOf } from '@huff/contract/spine';
import { plainShop, type ShopDto } from '@huff/contract/fix';
import { randomUUID } from 'node:crypto';
import type { Query } from '../db/db';
import type { Author } from '../http/author';
import { conflict } from '../http/problems';
import { askFor } from '../jobs/jobs';
import { addPhoto } from '../photos/photos';
import { erasedOf, placesOf } from '../records/erased';
import { recordOf, recordsOf } from '../records/records';
import { manyRevisions, nextRevision } from '../records/revision';
import type { Sender } from '../records/sender';
import { makeRecord, siteOfSameName } from '../sync/createRecord';
import { patchRecord } from '../sync/patchRecord';
import { countAdded, countEarly } from '../visits/counts';
import { addFacts, newFacts } from '../visits/facts';
import { idsHere } from '../visits/partsByVisit';
import { addReadings, newReadings } from '../visits/readings';
import { soundRecords, type SoundRecords } from './soundLines';

/** So many records that are left as they are get told by name: a phone shows a few. */
const MOST_LEFT = 200;

const senderOf = (author: Author): Sender => ({
  author,
  device: '00000000-0000-0000-0000-000000000000',
  clockOffsetMs: 0,
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
async function takeFigures(query: Query, author: Author, figures: ShopDto, isTried: boolean) {
  const { shopId } = author;
  const stored = (await recordOf(query, 'shop', shopId, shopId))!;
  const [here, plain] = [fieldsOf('shop', stored.record), fieldsOf('shop', plainShop(shopId))];
  const coming = Object.entries(fieldsOf('shop', { ...figures, id: shopId }));
  const isFree = (path: string) => here[path] === undefined || sameValue(here[path], plain[path]);
  const other = coming.filter(([path, value]) => !sameValue(here[path], value));
  const fields = Object.fromEntries(other.filter(([path]) => isFree(path)));
  const added = Object.keys(fields).length;
  if (added > 0 && !isTried) {
    await patchRecord(query, senderOf(author), await nextRevision(query, shopId), {
      operationId: randomUUID(),
      of: 'shop',
      stored,
      base: stored.revision,
      fields,
    });
    await askFor(query, shopId, 'allVisits', [shopId]);
  }
  return { added, left: other.length > added };
}

/** What a customer asked to be erased does not come back by an old file. */
async function withoutErased(query: Query, shopId: string, some: SoundRecords): Promise<SoundRecords> {
  const idsOf = (value: { readonly id: string; readonly visitId?: string }) =>
    [value.id, ...placesOf(value), ...(value.visitId ? [value.visitId] : [])].map((id) => id.toLowerCase());
  const erased = await erasedOf(query, shopId, some.values.flatMap(idsOf));
  if (erased.size === 0) return some;
  const values = (some.values as readonly { readonly id: string }[]).filter(
    (one) => !idsOf(one).some((id) => erased.has(id)),
  );
  return { ...some, values } as unknown as SoundRecords;
}

/** Those of some records that are here, by id. */
async function storedById<K extends RecordKind>(
  query: Query,
  of: K,
  shopId: string,
  records: readonly { readonly id: string }[],
): Promise<Map<string, RecordOf[K]>> {
  const kept = await recordsOf(
    query,
    of,
    shopId,
    records.map(({ id }) => id),
  );
  return new Map(kept.map(({ record }) => [record.id, record]));
}

/**
 * Takes a bundle that was looked through in, merged by id: what is not here is added, what is here and other is left as it is and told; readings,
 * facts and photos are added to visits that are here. Within a transaction: all of it or nothing.
 *
 * @param file the records that were found sound, a line each
 * @param isTried nothing is written: what it would bring is told
 * @throws ProblemError 409 where an id stands for another reading, or a site has the name of one that is here
 */
export async function takeBundle(query: Query, author: Author, file: string, isTried: boolean): Promise<BundleReport> {
  const { shopId } = author;
  const sender = senderOf(author);
  const nextRevision = manyRevisions(query, shopId);
  const added = {
    sites: 0,
    blowerTables: 0,
    units: 0,
    visits: 0,
    readings: 0,
    facts: 0,
    stops: 0,
    drills: 0,
    photos: 0,
    figures: 0,
  };
  let same = 0;
  const madeAt = new Date().toISOString();
  const left: { kind: string; name: string }[] = [];
  const leave = (kind: string, name: string) => {
    if (left.length < MOST_LEFT) left.push({ kind, name });
  };
  /** Puts a record where it is not here; what is here stands. @returns whether it is new */
  const put = async <K extends RecordKind>(
    of: K,
    list: keyof typeof added,
    record: RecordOf[K],
    name: string,
    stored?: RecordOf[K],
  ) => {
    if (stored) {
      if (sameValue(said(stored), said(record))) same += 1;
      else leave(of, name);
      return false;
    }
    if (of === 'site' && (await siteOfSameName(query, shopId, record.id, name)))
      throw conflict(`There is a site “${name}” already, with another id. Rename one, then import the file again.`);
    added[list] += 1;
    if (isTried) return true;
    const recordId = record.id.toLowerCase();
    const operation = { id: randomUUID(), kind: 'create', of, recordId, record: plain(record), madeAt } as const;
    // Each record that is made has a revision of its own: the history goes by it.
    await makeRecord(query, sender, await nextRevision(), operation);
    return true;
  };
  const visitIds = new Set<string>();
  const takeVisit = async (visit: VisitDto, stored?: RecordOf['visit']) => {
    const id = visit.id.toLowerCase();
    const isNew = await put('visit', 'visits', { ...headOf(visit), id }, visit.title, stored);
    const { readings, facts = [] } = visit;
    const counts = { readings: 0, facts: 0 };
    if (isTried) {
      counts.readings = await newReadings(query, shopId, id, readings);
      counts.facts = await newFacts(query, shopId, id, facts);
    } else {
      const revision = await nextRevision();
      counts.readings = await addReadings(query, author, revision, id, readings);
      counts.facts = await addFacts(query, author, revision, id, facts);
      if (isNew) await countEarly(query, shopId, id);
      else if (counts.readings + counts.facts > 0) await countAdded(query, shopId, id, revision, counts);
    }
    added.readings += counts.readings;
    added.facts += counts.facts;
    visitIds.add(id);
  };
  const takePhoto = async (photo: PhotoDto) => {
    if (isTried) {
      if (!(await idsHere(query, 'photos', shopId, [photo])).has(photo.id.toLowerCase())) added.photos += 1;
      return;
    }
    const revision = await nextRevision();
    if (!(await addPhoto(query, sender, revision, photo))) return;
    added.photos += 1;
    // The visit is told anew, with its photo.
    if (photo.visitId) await countAdded(query, shopId, photo.visitId, revision, {});
  };
  const putAll = async <K extends RecordKind>(
    of: K,
    list: keyof typeof added,
    records: readonly RecordOf[K][],
    nameOf: (record: RecordOf[K]) => string,
  ) => {
    // What a file names twice is taken once.
    const stored = await storedById(query, of, shopId, records);
    for (const record of records) {
      await put(of, list, record, nameOf(record), stored.get(record.id.toLowerCase()));
      stored.set(record.id.toLowerCase(), record);
    }
  };
  for await (const inFile of soundRecords(file)) {
    const { list, values } = await withoutErased(query, shopId, inFile);
    if (values.length < inFile.values.length) leave('erased', 'Records of an erased customer');
    if (values.length === 0) continue;
    if (list === 'sites') await putAll('site', list, values, ({ name }) => name);
    else if (list === 'blowerTables') await putAll('blowerTable', list, values, ({ name }) => name);
    else if (list === 'units') await putAll('unit', list, values, ({ name }) => name);
    else if (list === 'stops') await putAll('stop', list, values, ({ day, why }) => `${day}, ${why}`);
    else if (list === 'drills') await putAll('drill', list, values, ({ code }) => code);
    else if (list === 'visits') {
      const stored = await storedById(query, 'visit', shopId, values);
      for (const visit of values) {
        const id = visit.id.toLowerCase();
        await takeVisit(visit, stored.get(id));
        stored.set(id, { ...headOf(visit), id });
      }
    } else if (list === 'photos') for (const photo of values) await takePhoto(photo);
    else {
      const figures = await takeFigures(query, author, values[0]!, isTried);
      added.figures += figures.added;
      if (figures.left) leave('shop', 'Shop settings');
    }
  }
  // They were over long ago: nobody is told of them.
  if (!isTried) await askFor(query, shopId, 'visit', [...visitIds]);
  return { added, same, left };
}
