import type { ErasedRecord } from '@huff/contract/spine';
import type { OutboxRow, Store, StoreBatch, ToldPart, ToldRecord, ToldVisit } from './store';

interface OverflowOptions {
  /** Told when the disk would not take something. It stays in memory: on the screen, and sent like all else. */
  readonly onFault: (error: unknown) => void;
  /** Told when the disk has taken all of it after all. */
  readonly onKept: () => void;
}

/** A store whose disk may be full. */
export interface OverflowStore extends Store {
  /** Tries again to keep what the disk would not take. */
  keepAgain(): Promise<void>;
}

type NewRow = NonNullable<StoreBatch['add']>[number];

/** What the disk would not take, as it all came to in the end. */
function overflow() {
  const records = new Map<string, ToldRecord | ToldVisit>();
  const parts = new Map<string, ToldPart>();
  const added = new Map<string, NewRow>();
  const changed = new Map<string, { readonly row: OutboxRow; readonly isReleased: boolean }>();
  const gone = new Set<string>();
  const meta = new Map<string, unknown>();
  const forgotten = new Map<string, ErasedRecord>();
  const all = [records, parts, added, changed, gone, meta, forgotten];

  function change(row: OutboxRow, isReleased: boolean): void {
    if (added.has(row.id)) added.set(row.id, row);
    else if (isReleased || !gone.has(row.id))
      changed.set(row.id, { row, isReleased: isReleased || changed.get(row.id)?.isReleased === true });
  }
  return {
    records,
    parts,
    meta,
    isForgotten: (of: string, id: string) => forgotten.has(`${of}/${id}`),
    isEmpty: () => all.every(({ size }) => size === 0),
    clear: () => all.forEach((part) => part.clear()),
    take(batch: StoreBatch): void {
      for (const row of batch.records ?? []) records.set(`${row.kind}/${row.id}`, row);
      for (const part of batch.parts ?? []) parts.set(`${part.of}/${part.id}`, part);
      for (const id of batch.remove ?? []) {
        gone.add(id);
        added.delete(id);
        changed.delete(id);
      }
      for (const row of batch.add ?? []) if (!added.has(row.id)) added.set(row.id, row);
      for (const row of batch.update ?? []) change(row, false);
      for (const row of batch.release ?? []) change(row, true);
      for (const [key, value] of Object.entries(batch.meta ?? {})) meta.set(key, value);
      for (const one of batch.forget ?? []) {
        forgotten.set(`${one.of}/${one.id}`, one);
        records.delete(`${one.of}/${one.id}`);
        for (const [key, part] of parts) if (part.visitId === one.id) parts.delete(key);
      }
    },
    batch(): StoreBatch {
      const rows = (isReleased: boolean) =>
        [...changed.values()].flatMap((one) => (one.isReleased === isReleased ? [one.row] : []));
      return {
        records: [...records.values()],
        parts: [...parts.values()],
        add: [...added.values()],
        update: rows(false),
        release: rows(true),
        remove: [...gone],
        meta: Object.fromEntries(meta),
        forget: [...forgotten.values()],
      };
    },
    /** The outbox with it laid over what the disk has. */
    over(stored: readonly OutboxRow[]): OutboxRow[] {
      const last = stored.at(-1)?.order ?? 0;
      const left = stored.filter(({ id }) => !gone.has(id)).map((row) => changed.get(row.id)?.row ?? row);
      const known = new Set(left.map(({ id }) => id));
      const fresh = [...added.values()].filter(({ id }) => !known.has(id));
      return [...left, ...fresh.map((row, i): OutboxRow => ({ ...row, order: last + 1 + i }))];
    },
  };
}

/**
 * A store that works on when its disk is full: what does not fit stays in memory for as long as the page is open, is read and sent like all
 * else, and goes to the disk with the next write it takes.
 */
export function withOverflow(disk: Store, { onFault, onKept }: OverflowOptions): OverflowStore {
  const late = overflow();
  /** Writes go one after the other while something is in memory. */
  let turn: Promise<void> = Promise.resolve();

  async function keep(batch: StoreBatch): Promise<void> {
    if (late.isEmpty() && Object.keys(batch).length === 0) return;
    late.take(batch);
    try {
      await disk.write(late.batch());
      late.clear();
      onKept();
    } catch (error) {
      onFault(error);
    }
  }
  const inTurn = (batch: StoreBatch) => (turn = turn.then(() => keep(batch)));
  return {
    lasting: disk.lasting,
    async all(kind) {
      const stored = await disk.all(kind);
      const own = [...late.records.values()].filter((row) => row.kind === kind);
      const ids = new Set(own.map(({ id }) => id));
      return [...stored.filter(({ id }) => !ids.has(id) && !late.isForgotten(kind, id)), ...own] as typeof stored;
    },
    async one(kind, id) {
      if (late.isForgotten(kind, id)) return undefined;
      return (late.records.get(`${kind}/${id}`) as never) ?? (await disk.one(kind, id));
    },
    async parts(visitId) {
      if (late.isForgotten('visit', visitId)) return [];
      const own = [...late.parts.values()].filter((part) => part.visitId === visitId);
      const ids = new Set(own.map(({ id }) => id));
      return [...(await disk.parts(visitId)).filter(({ id }) => !ids.has(id)), ...own];
    },
    outbox: async () => late.over(await disk.outbox()),
    async meta<T>(key: string) {
      return late.meta.has(key) ? (late.meta.get(key) as T) : disk.meta<T>(key);
    },
    write(batch) {
      if (!late.isEmpty()) return inTurn(batch);
      // At once, in the same task: a page that is left now takes nothing back.
      return disk.write(batch).catch((error: unknown) => {
        late.take(batch);
        onFault(error);
      });
    },
    keepAgain: () => (late.isEmpty() ? Promise.resolve() : inTurn({})),
  };
}
