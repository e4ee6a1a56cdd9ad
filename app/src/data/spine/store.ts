import type { FactDto, PhotoDto, Problem, ReadingDto } from '@huff/contract';
import type {
  ErasedRecord,
  FieldConflict,
  Operation,
  RecordKind,
  RecordOf,
  SameName,
  VisitSummary,
} from '@huff/contract/spine';

/** A record as the server told it. */
export interface ToldRecord<K extends RecordKind = RecordKind> {
  readonly kind: K;
  readonly id: string;
  readonly revision: number;
  readonly record: RecordOf[K];
}

/** A visit's head as the server told it, with what lists say and how much belongs to it. */
export interface ToldVisit extends ToldRecord<'visit'> {
  readonly readingCount: number;
  readonly factCount: number;
  readonly summary?: VisitSummary;
}

/** What was added to a visit, one row each. */
export type ToldPart = { readonly visitId: string; readonly id: string } & (
  | { readonly of: 'reading'; readonly record: ReadingDto }
  | { readonly of: 'fact'; readonly record: FactDto }
  | { readonly of: 'photo'; readonly record: PhotoDto }
);

/**
 * How far an operation has come. `held`: of a check that is not saved yet; `waiting`: to be sent; `refused` and `conflict`: set apart
 * until a person decides; `offered`: the server's data was restored and may lack it, a person says whether it is sent again.
 */
export type OutboxState = 'held' | 'waiting' | 'refused' | 'conflict' | 'offered';

interface Conflict {
  readonly revision: number;
  readonly fields: readonly FieldConflict[];
  readonly sameName?: SameName;
}

/** Who did something on this phone, as far as it knows. */
export interface By {
  readonly id: string;
  readonly name: string;
}

/** An operation that is not done yet. It stays until it is: there is no age at which it goes. */
export interface OutboxRow {
  /** The operation's. */
  readonly id: string;
  /** In which order they were made, over all tabs of this phone. */
  readonly order: number;
  readonly operation: Operation;
  readonly state: OutboxState;
  /** It goes under this person's name, or not at all; nobody was known when it is absent. */
  readonly by?: By;
  readonly problem?: Problem;
  readonly conflict?: Conflict;
}

/** Changes of the store that are made together or not at all. */
export interface StoreBatch {
  readonly records?: readonly (ToldRecord | ToldVisit)[];
  readonly parts?: readonly ToldPart[];
  /** New operations: their order is given here, after all that are in. */
  readonly add?: readonly Omit<OutboxRow, 'order'>[];
  /** Operations that are in, as they now stand. One that is gone meanwhile stays gone. */
  readonly update?: readonly OutboxRow[];
  /** Operations of an open check that may be sent from now on. Written without a look first: this holds even if the page is left at once. */
  readonly release?: readonly OutboxRow[];
  /** Operations that are done with, by id. */
  readonly remove?: readonly string[];
  /** Records to delete, visits with all their parts. Done after the rest of the batch. */
  readonly forget?: readonly ErasedRecord[];
  readonly meta?: Readonly<Record<string, unknown>>;
}

/** What the phone keeps: what the server told, by kind and id, and what it does not have yet, one row an operation. */
export interface Store {
  /** False where the browser keeps nothing: all is gone with the page. */
  readonly lasting: boolean;
  all<K extends RecordKind>(kind: K): Promise<(K extends 'visit' ? ToldVisit : ToldRecord<K>)[]>;
  one<K extends RecordKind>(kind: K, id: string): Promise<(K extends 'visit' ? ToldVisit : ToldRecord<K>) | undefined>;
  parts(visitId: string): Promise<ToldPart[]>;
  /** In the order they were made. */
  outbox(): Promise<OutboxRow[]>;
  meta<T>(key: string): Promise<T | undefined>;
  /** All of it or nothing. Rejects when it cannot be kept (storage full). */
  write(batch: StoreBatch): Promise<void>;
}
