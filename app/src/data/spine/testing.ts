import type { VisitDto } from '@huff/contract';
import type { Operation, OperationResult, SyncAnswer, SyncRequest } from '@huff/contract/spine';
import { measured } from '../../testing/visits';
import type { BegunNote } from './begunNote';
import { memoryStore } from './memoryStore';
import type { Outcome } from './post';
import { outboxOn } from './outbox';
import { withOverflow } from './overflow';
import { senderOn } from './sender';
import type { Store, StoreBatch } from './store';

/** Ids in the order they are asked for. */
function idsFrom(prefix: string) {
  let n = 0;
  return () => `${prefix}-${(n += 1)}`;
}

/** What a page that is left writes down, in memory. */
export function begunInMemory(): BegunNote {
  let begun: readonly StoreBatch[] = [];
  return { put: (batches) => (begun = batches), read: () => begun, clear: () => (begun = []) };
}

export const answerOf = (results: readonly OperationResult[], more: Partial<SyncAnswer> = {}): Outcome => ({
  kind: 'answer',
  answer: { serverTime: '2026-05-12T10:00:00.000Z', results, changes: [], cursor: 'shop.1', more: false, ...more },
});

/** Everything sent is done. */
export const allDone = ({ operations }: SyncRequest): Outcome =>
  answerOf(operations.map(({ id }) => ({ id, status: 'done', revision: 1 })));

/** A phone with a store in memory, whose server says what a test wants. */
export function phone(says: (request: SyncRequest) => Outcome = allDone, disk: Store = memoryStore()) {
  const requests: SyncRequest[] = [];
  const faults: unknown[] = [];
  const kept: boolean[] = [];
  const store = withOverflow(disk, { onFault: (error) => faults.push(error), onKept: () => kept.push(true) });
  let now = 1_000_000;
  let answer = says;
  let clockOffset = 0;
  const outbox = outboxOn({
    store,
    newId: idsFrom('op'),
    clock: () => new Date(now),
    clockOffsetMs: () => clockOffset,
    begunNote: begunInMemory(),
    onWaiting: () => undefined,
    tabs: { tell: () => undefined },
  });
  const sender = senderOn({
    store,
    post: (request) => {
      requests.push(request);
      return Promise.resolve(answer(request));
    },
    now: () => now,
    random: () => 0.5,
    newId: idsFrom('device'),
    onClock: (offsetMs) => (clockOffset = offsetMs),
    onStored: outbox.reload,
  });
  return {
    store,
    outbox,
    sender,
    requests,
    faults,
    kept,
    /** Ids of what was sent, request by request. */
    sent: () => requests.map(({ operations }) => operations.map(({ id }) => id)),
    says: (next: (request: SyncRequest) => Outcome) => (answer = next),
    wait: (ms: number) => (now += ms),
  };
}

/** A visit with two readings under an id of its own. */
export const visit = (id: string, more: Partial<VisitDto> = {}): VisitDto => ({ ...measured(), id, ...more });

export const patching = (
  recordId: string,
  fields: object = { tap: '4' },
): Omit<Operation & { kind: 'patch' }, 'id' | 'madeAt'> => ({
  kind: 'patch',
  of: 'unit',
  recordId,
  base: 1,
  fields: { ...fields },
});
