import type { FactDto } from '../fact';
import type { PhotoDto } from '../photo';
import { subjectOf } from '../photoSubject';
import type { ReadingDto } from '../reading';
import type { Fields } from './recordFields';
import type { RecordKind } from '../records';

interface Made {
  /** Made on the phone: sent twice it is done once. */
  readonly id: string;
  /** By that phone's clock; decides nothing. */
  readonly madeAt: string;
}

/** A new record, whole. */
export interface CreateOperation extends Made {
  readonly kind: 'create';
  readonly of: RecordKind;
  readonly recordId: string;
  readonly record: object;
}

/** Named fields of a record. */
export interface PatchOperation extends Made {
  readonly kind: 'patch';
  readonly of: RecordKind;
  readonly recordId: string;
  /** The server's revision of the record that the phone knew; 0 when it knew none. */
  readonly base: number;
  readonly fields: Fields;
}

/** Something added to a visit, or a photo of a unit or a blower table; never changed after. */
export type AddOperation = Made & {
  readonly kind: 'add';
  /** The visit; of a photo what it belongs to. */
  readonly recordId: string;
} & (
    | { readonly of: 'reading'; readonly record: ReadingDto }
    | { readonly of: 'fact'; readonly record: FactDto }
    | { readonly of: 'photo'; readonly record: PhotoDto }
  );

/** A change made on a phone, as it is kept, sent and done. */
export type Operation = CreateOperation | PatchOperation | AddOperation;

/** The kind of the record that an operation is of, or that something is added to. */
export function kindOfRecord(operation: Operation): RecordKind {
  if (operation.kind !== 'add') return operation.of;
  return operation.of === 'photo' ? (subjectOf(operation.record)?.kind ?? 'visit') : 'visit';
}

/** Operations with the same key are sent in the order they were made; others never wait for them. */
export function orderKey(operation: Operation): string {
  // A picture takes long to send: the readings of its visit do not wait for it.
  if (operation.kind === 'add' && operation.of === 'photo') return `photo/${operation.record.id}`;
  return operation.kind === 'add' ? `visit/${operation.recordId}` : `${operation.of}/${operation.recordId}`;
}
