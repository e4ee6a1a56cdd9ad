import {
  CLOCK_WORTH_TELLING_MS,
  headOf,
  isNoChange,
  orderKey,
  visitChange,
  type Fields,
  type Operation,
  type RecordKind,
} from '@huff/contract/spine';
import type { VisitDto } from '@huff/contract';
import type { OutboxRow, Store, StoreBatch } from './store';

/** Without the order, which the store gives. */
type NewRow = Omit<OutboxRow, 'order'>;

/** What other tabs of this phone are told. */
export interface TabChannel {
  readonly tell: () => void;
}

export interface OutboxOptions {
  readonly store: Store;
  readonly newId: () => string;
  /** This phone's clock. */
  readonly clock: () => Date;
  /** How far it is from the server’s, as far as this phone knows, ms to add. */
  readonly clockOffsetMs: () => number;
  /** Told after something was added that may be sent. */
  readonly onWaiting: () => void;
  /** Told when it could not be kept; what was done stays on the screen. */
  readonly onFault: (error: unknown) => void;
  /** Told when what could not be kept is kept after all. */
  readonly onKept: () => void;
  readonly tabs: TabChannel;
}

const withoutOrder = ({ id, operation, state, problem, conflict }: NewRow): NewRow => ({
  id,
  operation,
  state,
  ...(problem ? { problem } : {}),
  ...(conflict ? { conflict } : {}),
});

const isBegun = (rows: readonly OutboxRow[]) => rows.some(({ operation }) => operation.kind === 'add');

/** Whether an operation is of a record, or of something added to it. */
export const isOf = (kind: RecordKind, recordId: string, { kind: does, of, recordId: id }: Operation): boolean =>
  id === recordId && (does === 'add' ? kind === 'visit' : of === kind);

/** Operations on their way, of one record. */
export const rowsOf = (rows: readonly OutboxRow[], kind: RecordKind, recordId: string): OutboxRow[] =>
  rows.filter(({ operation }) => isOf(kind, recordId, operation));

/** The check that is open on this phone and not saved: the last one begun. */
export const heldVisit = (rows: readonly OutboxRow[]): string | undefined =>
  rows.findLast(({ state, operation }) => state === 'held' && operation.kind === 'create')?.operation.recordId;

/**
 * What was done on this phone and is not done at the server. In memory at once, so that the screen follows; on disk a moment later, one
 * row an operation, never written anew as a whole.
 */
