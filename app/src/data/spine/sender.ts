import {
  clockOffsetMs,
  orderKey,
  OTHER_PERSON,
  RESTORED_DATA,
  UNKNOWN_CURSOR,
  type Operation,
} from '@huff/contract/spine';
import { answerBatch, type ToldId } from './answerBatch';
import { everythingHere } from './everythingHere';
import { nextBatch, type Trouble } from './nextBatch';
import type { Outcome, Post } from './post';
import { ownRows } from './ownRows';
import type { By, OutboxRow, Store } from './store';

/** How it stands with the server. */
export type SyncPhase = 'starting' | 'upToDate' | 'noAnswer' | 'notHuff' | 'signIn' | 'serverTrouble';

/** What the store now has that is new. */
export interface Told {
  readonly records: readonly ToldId[];
  /** Something was erased on request: what pages were told of it goes as well. */
  readonly isErased?: boolean;
}

/** Refusals that are about what was sent; all others are about who asks, when and where. */
const OF_THE_OPERATION: ReadonlySet<number> = new Set([400, 409, 413, 422]);

/** One step of sending: what it came to, and when the next is due. */
export interface Step {
  readonly phase: SyncPhase;
  /** ms to wait; 0 to go on at once, Infinity to wait for a person. */
  readonly waitMs: number;
}

export interface SenderOptions {
  readonly store: Store;
  readonly post: Post;
  /** This phone's clock, ms. */
  readonly now: () => number;
  /** 0 to 1, so that phones do not come all at once. */
  readonly random: () => number;
  readonly newId: () => string;
  /** Told when the store has changed: what the server told is in it, and the outbox is as the server left it. */
  readonly onStored: (told: Told) => Promise<void> | void;
  /** Told how far this phone’s clock is from the server’s, ms to add. */
  readonly onClock: (offsetMs: number) => void;
  /** Told when somebody else is signed in than this phone knew. */
  readonly onOtherPerson?: () => void;
  /** Told when the server's data was put back to an earlier state. @param at by this phone's clock */
  readonly onRestored?: (at: string) => void;
}

const FIRST_WAIT_MS = 1000;
const LONGEST_WAIT_MS = 60_000;
/** More failures than these say no more. */
const MOST_TIMES = 8;
/** With nothing to send, the server is asked so often. */
const ASK_EVERY_MS = 60_000;

/**
 * Sends what waits and takes what is new, one request a step. It has no timers of its own: who drives it waits as each step says. Only one
 * may send at a time on a phone (`oneSender`).
 */
