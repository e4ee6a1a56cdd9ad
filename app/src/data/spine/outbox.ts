import {
  CLOCK_WORTH_TELLING_MS,
  headOf,
  isNoChange,
  kindOfRecord,
  visitChange,
  type Fields,
  type Operation,
  type RecordKind,
} from '@huff/contract/spine';
import type { VisitDto } from '@huff/contract';
import { outboxRows, type NewRow, type RowsOptions } from './outboxRows';
import { setApart } from './setApart';
import type { By, OutboxRow, StoreBatch } from './store';

export interface OutboxOptions extends RowsOptions {
  readonly newId: () => string;
  /** This phone's clock. */
  readonly clock: () => Date;
  /** How far it is from the server’s, as far as this phone knows, ms to add. */
  readonly clockOffsetMs: () => number;
  /** Who works on this phone now, as far as it knows. */
  readonly by?: () => By | undefined;
}

const isBegun = (rows: readonly OutboxRow[]) => rows.some(({ operation }) => operation.kind === 'add');

/** Whether an operation is of a record, or of something added to it. */
export const isOf = (kind: RecordKind, recordId: string, operation: Operation): boolean =>
  operation.recordId === recordId && kindOfRecord(operation) === kind;

/** Operations on their way, of one record. */
export const rowsOf = (rows: readonly OutboxRow[], kind: RecordKind, recordId: string): OutboxRow[] =>
  rows.filter(({ operation }) => isOf(kind, recordId, operation));

/** The check that is open on this phone and not saved: the last one begun. */
export const heldVisit = (rows: readonly OutboxRow[]): string | undefined =>
  rows.findLast(({ state, operation }) => state === 'held' && operation.kind === 'create')?.operation.recordId;

/** What was done on this phone and is not done at the server: how things are made, changed and added, and what is done with what was set apart. */
export function outboxOn({ newId, clock, clockOffsetMs, by = () => undefined, ...options }: OutboxOptions) {
  const outbox = outboxRows(options);
  const { rows, change } = outbox;

  /** What every operation has. */
  const stamp = () => ({ id: newId(), madeAt: clock().toISOString() });

  const newRow = (operation: Operation, state: OutboxRow['state'] = 'waiting'): NewRow => {
    const person = by();
    return { id: operation.id, operation, state, ...(person ? { by: person } : {}) };
  };

  /** What is done at a check that is not saved yet is held back with it. */
  const stateOf = (visitId: string): OutboxRow['state'] =>
    rows().some(({ state, operation }) => state === 'held' && operation.recordId === visitId) ? 'held' : 'waiting';

  /** Marks what was taken by a clock that is off: until the server says so itself, it stands in its right place here. */
  function marked<T extends object>(record: T): T {
    const offsetMs = clockOffsetMs();
    return Math.abs(offsetMs) > CLOCK_WORTH_TELLING_MS ? { ...record, clockOffsetMs: offsetMs } : record;
  }

  /** Operations that lead from one version of a visit to another. */
  function visitOperations(recordId: string, base: number, from: VisitDto, to: VisitDto): Operation[] {
    const { fields, readings, facts } = visitChange(from, to);
    const patch: Operation[] =
      Object.keys(fields).length > 0 ? [{ ...stamp(), kind: 'patch', of: 'visit', recordId, base, fields }] : [];
    return [
      ...patch,
      ...readings.map((record): Operation => ({
        ...stamp(),
        kind: 'add',
        of: 'reading',
        recordId,
        record: marked(record),
      })),
      ...facts.map((record): Operation => ({ ...stamp(), kind: 'add', of: 'fact', recordId, record: marked(record) })),
    ];
  }

  /** Checks left open before this one: what was read at them is saved as it stands; one with nothing read goes. */
  function leftOpen(visitId: string): Pick<StoreBatch, 'release' | 'remove'> {
    const held = rows().filter(({ state, operation }) => state === 'held' && operation.recordId !== visitId);
    const visits = [...new Set(held.map(({ operation }) => operation.recordId))];
    const begun = new Set(visits.filter((id) => isBegun(held.filter(({ operation }) => operation.recordId === id))));
    const goes = held.filter(({ operation }) => !begun.has(operation.recordId));
    return {
      release: held
        .filter(({ operation }) => begun.has(operation.recordId))
        .map((row): OutboxRow => ({ ...row, state: 'waiting' })),
      remove: goes.map(({ id }) => id),
    };
  }

  return {
    ...outbox,
    ...setApart({ store: options.store, outbox, newId, stamp, newRow }),

    create: (of: RecordKind, record: { readonly id: string }) =>
      change({ add: [newRow({ ...stamp(), kind: 'create', of, recordId: record.id, record })] }),

    /** @param base the server's revision that was on the screen; 0 for none */
    patch: (of: RecordKind, recordId: string, fields: Fields, base: number) =>
      Object.keys(fields).length > 0
        ? change({ add: [newRow({ ...stamp(), kind: 'patch', of, recordId, base, fields })] })
        : Promise.resolve(),

    /** Something made elsewhere: a photo. At an open check it is held with the rest of it. */
    add: (operation: Operation) => change({ add: [newRow(operation, stateOf(operation.recordId))] }),

    /** A change of a visit, made to the version that was on the screen. */
    changeVisit(base: number, from: VisitDto, to: VisitDto): Promise<void> {
      const operations = visitOperations(to.id, base, from, to);
      return operations.length > 0
        ? change({ add: operations.map((one) => newRow(one, stateOf(to.id))) })
        : Promise.resolve();
    },

    /** Opens a check that is not saved yet, with what was done to it since it was empty. */
    open(fresh: VisitDto, now: VisitDto = fresh): Promise<void> {
      const making: Operation = { ...stamp(), kind: 'create', of: 'visit', recordId: fresh.id, record: headOf(fresh) };
      const since = isNoChange(visitChange(fresh, now)) ? [] : visitOperations(fresh.id, 0, fresh, now);
      const held = [making, ...since].map((operation) => newRow(operation, 'held'));
      // What is read at it may stand in the first version already.
      const read = visitOperations(fresh.id, 0, { ...fresh, readings: [], facts: [] }, fresh);
      return change({ ...leftOpen(fresh.id), add: [...held, ...read.map((operation) => newRow(operation, 'held'))] });
    },

    /** Makes a visit with what was read at it, to be sent: one step on disk, beside whatever check is open. */
    makeVisit(visit: VisitDto): Promise<void> {
      const making: Operation = { ...stamp(), kind: 'create', of: 'visit', recordId: visit.id, record: headOf(visit) };
      const read = visitOperations(visit.id, 0, { ...visit, readings: [], facts: [] }, visit);
      return change({ add: [making, ...read].map((operation) => newRow(operation)) });
    },

    /** Saves the open check: from now on it may be sent. One step on disk: it is open or it is saved, never neither. */
    save: (visitId: string): Promise<void> =>
      change({
        release: rows()
          .filter(({ state, operation }) => state === 'held' && operation.recordId === visitId)
          .map((row): OutboxRow => ({ ...row, state: 'waiting' })),
      }),
  };
}

export type Outbox = ReturnType<typeof outboxOn>;
