import { orderKey, SYNC_LIMITS, type Operation } from '@huff/contract/spine';
import type { OutboxRow } from './store';

/** How often a record could not be sent, and when it is tried again. */
export interface Trouble {
  readonly times: number;
  /** ms of this phone's clock; 0 for at once. */
  readonly notBefore: number;
}

/** What is sent next. */
export interface NextBatch {
  readonly operations: readonly Operation[];
  /** When something that waits for its time may go; undefined when nothing waits so. */
  readonly nextAt?: number;
}

const waitingByKey = (rows: readonly OutboxRow[]) => {
  const byKey = new Map<string, Operation[]>();
  for (const { state, operation } of rows) {
    if (state !== 'waiting') continue;
    const key = orderKey(operation);
    byKey.set(key, [...(byKey.get(key) ?? []), operation]);
  }
  return byKey;
};

/** As many of them, in their order, as go into one request. The first always goes: were it too large, the server says so. */
function fitting(operations: readonly Operation[], most: number = SYNC_LIMITS.operations): Operation[] {
  let bytes = 0;
  const taken: Operation[] = [];
  for (const operation of operations.slice(0, most)) {
    bytes += JSON.stringify(operation).length;
    if (taken.length > 0 && bytes > SYNC_LIMITS.bytes) break;
    taken.push(operation);
  }
  return taken;
}

/**
 * Chooses what to send: everything that never failed together; then, one record at a time, what did, the least troubled first. So one
 * record that cannot be sent never holds up another, while each keeps its own order.
 */
export function nextBatch(rows: readonly OutboxRow[], troubles: ReadonlyMap<string, Trouble>, now: number): NextBatch {
  const byKey = [...waitingByKey(rows)];
  const sound = new Set(byKey.filter(([key]) => !troubles.has(key)).map(([key]) => key));
  if (sound.size > 0) {
    const inOrder = rows.filter(({ state, operation }) => state === 'waiting' && sound.has(orderKey(operation)));
    return { operations: fitting(inOrder.map(({ operation }) => operation)) };
  }
  const troubled = byKey
    .map(([key, operations]) => ({ operations, ...troubles.get(key)! }))
    .sort((a, b) => a.times - b.times);
  const due = troubled.find(({ notBefore }) => notBefore <= now);
  // Ever fewer at a time: what is too much for a request or a signal goes piece by piece, and the one at fault stands alone in the end.
  if (due) return { operations: fitting(due.operations, Math.max(1, SYNC_LIMITS.operations >> due.times)) };
  const times = troubled.map(({ notBefore }) => notBefore);
  return { operations: [], ...(times.length > 0 ? { nextAt: Math.min(...times) } : {}) };
}