export function senderOn({
  store,
  post,
  now,
  random,
  newId,
  onStored,
  onClock,
  onRestored = () => undefined,
  onOtherPerson = () => undefined,
}: SenderOptions) {
  /** Records that could not be sent, by their order key. Not stored: after a reload each is given a fresh chance. */
  const troubles = new Map<string, Trouble>();
  /** Requests in a row that brought nothing. */
  let misses = 0;
  let device: string | undefined;
  /** When the server was last asked for what is new, and told all of it. */
  let askedAt: number | undefined;

  const backoff = (times: number) =>
    Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** Math.min(times, 10)) * (0.75 + 0.5 * random());

  async function deviceId(): Promise<string> {
    if (device) return device;
    const known = await store.meta<string>('device');
    device = known ?? newId();
    if (!known) await store.write({ meta: { device } });
    return device;
  }

  const keysOf = (operations: readonly Operation[]) => new Set(operations.map(orderKey));

  /** These could not be sent. @param waits the server has trouble with them, so they come later; @param alone it named each of them */
  function trouble(operations: readonly Operation[], { waits = false, alone = false } = {}): void {
    for (const key of keysOf(operations)) {
      const times = Math.min(MOST_TIMES, (troubles.get(key)?.times ?? 0) + 1);
      troubles.set(key, { times, notBefore: waits ? now() + backoff(times) : 0, alone });
    }
  }

  /** Something went through: it may have been the signal. The others go in larger groups again. */
  function forgive(): void {
    for (const [key, one] of troubles)
      if (!one.alone && one.times > 1) troubles.set(key, { ...one, times: one.times - 1 });
  }

  async function taken(
    outcome: Outcome & { kind: 'answer' },
    sent: readonly OutboxRow[],
    pulled: boolean,
  ): Promise<Step> {
    const { answer } = outcome;
    const operations = sent.map(({ operation }) => operation);
    for (const key of keysOf(operations)) troubles.delete(key);
    const failed = new Set(answer.results.filter(({ status }) => status === 'failed').map(({ id }) => id));
    trouble(
      operations.filter(({ id }) => failed.has(id)),
      { waits: true, alone: true },
    );
    if (operations.length > failed.size) forgive();
    misses = 0;
    onClock(clockOffsetMs(new Date(now()).toISOString(), answer.serverTime));
    if (pulled) askedAt = answer.more ? undefined : now();
    const { told, ...batch } = await answerBatch(store, answer, sent);
    await store.write(batch);
    await onStored({ records: told, ...(batch.forget ? { isErased: true } : {}) });
    if (answer.more) return { phase: 'upToDate', waitMs: 0 };
    const next = nextBatch(ownRows(await store.outbox(), await store.meta<By>('person')), troubles, now());
    if (next.operations.length > 0) return { phase: failed.size > 0 ? 'serverTrouble' : 'upToDate', waitMs: 0 };
    const asksIn = ASK_EVERY_MS - (now() - (askedAt ?? now()));
    const waitMs = Math.max(0, Math.min(asksIn, next.nextAt === undefined ? asksIn : next.nextAt - now()));
    return { phase: next.nextAt === undefined ? 'upToDate' : 'serverTrouble', waitMs };
  }

  /** A whole request that the server would not take. */
  async function rejected(outcome: Outcome & { kind: 'problem' }, sent: readonly OutboxRow[]): Promise<Step> {
    const { status, problem, retryAfterMs } = outcome;
    if (status === 401) return { phase: 'signIn', waitMs: Infinity };
    misses += 1;
    if (status === 429 || status === 503) return { phase: 'serverTrouble', waitMs: retryAfterMs ?? backoff(misses) };
    if (problem?.title === OTHER_PERSON) {
      // What waits was done by another: it stays until that one is here again.
      onOtherPerson();
      return { phase: 'signIn', waitMs: backoff(misses) };
    }
    if (problem?.title === RESTORED_DATA) {
      // What this phone was told may be gone there. It is set apart before the server tells what it has: a person decides whether it is sent.
      const restoredAt = new Date(now()).toISOString();
      const before = (await store.outbox()).flatMap(({ id, state }) => (state === 'offered' ? [id] : []));
      const add = await everythingHere(store, newId, new Date(now()));
      await store.write({ add, remove: before, meta: { cursor: null, restoredAt } });
      await onStored({ records: [] });
      onRestored(restoredAt);
      return { phase: 'upToDate', waitMs: misses > 2 ? backoff(misses) : 0 };
    }
    if (problem?.title === UNKNOWN_CURSOR) {
      // The server was put back to an earlier state, or is another: begin anew. What waits is sent all the same.
      await store.write({ meta: { cursor: null } });
      return { phase: 'serverTrouble', waitMs: misses > 2 ? backoff(misses) : 0 };
    }
    const operations = sent.map(({ operation }) => operation);
    const alone = operations.length === 1;
    if (OF_THE_OPERATION.has(status) && alone && problem) {
      for (const key of keysOf(operations)) troubles.delete(key);
      await store.write({ update: sent.map((row) => ({ ...row, state: 'refused', problem })) });
      await onStored({ records: [] });
      return { phase: 'upToDate', waitMs: 0 };
    }
    // Together they are not taken: from now on they go in smaller groups.
    trouble(operations, { waits: status >= 500 });
    return { phase: 'serverTrouble', waitMs: backoff(misses) };
  }

  return {
    /** Sends one request: what waits, or only a question. */
    async step(): Promise<Step> {
      const person = await store.meta<By>('person');
      const rows = ownRows(await store.outbox(), person);
      const { operations } = nextBatch(rows, troubles, now());
      const ids = new Set(operations.map(({ id }) => id));
      const sent = rows.filter(({ id }) => ids.has(id));
      // What is new is asked for now and then, not with each reading: others' changes of the same records come together.
      const pull = operations.length === 0 || askedAt === undefined || now() - askedAt >= ASK_EVERY_MS;
      const outcome = await post({
        device: await deviceId(),
        phoneTime: new Date(now()).toISOString(),
        cursor: (await store.meta<string>('cursor')) ?? null,
        operations,
        ...(person ? { person: person.id } : {}),
        pull,
      });
      if (outcome.kind === 'answer') return taken(outcome, sent, pull);
      if (outcome.kind === 'problem') return rejected(outcome, sent);
      misses += 1;
      // It may be the signal, it may be this request: if it is, the others must not wait for it.
      if (outcome.kind === 'noAnswer') trouble(operations);
      return { phase: outcome.kind, waitMs: backoff(misses) };
    },
    /** The signal is back, or a person asks: what waited for its time goes now. */
    encourage(): void {
      misses = 0;
      askedAt = undefined;
      for (const [key, one] of troubles) troubles.set(key, { ...one, notBefore: 0 });
    },
  };
}
