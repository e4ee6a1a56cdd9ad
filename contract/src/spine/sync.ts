import type { FactDto } from '../fact';
import type { PhotoDto } from '../photo';
import type { Problem } from '../problem';
import type { ReadingDto } from '../reading';
import type { VisitHeadDto } from '../visit';
import type { Operation } from './operation';
import type { RecordKind, RecordOf } from '../records';
import type { VisitSummary } from './visitSummary';

/** What goes through one request at most. */
export const SYNC_LIMITS = { operations: 200, bytes: 900_000, changes: 300 } as const;

export interface SyncRequest {
  /** The phone, made by itself once. */
  readonly device: string;
  /** Its clock while it sends, so that the server knows how far it is off. */
  readonly phoneTime: string;
  /** As the last answer gave it; null on a phone that knows nothing yet. */
  readonly cursor: string | null;
  readonly operations: readonly Operation[];
  /** Who the phone believes is signed in: what it sends was done by this person. */
  readonly person?: string;
  /** False: only what became of the operations, with records that others changed as well; the cursor stays. */
  readonly pull?: boolean;
}

/** Title of the problem that tells a phone to begin anew: its cursor is not of this shop, or of a state this server never had. */
export const UNKNOWN_CURSOR = 'Unknown cursor';

/** Title of the problem that tells a phone that somebody else is signed in than it believes: nothing goes under another person's name. */
export const OTHER_PERSON = 'Other person';

/** Title of the problem that tells a phone that the data was put back to an earlier state: what it was told may be gone. */
export const RESTORED_DATA = 'Data restored';

/** One field that two changed: both values stand, a person chooses. */
export interface FieldConflict {
  readonly field: string;
  readonly yours: unknown;
  readonly theirs: unknown;
  readonly by: string;
  /** By the server's clock. */
  readonly at: string;
}

/** A record of the same name that another made: the same thing, or another? */
export interface SameName {
  readonly recordId: string;
  readonly name: string;
}

export type OperationResult = { readonly id: string } & (
  | { readonly status: 'done'; readonly revision: number }
  /** Done; others had changed other fields meanwhile. */
  | { readonly status: 'merged'; readonly revision: number }
  /** What could be done is done; of these fields the first stands. */
  | {
      readonly status: 'conflict';
      readonly revision: number;
      readonly fields: readonly FieldConflict[];
      readonly sameName?: SameName;
    }
  /** Not done, and sending it again will not help. */
  | { readonly status: 'refused'; readonly problem: Problem }
  /** Not done; it may be tried again. */
  | { readonly status: 'failed'; readonly problem: Problem }
);

/** A visit as it changed: its own fields, if they changed, and what was added to it since the cursor. */
export interface VisitUpdate {
  readonly head?: VisitHeadDto;
  readonly readings: readonly ReadingDto[];
  readonly facts: readonly FactDto[];
  readonly photos: readonly PhotoDto[];
  /** How many it has in all, so that a phone knows whether it has them. */
  readonly readingCount: number;
  readonly factCount: number;
  readonly summary?: VisitSummary;
}

/** A record that changed since the cursor. */
export type Change =
  | { readonly of: 'visit'; readonly id: string; readonly revision: number; readonly visit: VisitUpdate }
  | {
      [K in Exclude<RecordKind, 'visit'>]: {
        readonly of: K;
        readonly id: string;
        readonly revision: number;
        readonly record: RecordOf[K];
      };
    }[Exclude<RecordKind, 'visit'>];

/** A record that was erased on request: a phone that has it deletes it, with all its parts. */
export interface ErasedRecord {
  readonly of: RecordKind;
  readonly id: string;
}

export interface SyncAnswer {
  readonly serverTime: string;
  readonly results: readonly OperationResult[];
  readonly changes: readonly Change[];
  /** What was erased since the cursor; absent where nothing was. */
  readonly erased?: readonly ErasedRecord[];
  /** Null only to one who asked for no changes and knew nothing. */
  readonly cursor: string | null;
  /** There is more than fits: ask again with this cursor. */
  readonly more: boolean;
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether something that came back is an answer of Huff at all: a network's sign-in page also answers 200. */
export const isSyncAnswer = (body: unknown): body is SyncAnswer =>
  isObject(body) &&
  typeof body.serverTime === 'string' &&
  (typeof body.cursor === 'string' || body.cursor === null) &&
  Array.isArray(body.results) &&
  Array.isArray(body.changes) &&
  [...(body.results as unknown[]), ...(body.changes as unknown[])].every(isObject);