export function outboxOn({ store, newId, clock, clockOffsetMs, onWaiting, onFault, onKept, tabs }: OutboxOptions) {
  /** As the store gave it. */
  let stored: readonly OutboxRow[] = [];
  /** Done here and not on disk yet. */
  let unwritten: readonly OutboxRow[] = [];
  /** Of those, what the disk would not take: it is tried again with whatever comes next. */
  let unkept: ReadonlySet<string> = new Set();
  let rows: readonly OutboxRow[] = [];
  let loaded = false;
  const listeners = new Set<() => void>();

  function tell(): void {
    const ids = new Set(stored.map(({ id }) => id));
    rows = [...stored, ...unwritten.filter(({ id }) => !ids.has(id))];
    for (const listener of listeners) listener();
  }

  /** Takes the outbox as the store has it: after the server answered, or another tab wrote. */
  async function reload(): Promise<void> {
    stored = await store.outbox();
    loaded = true;
    tell();
  }

  /** What every operation has. */
  const stamp = () => ({ id: newId(), madeAt: clock().toISOString() });

  /** Changes the outbox in memory, then on disk. */
  async function change(batch: StoreBatch): Promise<void> {
    const add = batch.add ?? [];
    const from = rows.at(-1)?.order ?? 0;
    const added = add.map((row, i): OutboxRow => ({ ...row, order: from + 1 + i }));
    const gone = new Set(batch.remove ?? []);
    const now = new Map((batch.update ?? []).map((row) => [row.id, row]));
    const after = (list: readonly OutboxRow[]) =>
      list.filter(({ id }) => !gone.has(id)).map((row) => now.get(row.id) ?? row);
    stored = after(stored);
    unwritten = [...after(unwritten), ...added];
    tell();
    const late = unwritten.filter(({ id }) => unkept.has(id));
    try {
      await store.write({ ...batch, add: [...late, ...add].map(withoutOrder) });
    } catch (error) {
      unkept = new Set([...unkept, ...added.map(({ id }) => id)]);
      onFault(error);
      return;
    }
    const written = new Set([...late, ...added].map(({ id }) => id));
    if (late.length > 0) {
      unkept = new Set([...unkept].filter((id) => !written.has(id)));
      if (unkept.size === 0) onKept();
    }
    stored = await store.outbox();
    unwritten = unwritten.filter(({ id }) => !written.has(id));
    tell();
    tabs.tell();
    if (rows.some(({ state }) => state === 'waiting')) onWaiting();
  }

  const newRow = (operation: Operation, state: OutboxRow['state'] = 'waiting'): NewRow => ({
    id: operation.id,
    operation,
    state,
  });

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
      ...readings.map(
        (record): Operation => ({ ...stamp(), kind: 'add', of: 'reading', recordId, record: marked(record) }),
      ),
      ...facts.map((record): Operation => ({ ...stamp(), kind: 'add', of: 'fact', recordId, record: marked(record) })),
    ];
  }

  /** Checks left open before this one: what was read at them is saved as it stands; one with nothing read goes. */
  function leftOpen(visitId: string): Pick<StoreBatch, 'update' | 'remove'> {
    const held = rows.filter(({ state, operation }) => state === 'held' && operation.recordId !== visitId);
    const visits = [...new Set(held.map(({ operation }) => operation.recordId))];
    const begun = new Set(visits.filter((id) => isBegun(held.filter(({ operation }) => operation.recordId === id))));
    const goes = held.filter(({ operation }) => !begun.has(operation.recordId));
    return {
      update: held
        .filter(({ operation }) => begun.has(operation.recordId))
        .map((row): OutboxRow => ({ ...row, state: 'waiting' })),
      remove: goes.map(({ id }) => id),
    };
  }

  return {
    subscribe(listener: () => void): () => void {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    rows: () => rows,
    /** Whether the phone's own store was read yet. */
    isLoaded: () => loaded,
    reload,
    /** Tries again to keep what the disk would not take. */
    keepAgain: (): Promise<void> => (unkept.size > 0 ? change({}) : Promise.resolve()),

    create: (of: RecordKind, record: { readonly id: string }) =>
      change({ add: [newRow({ ...stamp(), kind: 'create', of, recordId: record.id, record })] }),

    /** @param base the server's revision that was on the screen; 0 for none */
    patch: (of: RecordKind, recordId: string, fields: Fields, base: number) =>
      Object.keys(fields).length > 0
        ? change({ add: [newRow({ ...stamp(), kind: 'patch', of, recordId, base, fields })] })
        : Promise.resolve(),

    add: (operation: Operation) => change({ add: [newRow(operation)] }),

    /** A change of a visit, made to the version that was on the screen. */
    changeVisit(base: number, from: VisitDto, to: VisitDto): Promise<void> {
      const state = rows.some((row) => row.state === 'held' && row.operation.recordId === to.id) ? 'held' : 'waiting';
      const operations = visitOperations(to.id, base, from, to);
      return operations.length > 0 ? change({ add: operations.map((one) => newRow(one, state)) }) : Promise.resolve();
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

    /** Saves the open check: from now on it may be sent. One step on disk: it is open or it is saved, never neither. */
    save: (visitId: string) =>
      change({
        update: rows
          .filter(({ state, operation }) => state === 'held' && operation.recordId === visitId)
          .map((row): OutboxRow => ({ ...row, state: 'waiting' })),
      }),

    /** Takes an operation off: it will not be done. */
    drop: (row: OutboxRow) => change({ remove: [row.id] }),

    /** Sends what was refused again, mended or as it is, in its old place; what waited for it at the server goes as well. */
    sendAgain(row: OutboxRow, mended: Operation = row.operation): Promise<void> {
      const key = orderKey(row.operation);
      const again = rows.filter(
        (other) => other.state === 'refused' && other.id !== row.id && orderKey(other.operation) === key,
      );
      const waits = ({ problem: _, ...other }: OutboxRow): OutboxRow => ({ ...other, state: 'waiting' });
      const behind = again.filter(({ problem }) => problem?.status === 404).map(waits);
      if (mended === row.operation) return change({ update: [waits(row), ...behind] });
      const fresh = { ...mended, id: newId() };
      // A new one, since the old id may stand for what was refused; those behind it are put behind again.
      const later = rows.filter((other) => other.order > row.order && orderKey(other.operation) === key);
      const moved = later.map((other) => behind.find(({ id }) => id === other.id) ?? other);
      return change({
        remove: [row.id, ...later.map(({ id }) => id)],
        add: [newRow(fresh), ...moved.map(({ order: _, ...other }) => ({ ...other, id: other.id }))],
      });
    },

    /** The site that was made here is the one another made: units that were put on it go there. */
    async sameSite(row: OutboxRow): Promise<void> {
      const { conflict, operation } = row;
      if (!conflict?.sameName) return;
      const { recordId } = operation;
      const siteId = conflict.sameName.recordId;
      const here = (await store.all('unit')).filter(({ record }) => record.siteId === recordId);
      const made = rows.filter(
        (other) =>
          other.operation.kind === 'create' &&
          other.operation.of === 'unit' &&
          (other.operation.record as { siteId?: string }).siteId === recordId,
      );
      const units = new Map<string, number>([
        ...made.map((other) => [other.operation.recordId, 0] as const),
        ...here.map(({ id, revision }) => [id, revision] as const),
      ]);
      const moves = [...units].map(([id, base]) =>
        newRow({ ...stamp(), kind: 'patch', of: 'unit', recordId: id, base, fields: { siteId } }),
      );
      return change({ add: moves, remove: conflict.fields.length === 0 ? [row.id] : [] });
    },

    /** Settles one field that two changed: mine is set on top of theirs, or theirs stands. */
    settle(row: OutboxRow, field: string, choice: 'mine' | 'theirs'): Promise<void> {
      const { conflict, operation } = row;
      if (!conflict || operation.kind === 'add') return Promise.resolve();
      const of = conflict.fields.find((one) => one.field === field);
      const left = conflict.fields.filter((one) => one.field !== field);
      const target = conflict.sameName?.recordId ?? operation.recordId;
      const mine: Operation | undefined =
        choice === 'mine' && of
          ? {
              ...stamp(),
              kind: 'patch',
              of: operation.of,
              recordId: target,
              base: conflict.revision,
              fields: { [field]: of.yours },
            }
          : undefined;
      return change({
        ...(left.length > 0
          ? { update: [{ ...row, conflict: { ...conflict, fields: left } }] }
          : { remove: [row.id] }),
        add: mine ? [newRow(mine)] : [],
      });
    },
  };
}

export type Outbox = ReturnType<typeof outboxOn>;
