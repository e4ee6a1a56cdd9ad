import type { BlowerTableDto } from '../blowerTable';
import type { DrillDto } from '../drill';
import type { ShopDto } from '../shop';
import type { SiteDto } from '../site';
import type { StopDto } from '../stop';
import type { UnitDto } from '../unit';
import type { VisitHeadDto } from '../visit';
import { blowerTable } from './blowerTable';
import { drill } from './drill';
import type { Field, RecordDescription } from './field';
import { shop } from './shop';
import { site } from './site';
import { stop } from './stop';
import { unit } from './unit';
import { visit } from './visit';

export type { Field, RecordDescription } from './field';
export { SETUP_FIELDS } from './setup';
export { UNIT_FACTS } from './unitFacts';

/** What is changed field by field. Readings, facts and photos are added to a visit and never changed. */
export interface RecordOf {
  readonly site: SiteDto;
  readonly unit: UnitDto;
  readonly blowerTable: BlowerTableDto;
  readonly visit: VisitHeadDto;
  readonly shop: ShopDto;
  readonly stop: StopDto;
  readonly drill: DrillDto;
}

export type RecordKind = keyof RecordOf;

/** Every kind of record, each described in its file: columns, operations, sheets, names, search and what a visit leaves to its unit follow from it. */
export const RECORDS: { readonly [K in RecordKind]: RecordDescription<RecordOf[K]> } = {
  site,
  unit,
  blowerTable,
  visit,
  shop,
  stop,
  drill,
};

export const RECORD_KINDS = Object.keys(RECORDS) as RecordKind[];

export const isRecordKind = (kind: unknown): kind is RecordKind =>
  typeof kind === 'string' && Object.hasOwn(RECORDS, kind);

/** The fields of a kind, by name. */
export const fieldsOfKind = (kind: RecordKind): [name: string, field: Field][] => Object.entries(RECORDS[kind].fields);

/** A name of code as words, for an entry whose label is not on the first screen. @example plainWords('wheelCaked') // 'Wheel caked' */
const plainWords = (id: string) => {
  const words = id.replaceAll(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
  return words.charAt(0).toUpperCase() + words.slice(1);
};

/** What a field is called, by its path. @example fieldLabel('unit', 'setup.altitudeFt') // 'Altitude, ft' */
export function fieldLabel(kind: RecordKind, path: string): string {
  const [name = '', rest] = path.split('.');
  const field = (RECORDS[kind].fields as Readonly<Record<string, Field>>)[name];
  if (!field) return path;
  if (rest === undefined) return field.label;
  if (field.items) return field.items.isNamedByKey ? `${field.items.label} ${rest}` : field.items.label;
  return field.entries?.[rest]?.label ?? plainWords(rest);
}

/** The fields of a kind by path, entries of objects among them: "tons", "setup.filterCount". */
const pathsOf = (kind: RecordKind): [path: string, field: Pick<Field, 'label' | 'sheet' | 'isSearched'>][] =>
  fieldsOfKind(kind).flatMap(([name, field]) => [
    [name, field],
    ...Object.entries(field.entries ?? {}).map(([entry, one]): [string, typeof one] => [`${name}.${entry}`, one]),
  ]);

/** The columns of the sheet of a kind, in the order of its fields. */
export const sheetOf = (kind: RecordKind): [head: string, path: string, cell: 'text' | 'number'][] =>
  pathsOf(kind).flatMap(([path, { sheet }]) => (sheet ? [[sheet[0], path, sheet[1]]] : []));

/** Lines that are typed with the name of a record, in their order. */
export const typedOf = (kind: RecordKind): [name: string, label: string][] =>
  fieldsOfKind(kind).flatMap(([name, { isTyped, label }]) => (isTyped ? [[name, label]] : []));

/** What of a record is searched, by path. */
export const searchedOf = (kind: RecordKind): string[] =>
  pathsOf(kind).flatMap(([path, { isSearched }]) => (isSearched ? [path] : []));
