import { CLOCK_WORTH_TELLING_MS } from '@huff/contract/spine';
import { v4 as uuid } from 'uuid';
import type { BegunNote } from './begunNote';
import { outboxOn, type Outbox } from './outbox';
import { oneSender } from './oneSender';
import { withOverflow } from './overflow';
import { postSync, type Post } from './post';
import { senderOn, type Step, type SyncPhase, type Told } from './sender';
import type { By, Store } from './store';

/** How it stands: with the server, and with this phone's storage. */
export interface SpineStatus {
  readonly phase: SyncPhase;
  /** Whether the server ever told this phone anything. */
  readonly everTold: boolean;
  /** What is wrong with the phone's storage, in a sentence. */
  readonly fault?: string;
  /** Since when the server's data is an earlier state, while nobody said whether to send again what it lacks. */
  readonly restoredAt?: string;
  /** Who works on this phone, as far as it knows. */
  readonly person?: By;
  /** How far this phone’s clock is off, ms to add to its time; absent while it is right enough. */
  readonly clockOffsetMs?: number;
}

export interface Spine {
  readonly store: Promise<Store>;
  readonly outbox: Outbox;
  readonly status: () => SpineStatus;
  readonly onStatus: (listener: () => void) => () => void;
  /** Notes something for this phone alone, outside the outbox. */
  readonly note: (key: string, value: unknown) => void;
  /** Somebody is known to work on this phone from now on. */
  readonly setPerson: (person: By) => Promise<void>;
  /** After a restore: sends everything this phone holds again, or leaves the server as it is. */
  readonly afterRestore: (sends: boolean) => Promise<void>;
  /** Asks the server now. */
  readonly wake: () => void;
  readonly stop: () => void;
}

interface SpineOptions {
  readonly openStore: () => Promise<Store>;
  /** Where a page that is left writes down what it had begun. */
  readonly begunNote: BegunNote;
  readonly post?: Post;
  /** Brings what is on the screen up to the store: the server told something new, here or in another tab. */
  readonly onTold: (told: Told | undefined) => Promise<void> | void;
  /** Told when somebody else is signed in than this phone knew. */
  readonly onOtherPerson?: () => void;
  /** Runs once before anything is sent: brings over what an earlier version of the app kept. */
  readonly carryOver?: (store: Store) => Promise<void>;
}

const FULL =
  'This phone’s storage is full or blocked. The last entries are on screen only. Save them to a file, then free up space.';
const NOTHING_KEPT =
  'This browser saves nothing on this phone (private window, or storage blocked). Readings last only while this page is open. Save them to a file first.';

/** A store that is still being opened: calls wait for it. */
function lateStore(opening: Promise<Store>): Store {
  return {
    lasting: true,
    all: async (kind) => (await opening).all(kind),
    one: async (kind, id) => (await opening).one(kind, id),
    parts: async (visitId) => (await opening).parts(visitId),
    outbox: async () => (await opening).outbox(),
    meta: async (key) => (await opening).meta(key),
    write: async (batch) => (await opening).write(batch),
  };
}

/** Asks the browser, once something is kept, not to throw it away when space runs out. */
function askToStay(): void {
  if (typeof navigator !== 'undefined' && navigator.storage?.persist)
    void navigator.storage.persist().catch(() => false);
}

/** Waits; sooner when woken or stopped. Who is woken while awake does not fall asleep after: nothing that came meanwhile is slept over. */
function sleeper() {
  let awake: () => void = () => undefined;
  let woken = false;
  return {
    wake: () => {
      woken = true;
      awake();
    },
    /** From here on, being woken counts for the next sleep. */
    begin: () => (woken = false),
    sleep: (ms: number, over: AbortSignal) =>
      new Promise<void>((resolve) => {
        const done = () => {
          clearTimeout(timer);
          over.removeEventListener('abort', done);
          resolve();
        };
        const timer = ms === Infinity ? undefined : setTimeout(done, ms);
        awake = done;
        over.addEventListener('abort', done);
        if (woken || over.aborted) done();
      }),
  };
}

