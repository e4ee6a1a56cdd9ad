import { orderKey, SYNC_LIMITS, type Operation } from '@huff/contract/spine';
import type { OutboxRow } from './store';

/** How often a record could not be sent, and when it is tried again. */
export interface Trouble {
  readonly times: number;
  /** The server itself named this record: it goes by itself. */
  readonly alone: boolean;
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

/** How many records that failed once go together; half as many each time they fail again, until the one at fault stands alone. */
const TOGETHER = 64;

/**
 * Chooses what to send: everything that never failed together; then what did, the least troubled first, in ever smaller groups. So one
 * record that cannot be sent never holds up another for long, while each keeps its own order.
 */
export function nextBatch(rows: readonly OutboxRow[], troubles: ReadonlyMap<string, Trouble>, now: number): NextBatch {
  const byKey = waitingByKey(rows);
  const inOrder = (keys: ReadonlySet<string>) =>
    rows
      .filter(({ state, operation }) => state === 'waiting' && keys.has(orderKey(operation)))
      .map((row) => row.operation);
  const sound = new Set([...byKey.keys()].filter((key) => !troubles.has(key)));
  if (sound.size > 0) return { operations: fitting(inOrder(sound)) };
  const troubled = [...byKey.keys()].map((key) => ({ key, ...troubles.get(key)! })).sort((a, b) => a.times - b.times);
  const due = troubled.filter(({ notBefore }) => notBefore <= now);
  const [first] = due;
  if (!first) {
    const times = troubled.map(({ notBefore }) => notBefore);
    return { operations: [], ...(times.length > 0 ? { nextAt: Math.min(...times) } : {}) };
  }
  const many = first.alone ? 1 : Math.max(1, TOGETHER >> first.times);
  const group = first.alone ? [first] : due.filter(({ alone }) => !alone).slice(0, many);
  // Of one record ever fewer at a time: what is too much for a request or a signal goes piece by piece.
  const most = many === 1 ? Math.max(1, SYNC_LIMITS.operations >> first.times) : SYNC_LIMITS.operations;
  return { operations: fitting(inOrder(new Set(group.map(({ key }) => key))), most) };
}
