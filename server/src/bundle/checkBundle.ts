import { BUNDLE_VERSION, check, PhotoDto, VisitDto, type FieldError } from '@huff/contract';
import type { RecordKind } from '@huff/contract/spine';
import { brokenText, checkRecord } from '@huff/contract/sync';
import type { Beside } from '../beside/beside';
import type { Query } from '../db/db';
import { invalid } from '../http/problems';
import { recordsOf } from '../records/records';
import { LISTS, partsOf, type BundlePart, type ListName } from './bundleFile';
import type { BundleFiles } from './receive';
import { soundLines } from './soundLines';

/** So many faults are told at once: a file of another kind has thousands. */
const MOST_FAULTS = 20;
/** So many ids are sought at once. */
const IDS = 500;

/** Files of before have none of them. */
const OPTIONAL: readonly ListName[] = ['stops', 'drills', 'photos'];

const RECORDS = {
  sites: 'site',
  blowerTables: 'blowerTable',
  units: 'unit',
  stops: 'stop',
  drills: 'drill',
} as const satisfies Partial<Record<ListName, RecordKind>>;
type Named = 'site' | 'blowerTable' | 'unit' | 'visit';
const NAMES: Readonly<Record<Named, string>> = {
  site: 'site',
  blowerTable: 'blower table',
  unit: 'unit',
  visit: 'visit',
};

const wrong = (message: string) => invalid([{ field: '', message }]);

/** A part as the classes of the contract check it. */
function checkedPart(part: Extract<BundlePart, { list: ListName }>) {
  const { list, value } = part;
  const broken = brokenText(value);
  if (broken) return { ok: false as const, errors: [broken] };
  if (list === 'visits') return check(VisitDto, value);
  if (list === 'photos') return check(PhotoDto, value);
  return checkRecord(RECORDS[list], value);
}

/** What records of a file name, each once, with where it is named first. */
function namedIn() {
  const here: Readonly<Record<Named, Set<string>>> = {
    site: new Set(),
    blowerTable: new Set(),
    unit: new Set(),
    visit: new Set(),
  };
  const wanted: Readonly<Record<Named, Map<string, string>>> = {
    site: new Map(),
    blowerTable: new Map(),
    unit: new Map(),
    visit: new Map(),
  };
  const want = (kind: Named, id: unknown, field: string) => {
    if (typeof id === 'string' && !wanted[kind].has(id.toLowerCase())) wanted[kind].set(id.toLowerCase(), field);
  };
  return {
    see(list: ListName, at: number, record: Readonly<Record<string, unknown>>) {
      const id = String(record.id).toLowerCase();
      const place = (field: string) => `${list}[${at}].${field}`;
      if (list === 'sites') here.site.add(id);
      if (list === 'blowerTables') here.blowerTable.add(id);
      if (list === 'units') {
        here.unit.add(id);
        want('site', record.siteId, place('siteId'));
        want('blowerTable', record.blowerTableId, place('blowerTableId'));
      }
      if (list === 'visits') {
        here.visit.add(id);
        want('unit', record.unitId, place('unitId'));
      }
      if (list === 'stops') {
        want('site', record.siteId, place('siteId'));
        want('unit', record.unitId, place('unitId'));
      }
      if (list === 'photos')
        for (const kind of ['visit', 'unit', 'blowerTable'] as const)
          want(kind, record[`${kind}Id`], place(`${kind}Id`));
    },
    /** What is named and is neither in the file nor in the shop. */
    async lost(query: Query, shopId: string): Promise<FieldError[]> {
      const faults: FieldError[] = [];
      for (const kind of Object.keys(wanted) as Named[]) {
        const abroad = [...wanted[kind].keys()].filter((id) => !here[kind].has(id));
        for (let from = 0; from < abroad.length && faults.length < MOST_FAULTS; from += IDS) {
          const some = abroad.slice(from, from + IDS);
          const known = new Set((await recordsOf(query, kind, shopId, some)).map(({ record }) => record.id));
          for (const id of some)
            if (!known.has(id))
              faults.push({
                field: wanted[kind].get(id)!,
                message: `It names a ${NAMES[kind]} that is neither here nor in the file.`,
              });
        }
      }
      return faults;
    },
  };
}

/**
 * Looks through a bundle before any of it is taken, and writes down what it found sound, a line each: its form, each record as the contract's classes check it, that what is named is there,
 * that pictures are pictures.
 *
 * @throws ProblemError 422 with what is wrong, by its place in the file
 */
export async function checkBundle(
  query: Query,
  shopId: string,
  { sent, checked: checkedFile }: BundleFiles,
  beside: Beside,
): Promise<void> {
  const faults: FieldError[] = [];
  const told = (place: string, errors: readonly FieldError[]) =>
    faults.push(
      ...errors.map(({ field, message }) => ({ field: field === '' ? place : `${place}.${field}`, message })),
    );
  const named = namedIn();
  let version: unknown;
  let tops: ReadonlyMap<string, boolean> = new Map();
  const sound = soundLines(checkedFile);
  try {
    for await (const part of partsOf(sent)) {
      if (part.list === undefined) {
        if (part.name === 'end') tops = part.value;
        else if (part.name === 'huffBundle') {
          version = part.value;
          if (version !== BUNDLE_VERSION) break;
        } else {
          const figures = checkRecord('shop', part.value);
          if (figures.ok) await sound.write({ list: 'shop', value: figures.value });
          else told('shop', figures.errors);
        }
        continue;
      }
      if (faults.length >= MOST_FAULTS) continue;
      const checked = checkedPart(part);
      const place = `${part.list}[${part.at}]`;
      if (!checked.ok) {
        told(place, checked.errors);
        continue;
      }
      named.see(part.list, part.at, checked.value as unknown as Record<string, unknown>);
      if (part.list === 'photos') await picturesOf(checked.value as PhotoDto, place);
      await sound.write({ list: part.list, value: checked.value });
    }
  } finally {
    await sound.close();
  }
  async function picturesOf({ jpeg, smallJpeg }: PhotoDto, place: string): Promise<void> {
    if (!jpeg) told(place, [{ field: 'jpeg', message: 'A photo in a file must contain its picture.' }]);
    for (const [field, base64] of Object.entries({ jpeg, smallJpeg }))
      if (base64 && !(await beside.isJpeg(Buffer.from(base64, 'base64'))))
        told(place, [{ field, message: 'This is not a JPEG picture.' }]);
  }
  if (version === undefined) throw wrong('This is not a Huff file: huffBundle is missing.');
  if (version !== BUNDLE_VERSION)
    throw wrong(`This bundle is of form ${JSON.stringify(version)}; this server reads form ${BUNDLE_VERSION}.`);
  const lists = LISTS.filter((name) => !OPTIONAL.includes(name) || tops.has(name));
  const missing = lists.filter((name) => tops.get(name) !== true);
  if (missing.length > 0) throw invalid(missing.map((name) => ({ field: name, message: `${name} must be a list.` })));
  if (faults.length === 0) faults.push(...(await named.lost(query, shopId)));
  if (faults.length > 0) throw invalid(faults.slice(0, MOST_FAULTS));
}
