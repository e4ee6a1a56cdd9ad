import type { OutboxRow, Store, ToldPart, ToldRecord, ToldVisit } from './store';

/** A store that lasts as long as the page: where the browser gives none, and in tests. */
export function memoryStore(): Store {
  const records = new Map<string, ToldRecord | ToldVisit>();
  const parts = new Map<string, ToldPart>();
  const outbox = new Map<string, OutboxRow>();
  const meta = new Map<string, unknown>();
  let last = 0;
  return {
    lasting: false,
    all: (kind) => Promise.resolve([...records.values()].filter((row) => row.kind === kind) as never),
    one: (kind, id) => Promise.resolve(records.get(`${kind}/${id}`) as never),
    parts: (visitId) => Promise.resolve([...parts.values()].filter((part) => part.visitId === visitId)),
    outbox: () => Promise.resolve([...outbox.values()].sort((a, b) => a.order - b.order)),
    meta: <T>(key: string) => Promise.resolve(meta.get(key) as T | undefined),
    write(batch) {
      for (const row of batch.records ?? []) records.set(`${row.kind}/${row.id}`, row);
      for (const part of batch.parts ?? []) parts.set(`${part.of}/${part.id}`, part);
      for (const id of batch.remove ?? []) outbox.delete(id);
      for (const row of batch.add ?? []) if (!outbox.has(row.id)) outbox.set(row.id, { ...row, order: (last += 1) });
      for (const row of batch.update ?? []) if (outbox.has(row.id)) outbox.set(row.id, row);
      for (const row of batch.release ?? []) outbox.set(row.id, row);
      for (const [key, value] of Object.entries(batch.meta ?? {})) meta.set(key, value);
      for (const { of, id } of batch.forget ?? []) {
        records.delete(`${of}/${id}`);
        for (const [key, part] of parts) if (part.visitId === id) parts.delete(key);
      }
      return Promise.resolve();
    },
  };
}
