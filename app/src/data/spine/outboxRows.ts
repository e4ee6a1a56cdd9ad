import type { BegunNote } from './begunNote';
import type { OutboxRow, Store, StoreBatch } from './store';

/** Without the order, which the store gives. */
export type NewRow = Omit<OutboxRow, 'order'>;

/** What other tabs of this phone are told. */
interface TabChannel {
  readonly tell: () => void;
}

export interface RowsOptions {
  readonly store: Store;
  /** Told after something was added that may be sent. */
  readonly onWaiting: () => void;
  readonly tabs: TabChannel;
  readonly begunNote: BegunNote;
}

const withoutOrder = ({ id, operation, state, by, problem, conflict }: NewRow): NewRow => ({
  id,
  operation,
  state,
  ...(by ? { by } : {}),
  ...(problem ? { problem } : {}),
  ...(conflict ? { conflict } : {}),
});

/**
 * The rows of the outbox: in memory at once, so that the screen follows; on disk a moment later, one row an operation, never written anew as
 * a whole.
 */
export function outboxRows({ store, onWaiting, tabs, begunNote }: RowsOptions) {
  /** As the store gave it. */
  let stored: readonly OutboxRow[] = [];
  /** Done here and not on disk yet. */
  let unwritten: readonly OutboxRow[] = [];
  let rows: readonly OutboxRow[] = [];
  let loaded = false;
  /** Changes whose step on disk is not done, in their order. */
  let begun: readonly StoreBatch[] = [];
  let isNoted = false;
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

  /** Writes down what is on the screen and not on disk yet: the page may be gone in a moment. */
  function noteBegun(): void {
    if (begun.length === 0 && !isNoted) return;
    begunNote.put(begun);
    isNoted = begun.length > 0;
  }

  async function write(batch: StoreBatch): Promise<void> {
    begun = [...begun, batch];
    try {
      await store.write(batch);
    } finally {
      begun = begun.filter((one) => one !== batch);
      // The page is still here after all: what is on disk is not done again at the next start.
      if (isNoted) noteBegun();
    }
  }

  /** Reads the outbox for the first time; what the pages before this one had begun is finished first. */
  async function start(): Promise<void> {
    for (const batch of begunNote.read()) await store.write(batch);
    begunNote.clear();
    await reload();
  }

  /** Changes the outbox in memory, then on disk. */
  async function change(batch: StoreBatch): Promise<void> {
    const add = batch.add ?? [];
    const from = rows.at(-1)?.order ?? 0;
    const added = add.map((row, i): OutboxRow => ({ ...row, order: from + 1 + i }));
    const gone = new Set(batch.remove ?? []);
    const now = new Map([...(batch.update ?? []), ...(batch.release ?? [])].map((row) => [row.id, row]));
    const after = (list: readonly OutboxRow[]) =>
      list.filter(({ id }) => !gone.has(id)).map((row) => now.get(row.id) ?? row);
    stored = after(stored);
    unwritten = [...after(unwritten), ...added];
    tell();
    await write({ ...batch, add: add.map(withoutOrder) });
    const written = new Set(added.map(({ id }) => id));
    stored = await store.outbox();
    unwritten = unwritten.filter(({ id }) => !written.has(id));
    tell();
    tabs.tell();
    if (rows.some(({ state }) => state === 'waiting')) onWaiting();
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
    start,
    noteBegun,
    change,
  };
}

export type OutboxRows = ReturnType<typeof outboxRows>;