/** Everything between the screens and the server: what is kept, what is on its way, and who sends it when. */
export function startSpine({
  openStore,
  begunNote,
  post = postSync,
  onTold,
  carryOver,
  onOtherPerson,
}: SpineOptions): Spine {
  let status: SpineStatus = { phase: 'starting', everTold: false };
  const listeners = new Set<() => void>();
  const setStatus = (more: Partial<SpineStatus>) => {
    status = { ...status, ...more };
    for (const listener of listeners) listener();
  };
  const onFault = (error: unknown) => {
    console.warn('Not saved on this phone:', error);
    setStatus({ fault: FULL });
  };
  const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('huff');
  const opening = openStore().then(async (disk) => {
    const store = withOverflow(disk, { onFault, onKept: () => setStatus({ fault: undefined }) });
    if (!store.lasting) setStatus({ fault: NOTHING_KEPT });
    await carryOver?.(store).catch(onFault);
    if ((await store.meta('cursor')) !== undefined) setStatus({ everTold: true });
    const restoredAt = await store.meta<string | null>('restoredAt');
    if (restoredAt) setStatus({ restoredAt });
    setClock((await store.meta<number>('clockOffset')) ?? 0);
    const person = await store.meta<By>('person');
    if (person) setStatus({ person });
    return store;
  });
  const store = lateStore(opening);
  const note = (key: string, value: unknown) => void store.write({ meta: { [key]: value } }).catch(onFault);
  const { sleep, wake, begin } = sleeper();
  let asked = false;
  let clockOffset = 0;
  const setClock = (offsetMs: number) => {
    clockOffset = offsetMs;
    const clockOffsetMs = Math.abs(offsetMs) > CLOCK_WORTH_TELLING_MS ? offsetMs : undefined;
    // Each answer measures it a little differently: lists do not begin anew for that.
    const before = status.clockOffsetMs;
    const isAsBefore =
      before === undefined || clockOffsetMs === undefined
        ? before === clockOffsetMs
        : Math.abs(before - clockOffsetMs) < CLOCK_WORTH_TELLING_MS;
    if (!isAsBefore) setStatus({ clockOffsetMs });
  };
  const outbox = outboxOn({
    store,
    newId: uuid,
    clock: () => new Date(),
    clockOffsetMs: () => clockOffset,
    begunNote,
    by: () => status.person,
    tabs: { tell: () => channel?.postMessage('outbox') },
    onWaiting: () => {
      if (!asked) askToStay();
      asked = true;
      channel?.postMessage('waiting');
      wake();
    },
  });
  const sender = senderOn({
    store,
    post,
    now: Date.now,
    random: Math.random,
    newId: uuid,
    onRestored: (restoredAt) => setStatus({ restoredAt }),
    onOtherPerson,
    onClock: (offsetMs) => {
      const wasOff = status.clockOffsetMs !== undefined;
      setClock(offsetMs);
      // For the next start without a signal; a clock that was set right is noted too.
      if (wasOff || status.clockOffsetMs !== undefined) note('clockOffset', offsetMs);
    },
    onStored: async (told) => {
      // First what the server told, then the outbox: nothing is gone from the screen between the two.
      await onTold(told);
      await outbox.reload();
      if (!status.everTold) setStatus({ everTold: true });
      channel?.postMessage('told');
    },
  });
  const send = async (over: AbortSignal) => {
    await opening;
    while (!over.aborted) {
      begin();
      let step: Step;
      try {
        await (await opening).keepAgain();
        step = await sender.step();
      } catch (error) {
        onFault(error);
        step = { phase: status.phase, waitMs: 60_000 };
      }
      if (step.phase !== status.phase) setStatus({ phase: step.phase });
      channel?.postMessage({ phase: step.phase });
      if (step.waitMs > 0) await sleep(step.waitMs, over);
    }
  };
  const encourage = () => {
    sender.encourage();
    wake();
  };
  const hear = ({ data }: MessageEvent<unknown>) => {
    if (data === 'told') {
      setStatus({ everTold: true });
      void Promise.resolve(onTold(undefined)).then(outbox.reload).catch(onFault);
    } else if (data === 'outbox') void outbox.reload().catch(onFault);
    else if (data === 'waiting') wake();
    else if (data === 'ask') encourage();
    else if (typeof data === 'object' && data !== null && 'phase' in data) setStatus(data as { phase: SyncPhase });
  };
  channel?.addEventListener('message', hear);
  const onVisible = () => {
    if (document.visibilityState === 'visible') encourage();
    else outbox.noteBegun();
  };
  if (typeof window !== 'undefined' && typeof window.addEventListener === 'function') {
    window.addEventListener('online', encourage);
    window.addEventListener('pagehide', outbox.noteBegun);
    document.addEventListener('visibilitychange', onVisible);
  }
  void opening.then(outbox.start).catch(onFault);
  const stopSending = oneSender(send);
  // Another tab may be the one that sends: it says how it stands.
  channel?.postMessage('ask');
  return {
    store: opening,
    outbox,
    status: () => status,
    onStatus(listener) {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    note,
    async setPerson(person) {
      const known = status.person;
      if (known?.id === person.id && known.name === person.name) return;
      setStatus({ person });
      await store.write({ meta: { person } }).catch(onFault);
      encourage();
    },
    async afterRestore(sends) {
      try {
        const offered = (await store.outbox()).filter(({ state }) => state === 'offered');
        await store.write({
          ...(sends
            ? { update: offered.map((row) => ({ ...row, state: 'waiting' as const })) }
            : { remove: offered.map(({ id }) => id) }),
          meta: { restoredAt: null },
        });
        setStatus({ restoredAt: undefined });
        await outbox.reload();
        encourage();
      } catch (error) {
        onFault(error);
      }
    },
    wake() {
      // The tab that sends may be another one.
      channel?.postMessage('ask');
      encourage();
    },
    stop() {
      stopSending();
      channel?.close();
      if (typeof window !== 'undefined' && typeof window.removeEventListener === 'function') {
        window.removeEventListener('online', encourage);
        window.removeEventListener('pagehide', outbox.noteBegun);
        document.removeEventListener('visibilitychange', onVisible);
      }
    },
  };
}
