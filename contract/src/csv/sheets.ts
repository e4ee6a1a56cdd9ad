import { LAYOUT_IDS, MOTOR_KINDS } from '@huff/core';
import Papa from 'papaparse';
import { check } from '../check';
import type { ClassConstructor } from 'class-transformer';
import type { OTHER_PART_KINDS } from '../shop';
import { BeltPartDto, ShopPartDto, type ShopDto } from '../shop';
import { SiteDto } from '../site';
import { sheetOf } from '../records';
import { fieldsOf, sameValue, withFields } from '../spine/recordFields';
import { UnitDto } from '../unit';
import type { CsvFault } from './readBlowerTableCsv';
import { headsOf, writtenIn } from './unitHeads';

/** Lists that go out as a sheet and come in as one. */
export const SHEETS = ['sites', 'units', 'parts'] as const;
export type Sheet = (typeof SHEETS)[number];

/** A line of a list of parts: a belt has its mark for a name. */
export interface PartLine {
  readonly kind: 'belt' | (typeof OTHER_PART_KINDS)[number];
  readonly id?: string;
  readonly name: string;
  readonly widthIn?: number | null;
  readonly heightIn?: number | null;
  readonly microfarads?: number | null;
  readonly onTruck: boolean;
  readonly cost: number;
}

export interface SheetRecords {
  readonly sites: SiteDto;
  readonly units: UnitDto;
  readonly parts: PartLine;
}

/** What is here already: what a sheet is written from, and held against when it is read. */
export interface Known {
  readonly sites: readonly SiteDto[];
  readonly units: readonly UnitDto[];
  readonly shop: Pick<ShopDto, 'belts' | 'parts'>;
}

type Kind = 'text' | 'number' | 'yesNo';
/** A column: its head, and the field it holds. */
type Column = readonly [head: string, path: string, kind: Kind];

const COLUMNS: Readonly<Record<Sheet, readonly Column[]>> = {
  sites: [['id', 'id', 'text'], ...sheetOf('site')],
  units: [['id', 'id', 'text'], ['site', 'site', 'text'], ...sheetOf('unit')],
  parts: [
    ['kind', 'kind', 'text'],
    ['name', 'name', 'text'],
    ['width in.', 'widthIn', 'number'],
    ['height in.', 'heightIn', 'number'],
    ['microfarads', 'microfarads', 'number'],
    ['on the truck', 'onTruck', 'yesNo'],
    ['cost', 'cost', 'number'],
  ],
};
/** Without these columns a file is no such sheet. */
const NEEDED: Readonly<Record<Sheet, readonly string[]>> = {
  sites: ['name'],
  units: ['site', 'name'],
  parts: ['kind', 'name'],
};

/** Heads of lists that an earlier Huff exported, by the heads of today. */
const EARLIER_HEADS: Readonly<Record<string, string>> = {
  'plate static in. w.c.': 'nameplate static in. w.c.',
  'target cfm a ton': 'target cfm per ton',
};

/** A file longer than this is not even parsed. */
export const SHEET_LIMITS = { characters: 2_000_000, rows: 5000 } as const;

const partLines = ({ belts, parts }: Known['shop']): PartLine[] => [
  ...belts.map(({ mark, onTruck, cost }): PartLine => ({ kind: 'belt', name: mark, onTruck, cost })),
  ...(parts ?? []).map(({ id, kind, name, widthIn, heightIn, microfarads, onTruck, cost }): PartLine => ({
    kind,
    id,
    name,
    widthIn,
    heightIn,
    microfarads,
    onTruck,
    cost,
  })),
];

/** The fields of a record by the paths of its columns. */
function cellsOf(sheet: Sheet, record: SheetRecords[Sheet], known: Known): Readonly<Record<string, unknown>> {
  if (sheet === 'parts') return { ...record };
  const fields = fieldsOf(sheet === 'sites' ? 'site' : 'unit', record);
  const site = sheet === 'units' && known.sites.find(({ id }) => id === (record as UnitDto).siteId);
  return { ...fields, id: (record as SiteDto).id, ...(site ? { site: site.name } : {}) };
}

const cellText = (value: unknown): string | number =>
  value === null || value === undefined
    ? ''
    : typeof value === 'boolean'
      ? value
        ? 'yes'
        : 'no'
      : typeof value === 'number' || typeof value === 'string'
        ? value
        : JSON.stringify(value);

const live = <R extends { readonly archivedAt?: string | null }>(records: readonly R[]) =>
  records.filter(({ archivedAt }) => !archivedAt);

/**
 * A list as CSV that `readSheet` reads back to the same, in the units of whoever asks. Cells that a spreadsheet would run as a formula are guarded; what is archived is not in it.
 */
