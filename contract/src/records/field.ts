import type { FieldSet } from '@huff/core';

/** An entry of a field that is an object. */
type Entry = Pick<Field, 'label' | 'sheet' | 'isSearched'>;

/** One field of a record, in one place: all that is known of it beside its check, which is the class's. */
export interface Field {
  /** What it is called on a screen, with its unit. */
  readonly label: string;
  /** How the database keeps it, where it is not a plain value. */
  readonly as?: 'json' | 'moment' | 'day';
  /** Its column, where that is not its name in snake case. */
  readonly column?: string;
  /** Where it is not known a record says null; others leave the field out. */
  readonly isAlwaysTold?: true;
  /** An object whose entries are changed one by one: "setup.altitudeFt". */
  readonly entries?: Readonly<Record<string, Entry>>;
  /** A list whose items are changed one by one, by the item's key: "belts.A48". */
  readonly items?: { readonly key: string; readonly label: string; readonly isNamedByKey?: true };
  /** Its column in the sheet of its records: head, and what is in a cell. */
  readonly sheet?: readonly [head: string, cell: 'text' | 'number'];
  /** A visit that says it offers it to its unit, by this name. */
  readonly kept?: string;
  /** A line that is typed with the record’s name, and shown on its page. */
  readonly isTyped?: true;
  /** It is searched, on the phone and at the server. */
  readonly isSearched?: true;
}

/** Every field of a record but its id. One that is missing does not compile. */
export type FieldsOf<R> = { readonly [F in Exclude<keyof R, 'id'>]-?: Field };

/** A kind of record: what it is called, where the database keeps it, its fields. */
export interface RecordDescription<R> {
  readonly name: string;
  readonly table: string;
  readonly fields: FieldsOf<R>;
}

/** The entries of a field that one of core's forms fills in. @param more what a sheet has of them, and what is searched */
export const formEntries = (
  form: FieldSet,
  more: Readonly<Record<string, Omit<Entry, 'label'>>> = {},
): Readonly<Record<string, Entry>> =>
  Object.fromEntries(Object.entries(form.fields).map(([id, { label }]) => [id, { label, ...more[id] }]));

export const ARCHIVED: Field = { label: 'Archived', as: 'moment' };
