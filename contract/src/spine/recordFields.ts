import equal from 'fast-deep-equal';
import type { RecordKind } from '../records';
import { RECORD_FIELDS } from './kindFields';

/** Values of fields by path: "tap", "setup.altitudeFt", "belts.A48". Null is "not known" or "taken off the list". */
export type Fields = Readonly<Record<string, unknown>>;

type Plain = Record<string, unknown>;

/** Without entries that say nothing: absent, undefined and null are one. */
function bare(value: unknown): unknown {
  const text = JSON.stringify(value, (_, inner: unknown) => inner ?? undefined) as string | undefined;
  return text === undefined ? null : JSON.parse(text);
}

/** Whether two values say the same, whatever the order of their keys. Cells of a list that are null count. */
export const sameValue = (a: unknown, b: unknown): boolean => equal(bare(a), bare(b));

const itemsOf = (record: Plain, list: string) => (Array.isArray(record[list]) ? (record[list] as Plain[]) : []);

/** Whether a path names a field that this kind of record has. */
export function isField(kind: RecordKind, path: string): boolean {
  const { plain, within, lists } = RECORD_FIELDS[kind];
  if (plain.includes(path)) return true;
  const dot = path.indexOf('.');
  if (dot < 1) return false;
  const [group, rest] = [path.slice(0, dot), path.slice(dot + 1)];
  if (Object.hasOwn(within, group)) return within[group]!.includes(rest);
  return Object.hasOwn(lists, group) && rest.length > 0 && rest.length <= 64;
}

/** Every field of a record that says something, by its path. */
export function fieldsOf(kind: RecordKind, record: object): Fields {
  const from = record as Plain;
  const { plain, within, lists } = RECORD_FIELDS[kind];
  const told: [string, unknown][] = plain.map((name) => [name, from[name]]);
  for (const [group, names] of Object.entries(within)) {
    const inner = (from[group] ?? {}) as Plain;
    told.push(...names.map((name): [string, unknown] => [`${group}.${name}`, inner[name]]));
  }
  for (const [list, key] of Object.entries(lists))
    told.push(...itemsOf(from, list).map((item): [string, unknown] => [`${list}.${String(item[key])}`, item]));
  return Object.fromEntries(told.filter(([, value]) => value !== undefined && value !== null));
}

/** Whether a path names an item of a list: "belts.A48". */
export function isListItem(kind: RecordKind, path: string): boolean {
  const dot = path.indexOf('.');
  return dot > 0 && Object.hasOwn(RECORD_FIELDS[kind].lists, path.slice(0, dot));
}

/** The fields in which two versions differ, with the values of the second; null where it says nothing. */
export function changedFields(kind: RecordKind, from: object, to: object): Fields {
  const [before, after] = [fieldsOf(kind, from), fieldsOf(kind, to)];
  const paths = new Set([...Object.keys(before), ...Object.keys(after)]);
  const changed = [...paths].filter((path) => !sameValue(before[path], after[path]));
  return Object.fromEntries(changed.map((path) => [path, after[path] ?? null]));
}

/** A record with fields set. Paths it does not have are passed over: `isField` tells of them. */
export function withFields<R extends object>(kind: RecordKind, record: R, fields: Fields): R {
  const { within, lists } = RECORD_FIELDS[kind];
  const next = { ...(record as Plain) };
  for (const [path, value] of Object.entries(fields)) {
    if (!isField(kind, path)) continue;
    const dot = path.indexOf('.');
    const [group, rest] = dot < 0 ? [path, ''] : [path.slice(0, dot), path.slice(dot + 1)];
    if (dot < 0) next[path] = value;
    else if (Object.hasOwn(within, group)) next[group] = { ...(next[group] as Plain | null), [rest]: value };
    else {
      const key = lists[group]!;
      const items = itemsOf(next, group);
      const at = items.findIndex((item) => String(item[key]) === rest);
      const others = items.filter((_, i) => i !== at);
      const there = at < 0 ? others.length : at;
      next[group] = value === null ? others : [...others.slice(0, there), value, ...others.slice(there)];
    }
  }
  return next as R;
}

/** The values that fields have in a record, null where it says nothing: what undoes a patch of them. */
export function valuesOf(kind: RecordKind, record: object, paths: readonly string[]): Fields {
  const all = fieldsOf(kind, record);
  return Object.fromEntries(paths.map((path) => [path, all[path] ?? null]));
}
