import type { BlowerTableDto, SiteDto, UnitDto, VisitDto } from '@huff/contract';
import { fieldsOf, headOf, visitChange, type Operation, type RecordKind } from '@huff/contract/spine';
import { openDB } from 'idb';
import { v4 as uuid } from 'uuid';
import type { OutboxRow, Store, ToldPart, ToldRecord, ToldVisit } from './store';
import { toldParts } from './toldParts';

/** Records as the app kept them before there was a spine: each with the time a client saved it, units with the name of their site. */
type Old<T> = T & { readonly id: string; readonly savedAt?: string; readonly siteName?: string };

/** The one blob that the app kept, as far as it is read here. */
export interface OldCache {
  readonly clientState: {
    readonly queries: readonly { readonly queryKey: readonly unknown[]; readonly state: { readonly data?: unknown } }[];
    readonly mutations: readonly {
      readonly mutationKey?: readonly unknown[];
      readonly state: { readonly status: string; readonly variables?: unknown };
    }[];
  };
}

export interface OldPhone {
  readonly cache?: OldCache;
  readonly draft?: VisitDto | null;
  /** What was weighed under Fix, by its old key. */
  readonly fixes: Readonly<Record<string, unknown>>;
}

export interface CarriedOver {
  readonly records: (ToldRecord | ToldVisit)[];
  readonly parts: ToldPart[];
  readonly add: Omit<OutboxRow, 'order'>[];
  readonly meta: Record<string, unknown>;
}

const KINDS: Readonly<Record<string, RecordKind>> = {
  sites: 'site',
  units: 'unit',
  'blower-tables': 'blowerTable',
  shop: 'shop',
};

/** Revision of what was told before revisions were: anything the server tells is newer. */
const BEFORE = 0;

function plain<T>({ savedAt: _, siteName: _s, ...record }: Old<T>): T {
  return record as unknown as T;
}

