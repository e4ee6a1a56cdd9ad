import { Worker } from 'node:worker_threads';
import type { Copyable, Db, Query, Row } from './db';
import { errorOf, type DbAnswer, type DbAsk, type DbOpened } from './dbMessages';
import { oneServer } from './oneServer';
import { freeBytes, whileRoom } from './room';
import { takeFolder } from './takeFolder';

const THREAD = new URL('./dbThread.mjs', import.meta.url);

/** A database in a separate thread. */
export interface ThreadDb extends Db, Copyable {
  /** How long the oldest request waits for its answer, ms; 0 while none does. */
  readonly waitingMs: () => number;
}

interface Waiting {
  readonly since: number;
  readonly resolve: (rows: readonly Row[]) => void;
  readonly reject: (error: Error) => void;
}

/**
 * Opens the embedded database in a separate thread: while it waits for the disk, requests, health and signals are answered.
 *
 * @param folder where it lives
 * @param onLost told when the thread ended by itself: nothing can be read or written any more
 * @param thread the thread's program, where it does not lie beside this one
 */
export async function openDbThread(
  folder: string,
  onLost: (why: string) => void,
  thread: URL = THREAD,
): Promise<ThreadDb> {
  const giveBack = await takeFolder(folder);
  const worker = new Worker(thread, { workerData: { folder } });
  const waiting = new Map<number, Waiting>();
  let last = 0;
  let isClosing = false;
  let isClosed = false;
  /** Transactions that are under way: they go to their end before the database is closed, or it would wait for them for ever. */
  const underWay = new Set<Promise<unknown>>();

  /** The thread is gone: anyone who waits is told. */
  const lost = (why: string) => {
    giveBack();
    for (const { reject } of waiting.values()) reject(new Error(why));
    waiting.clear();
    if (!isClosed) onLost(why);
    isClosed = true;
  };
  try {
    await new Promise<void>((opened, failed) => {
      worker.once('message', (first: DbOpened) => (first.opened ? opened() : failed(errorOf(first.fault))));
      worker.once('error', failed);
    });
  } catch (error) {
    giveBack();
    throw error;
  }
  worker.on('message', (answer: DbAnswer) => {
    const one = waiting.get(answer.id);
    waiting.delete(answer.id);
    if ('fault' in answer) one?.reject(errorOf(answer.fault));
    else one?.resolve(answer.rows ?? []);
  });
  worker.on('error', (error) => lost(`The database stopped: ${error.message}`));
  worker.on('exit', () => lost('The database stopped.'));

  const closed = () => new Error('The database is closed.');
  const ask = (asked: DbAsk): Promise<readonly Row[]> => {
    if (isClosed) return Promise.reject(closed());
    return new Promise((resolve, reject) => {
      last += 1;
      waiting.set(last, { since: performance.now(), resolve, reject });
      worker.postMessage({ ...asked, id: last });
    });
  };
  const queryIn =
    (tx?: number): Query =>
    async <R extends Row>(sql: string, params: readonly unknown[] = []) =>
      (await ask({ op: 'query', sql, params, ...(tx !== undefined && { tx }) })) as R[];
  async function inTransaction<T>(work: (query: Query) => Promise<T>): Promise<T> {
    last += 1;
    const tx = last;
    await ask({ op: 'begin', tx });
    let done;
    try {
      done = await work(queryIn(tx));
    } catch (error) {
      // Why it failed is the news, however the rollback ends.
      await ask({ op: 'rollback', tx }).catch(() => undefined);
      throw error;
    }
    await ask({ op: 'commit', tx });
    return done;
  }
  const db: Db = {
    ...oneServer(),
    query: queryIn(),
    transaction: (work) => {
      if (isClosing) return Promise.reject(closed());
      const done = inTransaction(work);
      underWay.add(done);
      const over = () => underWay.delete(done);
      done.then(over, over);
      return done;
    },
    script: async (sql) => {
      if (isClosing) throw closed();
      await ask({ op: 'script', sql });
    },
    close: async () => {
      if (isClosing) return;
      isClosing = true;
      await Promise.allSettled(underWay);
      const isDone = ask({ op: 'close' });
      isClosed = true;
      await isDone.catch(() => undefined);
      giveBack();
    },
  };
  return {
    ...whileRoom(db, () => freeBytes(folder)),
    copyTo: async (to) => {
      const [rows] = await ask({ op: 'copyTo', folder: to });
      return rows as Record<string, number>;
    },
    waitingMs: () => {
      const [oldest] = waiting.values();
      return oldest ? performance.now() - oldest.since : 0;
    },
  };
}
