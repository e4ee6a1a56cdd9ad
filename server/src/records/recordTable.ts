import { plainShop } from '@huff/contract/fix';
import type { RecordKind, RecordOf } from '@huff/contract/spine';
import type { Row } from '../db/db';
import { moment } from '../db/moment';

/** How a kind of record stands in its table. Column names are our own, never a client's. */
export interface RecordTable<K extends RecordKind> {
  readonly table: string;
  /** What to select so that a row is the record. */
  readonly select: string;
  /** The record of a row: without what says nothing of it. */
  readonly recordOf: (row: Row) => RecordOf[K];
  readonly columns: (record: RecordOf[K]) => Readonly<Record<string, unknown>>;
  /** Columns beside the record that say at which revision it was made, and changed last. */
  readonly madeColumn?: string;
  readonly changedColumn?: string;
  /** What stands for a record that nobody made yet. */
  readonly unmade?: (shopId: string) => RecordOf[K];
}

/** JSON for a column, null for nothing. */
const json = (value: unknown) => (value === null || value === undefined ? null : JSON.stringify(value));

/** The record without those fields that are null: it never had them. */
const without = <R>(row: Row, ...fields: string[]): R =>
  Object.fromEntries(Object.entries(row).filter(([name, value]) => value !== null || !fields.includes(name))) as R;

const ARCHIVED = `${moment('archived_at')} AS "archivedAt"`;

const UNIT_FACTS = `layout, motor, tons, max_tesp_in_wc AS "maxTespInWc", cfm_per_ton AS "cfmPerTon", tap, setup, plate`;
const unitFactColumns = (record: RecordOf['unit'] | RecordOf['visit']) => ({
  layout: record.layout,
  motor: record.motor,
  tons: record.tons ?? null,
  max_tesp_in_wc: record.maxTespInWc ?? null,
  cfm_per_ton: record.cfmPerTon,
  tap: record.tap ?? null,
  setup: json(record.setup),
  plate: json(record.plate),
});

export const RECORD_TABLES: { readonly [K in RecordKind]: RecordTable<K> } = {
  site: {
    table: 'sites',
    select: `id, name, altitude_ft AS "altitudeFt", climate, address, access_notes AS "accessNotes", contact, phone, email, ${ARCHIVED}`,
    recordOf: (row) => without(row, 'climate', 'address', 'accessNotes', 'contact', 'phone', 'email', 'archivedAt'),
    columns: (site) => ({
      name: site.name,
      altitude_ft: site.altitudeFt ?? null,
      climate: site.climate ?? null,
      address: site.address ?? null,
      access_notes: site.accessNotes ?? null,
      contact: site.contact ?? null,
      phone: site.phone ?? null,
      email: site.email ?? null,
      archived_at: site.archivedAt ?? null,
    }),
  },
  unit: {
    table: 'units',
    select: `id, site_id AS "siteId", name, ${UNIT_FACTS}, blower_table_id AS "blowerTableId", proven, ports, notes, ${ARCHIVED}`,
    // A unit that was never proven carries no sign of it.
    recordOf: (row) => without(row, 'proven', 'plate', 'ports', 'notes', 'archivedAt'),
    columns: (unit) => ({
      site_id: unit.siteId,
      name: unit.name,
      ...unitFactColumns(unit),
      blower_table_id: unit.blowerTableId ?? null,
      proven: json(unit.proven),
      ports: json(unit.ports),
      notes: unit.notes ?? null,
      archived_at: unit.archivedAt ?? null,
    }),
  },
  blowerTable: {
    table: 'blower_tables',
    select: `id, name, motor, tons, statics_in_wc AS "staticsInWc", taps, by_rpm AS "byRpm", part, conditions, ${ARCHIVED}`,
    // A table by taps has no RPM figures: nothing stands for them.
    recordOf: (row) => without(row, 'byRpm', 'part', 'conditions', 'archivedAt'),
    columns: (table) => ({
      name: table.name,
      motor: table.motor,
      tons: table.tons ?? null,
      statics_in_wc: json(table.staticsInWc),
      taps: json(table.taps),
      by_rpm: json(table.byRpm),
      part: table.part ?? null,
      conditions: json(table.conditions),
      archived_at: table.archivedAt ?? null,
    }),
  },
  visit: {
    table: 'visits',
    select: `id, title, unit_id AS "unitId", ${UNIT_FACTS}, mode, table_used AS "table", ${moment('started_at')} AS "startedAt"`,
    recordOf: (row) => without(row, 'plate'),
    columns: (visit) => ({
      title: visit.title,
      unit_id: visit.unitId ?? null,
      ...unitFactColumns(visit),
      mode: visit.mode,
      table_used: json(visit.table),
      started_at: visit.startedAt,
    }),
    madeColumn: 'made_revision',
    changedColumn: 'head_revision',
  },
  shop: {
    table: 'shop_figures',
    select: `id, currency, tariff_per_kwh AS "tariffPerKwh", hours_a_year AS "hoursAYear", labor_an_hour AS "laborAnHour", rules, odds, card, moves, sheaves, belts, parts`,
    recordOf: (row) => without(row, 'laborAnHour', 'rules', 'odds', 'card', 'parts'),
    columns: (shop) => ({
      currency: shop.currency,
      tariff_per_kwh: shop.tariffPerKwh ?? null,
      hours_a_year: shop.hoursAYear ?? null,
      labor_an_hour: shop.laborAnHour ?? null,
      rules: json(shop.rules),
      odds: json(shop.odds),
      card: json(shop.card),
      moves: json(shop.moves),
      sheaves: json(shop.sheaves),
      belts: json(shop.belts),
      parts: json(shop.parts),
    }),
    unmade: plainShop,
  },
  stop: {
    table: 'stops',
    select: `id, to_char(day, 'YYYY-MM-DD') AS day, place, person, site_id AS "siteId", unit_id AS "unitId", why,
      ${moment('done_at')} AS "doneAt", ${ARCHIVED}`,
    recordOf: (row) => without(row, 'person', 'unitId', 'doneAt', 'archivedAt'),
    columns: (stop) => ({
      day: stop.day,
      place: stop.place,
      person: stop.person ?? null,
      site_id: stop.siteId,
      unit_id: stop.unitId ?? null,
      why: stop.why,
      done_at: stop.doneAt ?? null,
      archived_at: stop.archivedAt ?? null,
    }),
  },
};