/** What an earlier version of the app kept, as records and operations of today. Nothing of it is dropped. @param now ISO, for what lacks a time */
export function carriedOver({ cache, draft, fixes }: OldPhone, now: string): CarriedOver {
  const listed = <T>(key: string): Old<T>[] => {
    const found = cache?.clientState.queries.find((query) => query.queryKey[0] === key)?.state.data;
    return Array.isArray(found) ? (found as Old<T>[]) : [];
  };
  const sites = listed<SiteDto>('sites');
  /** Sites were known by name; those without a record of their own are stood in for until the server tells. */
  const standIns = new Map<string, SiteDto>();
  const siteOf = (name: string): string => {
    const known = sites.find((site) => site.name === name) ?? standIns.get(name);
    if (known) return known.id;
    const site: SiteDto = { id: uuid(), name, altitudeFt: null };
    standIns.set(name, site);
    return site.id;
  };
  const unitOf = (unit: Old<UnitDto>): UnitDto => ({
    ...plain(unit),
    siteId: unit.siteId ?? siteOf(unit.siteName ?? 'Unknown site'),
  });
  const told = <K extends RecordKind>(kind: K, record: ToldRecord<K>['record']): ToldRecord<K> => ({
    kind,
    id: record.id,
    revision: BEFORE,
    record,
  });
  const visits = listed<VisitDto>('visits').map(plain<VisitDto>);
  const records: (ToldRecord | ToldVisit)[] = [
    ...listed<UnitDto>('units').map((unit) => told('unit', unitOf(unit))),
    ...listed<BlowerTableDto>('blower-tables').map((table) => told('blowerTable', plain(table))),
    ...listed<ToldRecord<'shop'>['record']>('shop').map((shop) => told('shop', plain(shop))),
    ...visits.map((visit) => ({
      ...told('visit', headOf(visit)),
      readingCount: visit.readings.length,
      factCount: (visit.facts ?? []).length,
    })),
    ...[...sites.map(plain<SiteDto>), ...standIns.values()].map((site) => told('site', site)),
  ];
  const parts = visits.flatMap((visit) => toldParts(visit.id, visit));

  const row = (operation: Operation, state: 'held' | 'waiting'): Omit<OutboxRow, 'order'> => ({
    id: operation.id,
    operation,
    state,
  });
  const made = (at?: string) => ({ id: uuid(), madeAt: at ?? now });
  const visitRows = (visit: Old<VisitDto>, state: 'held' | 'waiting') => {
    const at = visit.savedAt;
    const whole = plain<VisitDto>(visit);
    const { readings, facts } = visitChange({ ...whole, readings: [], facts: [] }, whole);
    const recordId = whole.id;
    // Made, whether the server has it or not: one it has is patched with it, and its readings are there once.
    const making: Operation = { ...made(at), kind: 'create', of: 'visit', recordId, record: headOf(whole) };
    const adding = [
      ...readings.map((record): Operation => ({ ...made(at), kind: 'add', of: 'reading', recordId, record })),
      ...facts.map((record): Operation => ({ ...made(at), kind: 'add', of: 'fact', recordId, record })),
    ];
    return [making, ...adding].map((operation) => row(operation, state));
  };
  /** Of several versions of one record that waited, the last holds all of it. */
  const unsent = new Map<string, { readonly key: string; readonly record: Old<object> }>();
  for (const { mutationKey, state } of cache?.clientState.mutations ?? []) {
    const key = String(mutationKey?.[0]).replace(/^save-/, '');
    const record = state.variables as Old<object> | undefined;
    if (!record?.id || (state.status !== 'pending' && state.status !== 'error')) continue;
    unsent.delete(`${key}/${record.id}`);
    unsent.set(`${key}/${record.id}`, { key, record });
  }
  const add = [...unsent.values()].flatMap(({ key, record }): Omit<OutboxRow, 'order'>[] => {
    if (key === 'visits') return visitRows(record as Old<VisitDto>, 'waiting');
    if (key === 'photos') {
      const photo = record as { id: string; visitId: string; item: string; savedAt: string; jpeg: string };
      return [
        row({ ...made(photo.savedAt), kind: 'add', of: 'photo', recordId: photo.visitId, record: photo }, 'waiting'),
      ];
    }
    const of = KINDS[key];
    if (!of) return [];
    if (of === 'unit') {
      // Units could only be changed, never made; where it stands is not ours to say: sites were known by name alone.
      const all = fieldsOf('unit', plain(record as Old<UnitDto>));
      const fields = Object.fromEntries(Object.entries(all).filter(([field]) => field !== 'siteId'));
      return [
        row({ ...made(record.savedAt), kind: 'patch', of, recordId: record.id, base: BEFORE, fields }, 'waiting'),
      ];
    }
    const body = plain<object>(record);
    return [row({ ...made(record.savedAt), kind: 'create', of, recordId: record.id, record: body }, 'waiting')];
  });
  if (draft) add.push(...visitRows(draft, 'held'));
  const meta = Object.fromEntries(
    Object.entries(fixes).map(([key, choice]) => [key.replace(/^huff-fix-/, 'fix/'), choice]),
  );
  return { records, parts, add, meta };
}

const OLD_DATABASE = 'keyval-store';
const OLD_TABLE = 'keyval';

/** What the browser still has of an earlier version of the app; undefined when there is none. */
async function oldPhone(): Promise<OldPhone | undefined> {
  const names = await indexedDB.databases?.();
  if (names && !names.some(({ name }) => name === OLD_DATABASE)) return undefined;
  const db = await openDB(OLD_DATABASE);
  try {
    if (!db.objectStoreNames.contains(OLD_TABLE)) return undefined;
    const keys = (await db.getAllKeys(OLD_TABLE)).map(String);
    const read = (key: string) => db.get(OLD_TABLE, key) as Promise<unknown>;
    const text = await read('huff-cache');
    const fixes: Record<string, unknown> = {};
    for (const key of keys.filter((one) => one.startsWith('huff-fix-'))) fixes[key] = await read(key);
    return {
      cache: typeof text === 'string' ? (JSON.parse(text) as OldCache) : undefined,
      draft: (await read('huff-draft-visit')) as VisitDto | undefined,
      fixes,
    };
  } finally {
    db.close();
  }
}

/** Reads once what an earlier version of the app kept and takes it over, unsent changes included. The old copy stays until it is in. */
export async function carryOver(store: Store): Promise<void> {
  if (!store.lasting || (await store.meta<boolean>('carriedOver'))) return;
  const old = await oldPhone();
  const carried = old && carriedOver(old, new Date().toISOString());
  await store.write({ ...carried, meta: { ...carried?.meta, carriedOver: true } });
}
