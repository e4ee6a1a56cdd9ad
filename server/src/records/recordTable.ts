import { plainShop } from '@huff/contract/fix';
import { fieldsOfKind, RECORD_KINDS, RECORDS, type Field, type RecordKind, type RecordOf } from '@huff/contract/spine';
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

const snakeCase = (name: string) => name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
const columnOf = (name: string, { column }: Field) => column ?? snakeCase(name);

/** What to select of a field. */
function selected(name: string, field: Field): string {
  const column = columnOf(name, field);
  const value =
    field.as === 'moment' ? moment(column) : field.as === 'day' ? `to_char(${column}, 'YYYY-MM-DD')` : column;
  return `${value} AS "${name}"`;
}

/** A value for its column: JSON for what is no plain one, null for nothing. */
const kept = (value: unknown, { as }: Field) =>
  value === null || value === undefined ? null : as === 'json' ? JSON.stringify(value) : value;

/** What a table has beside the fields of its records. */
const BESIDE: { readonly [K in RecordKind]?: Pick<RecordTable<K>, 'madeColumn' | 'changedColumn' | 'unmade'> } = {
  visit: { madeColumn: 'made_revision', changedColumn: 'head_revision' },
  shop: { unmade: plainShop },
};

/** The table of a kind, from its description in the contract. */
function tableOf<K extends RecordKind>(kind: K): RecordTable<K> {
  const fields = fieldsOfKind(kind);
  const leftOut = new Set(fields.flatMap(([name, { isAlwaysTold }]) => (isAlwaysTold ? [] : [name])));
  return {
    table: RECORDS[kind].table,
    select: ['id', ...fields.map(([name, field]) => selected(name, field))].join(', '),
    recordOf: (row) =>
      Object.fromEntries(
        Object.entries(row).filter(([name, value]) => value !== null || !leftOut.has(name)),
      ) as unknown as RecordOf[K],
    columns: (record) =>
      Object.fromEntries(
        fields.map(([name, field]) => [
          columnOf(name, field),
          kept((record as unknown as Readonly<Record<string, unknown>>)[name], field),
        ]),
      ),
    ...BESIDE[kind],
  };
}

export const RECORD_TABLES = Object.fromEntries(RECORD_KINDS.map((kind) => [kind, tableOf(kind)])) as unknown as {
  readonly [K in RecordKind]: RecordTable<K>;
};