export function writeSheet(sheet: Sheet, known: Known): string {
  const records: readonly SheetRecords[Sheet][] =
    sheet === 'sites' ? live(known.sites) : sheet === 'units' ? live(known.units) : partLines(known.shop);
  const columns = COLUMNS[sheet];
  const rows = records.map((record) => {
    const cells = cellsOf(sheet, record, known);
    return columns.map(([head, path]) => {
      const cell = cells[path];
      return cellText(typeof cell === 'number' ? writtenIn(head).shown(cell) : cell);
    });
  });
  return `${Papa.unparse([columns.map(([head]) => writtenIn(head).head), ...rows], { newline: '\r\n', escapeFormulae: true })}\r\n`;
}

/** One line of a sheet, and what it would do. */
export interface SheetRow<S extends Sheet = Sheet> {
  readonly line: number;
  readonly state: 'new' | 'changed' | 'same';
  readonly name: string;
  readonly record: SheetRecords[S];
  /** Heads of the columns in which it differs. */
  readonly changed: readonly string[];
}

export type SheetReading<S extends Sheet = Sheet> =
  | { readonly ok: true; readonly rows: readonly SheetRow<S>[] }
  | { readonly ok: false; readonly faults: readonly CsvFault[] };

const unguarded = (text: string) => text.trim().replace(/^'(?=[=+\-@\t\r])/, '');
const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** The value a cell stands for; undefined where it cannot be one. Blank is "not known". */
function valueOf(text: string, kind: Kind): unknown {
  if (text === '') return null;
  if (kind === 'text') return text;
  if (kind === 'yesNo')
    return /^(yes|y|true|1)$/i.test(text) ? true : /^(no|n|false|0)$/i.test(text) ? false : undefined;
  // "1,250" are thousands, "12,5" is a decimal.
  const plain = /^-?\d{1,3}(,\d{3})+(\.\d+)?$/.test(text)
    ? text.replaceAll(',', '')
    : text.replace(/^(-?\d+),(\d{1,2})$/, '$1.$2');
  const number = Number(plain);
  return Number.isFinite(number) ? number : undefined;
}

/** Columns that say which record a line is about. */
const NAMES_IT = ['id', 'site'];
/** What every record has: a blank cell does not empty it. */
const ALWAYS_KNOWN = ['layout', 'motor', 'cfmPerTon', 'onTruck', 'cost'];

const CLASS: Readonly<Record<'sites' | 'units', ClassConstructor<object>>> = { sites: SiteDto, units: UnitDto };

interface Reading {
  readonly known: Known;
  readonly newId: () => string;
}

/** The record a line is about, as it stands here; what stands for one that is new. */
function standing(sheet: Sheet, cells: Readonly<Record<string, unknown>>, { known, newId }: Reading) {
  const text = (path: string) => (typeof cells[path] === 'string' ? cells[path] : '');
  if (sheet === 'parts') {
    const there = partLines(known.shop).find(({ kind, name }) => kind === cells.kind && same(name, text('name')));
    return { there, begin: there ?? { kind: 'other', name: '', onTruck: true, cost: 0 } };
  }
  if (sheet === 'sites') {
    const there = known.sites.find((one) => (cells.id ? one.id === cells.id : same(one.name, text('name'))));
    return { there, begin: there ?? { id: text('id') || newId(), name: '' } };
  }
  const site = known.sites.find(({ name }) => same(name, text('site')));
  const there = known.units.find((one) =>
    cells.id ? one.id === cells.id : one.siteId === site?.id && same(one.name, text('name')),
  );
  const begin = there ?? {
    id: text('id') || newId(),
    siteId: site?.id ?? '',
    name: '',
    layout: 'airHandler',
    motor: 'psc',
    cfmPerTon: 400,
    setup: { unsaid: [...(cells.layout ? [] : ['layout']), ...(cells.motor ? [] : ['motor'])] },
  };
  return { there, begin, site };
}

/** What is wrong with a record as the classes of the contract check it, in a sentence. */
function faultOf(sheet: Sheet, record: object): { readonly field: string; readonly message: string } | undefined {
  if (sheet !== 'parts') {
    const checked = check(CLASS[sheet], record);
    return checked.ok ? undefined : checked.errors[0];
  }
  const part = record as PartLine;
  const checked =
    part.kind === 'belt'
      ? check(BeltPartDto, { mark: part.name.toUpperCase(), onTruck: part.onTruck, cost: part.cost })
      : check(ShopPartDto, { ...part, id: part.id ?? '00000000-0000-4000-8000-000000000000' });
  return checked.ok ? undefined : checked.errors[0];
}

/**
 * Reads a sheet and holds it against what is here: by id where it has one, else by name. Columns that are not in it stay as they are; a blank cell says
 * "not known". Nothing is kept: whoever called shows what it would do.
 *
 * @returns every line with what it would do, or every fault with its line
 */
export function readSheet<S extends Sheet>(sheet: S, text: string, reading: Reading): SheetReading<S> {
  const whole = (message: string): SheetReading<S> => ({ ok: false, faults: [{ message }] });
  if (text.length > SHEET_LIMITS.characters) return whole('This file is too large for a Huff list.');
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false });
  const heads = (data[0] ?? []).map((cell) => {
    const head = unguarded(cell).toLowerCase();
    return EARLIER_HEADS[head] ?? head;
  });
  const columns = COLUMNS[sheet].map((column) => {
    const there = headsOf(column[0]).find(({ head }) => heads.includes(head.toLowerCase()));
    return [column, there ? heads.indexOf(there.head.toLowerCase()) : -1, there?.stored] as const;
  });
  const lacking = NEEDED[sheet].filter((head) => !heads.includes(head));
  if (lacking.length > 0)
    return whole(
      `The first line must name the columns; ${lacking.map((head) => `“${head}”`).join(' and ')} is not among them. Export the list once to see how.`,
    );
  if (data.length > SHEET_LIMITS.rows + 1) return whole(`A list has at most ${SHEET_LIMITS.rows} lines.`);
  const rows: SheetRow<S>[] = [];
  const faults: CsvFault[] = [];
  const seen = new Map<string, number>();
  data.slice(1).forEach((cells, i) => {
    const line = i + 2;
    if (cells.every((cell) => cell.trim() === '')) return;
    const fault = (message: string, found?: string) => faults.push({ line, message, ...(found ? { found } : {}) });
    const values: Record<string, unknown> = {};
    for (const [[head, path, kind], at, stored] of columns) {
      if (at < 0) continue;
      const cell = unguarded(cells[at] ?? '');
      const value = valueOf(cell, kind);
      if (value === undefined)
        return void fault(`“${head}” must be ${kind === 'yesNo' ? 'yes or no' : 'a number'}.`, cell);
      values[path] = typeof value === 'number' && stored ? stored(value) : value;
    }
    const { there, begin, site } = standing(sheet, values, reading) as ReturnType<typeof standing> & {
      readonly site?: SiteDto;
    };
    if (sheet === 'units' && !site)
      return void fault('There is no site of that name. Add it first.', String(values.site));
    const set = Object.fromEntries(
      Object.entries(values).filter(
        ([path, value]) => !NAMES_IT.includes(path) && (value !== null || !ALWAYS_KNOWN.includes(path)),
      ),
    );
    const record =
      sheet === 'parts'
        ? { ...begin, ...set }
        : withFields(sheet === 'sites' ? 'site' : 'unit', begin, {
            ...set,
            ...(sheet === 'units' && site ? { siteId: site.id } : {}),
          });
    const wrong = faultOf(sheet, record);
    if (wrong) return void fault(wrong.message, cellText(values[wrong.field]).toString());
    const { name } = record as { name: string };
    const key =
      `${'id' in record ? String(record.id) : ''} ${cellText(values.kind ?? values.site)} ${name}`.toLowerCase();
    const twin = there ? seen.get(key) : seen.get(key.replace(/^\S+/, ''));
    if (twin !== undefined) return void fault(`It is there twice: line ${twin} is about the same.`, name);
    seen.set(there ? key : key.replace(/^\S+/, ''), line);
    const [was, is] = [there && cellsOf(sheet, there, reading.known), cellsOf(sheet, record, reading.known)];
    const changed = was
      ? columns.flatMap(([[head, path], at]) => (at >= 0 && !sameValue(was[path], is[path]) ? [head] : []))
      : [];
    rows.push({
      line,
      state: !there ? 'new' : changed.length > 0 ? 'changed' : 'same',
      name,
      record: record as never,
      changed,
    });
  });
  if (faults.length > 0) return { ok: false, faults };
  return rows.length > 0 ? { ok: true, rows } : whole('There is no line below the headings.');
}

/** A shop with the lines of a list of parts taken in; what is not in the list stays. */
export function withParts<P extends Known['shop']>(shop: P, lines: readonly PartLine[], newId: () => string): P {
  const belts = [...shop.belts];
  const parts = [...(shop.parts ?? [])];
  for (const { kind, id, name, ...part } of lines) {
    if (kind === 'belt') {
      const at = belts.findIndex(({ mark }) => same(mark, name));
      const belt = { ...belts[at], mark: name.toUpperCase(), onTruck: part.onTruck, cost: part.cost };
      if (at < 0) belts.push(belt);
      else belts[at] = belt;
    } else {
      const at = parts.findIndex((one) => one.id === id);
      const next = { ...parts[at], ...part, kind, name, id: id ?? newId() };
      if (at < 0) parts.push(next);
      else parts[at] = next;
    }
  }
  return { ...shop, belts, parts };
}

/** What may stand in the columns of air path and motor, for whoever writes such a file. */
export const SHEET_WORDS = { 'air path': LAYOUT_IDS, motor: MOTOR_KINDS } as const;
