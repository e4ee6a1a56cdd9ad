import { parentPort, workerData } from 'node:worker_threads';
import { watchThisThread } from '../watch/watch';
import type { Query } from './db';
import { faultOf, type DbAnswer, type DbMessage, type DbOpened } from './dbMessages';
import { openTaken } from './pgliteDb';

/** A transaction that is open: its own `query`, and how it ends. */
interface OpenTransaction {
  readonly query: Query;
  readonly commit: () => void;
  readonly rollBack: () => void;
}

class RolledBack extends Error {}

const port = parentPort!;
const { folder } = workerData as { readonly folder: string };
const watch = watchThisThread('database');
const tell = (answer: DbAnswer | DbOpened) => port.postMessage(answer);

/** The database in a separate thread: it waits for the disk here, while the server's thread goes on answering. */
async function serve(): Promise<void> {
  const db = await openTaken(folder, { whileDisk: watch.whileDisk });
  const open = new Map<number, OpenTransaction>();

  /** Settle once a transaction has ended, however it did. */
  const ends = new Map<number, Promise<void>>();

  const begin = async (tx: number) => {
    let begun = () => {};
    const isBegun = new Promise<void>((resolve) => (begun = resolve));
    const work = (query: Query) =>
      new Promise<void>((commit, rollBack) => {
        open.set(tx, { query, commit, rollBack: () => rollBack(new RolledBack()) });
        begun();
      });
    const ended = db.transaction(work).catch((error: unknown) => {
      if (!(error instanceof RolledBack)) throw error;
    });
    ends.set(tx, ended);
    // Whoever ends it hears of it: until then it is no unhandled rejection.
    ended.catch(() => undefined);
    await Promise.race([isBegun, ended]);
  };

  const end = async (tx: number, how: 'commit' | 'rollBack') => {
    const ended = ends.get(tx);
    open.get(tx)?.[how]();
    open.delete(tx);
    ends.delete(tx);
    await ended;
  };

  const does = async (message: DbMessage) => {
    switch (message.op) {
      case 'query': {
        const { sql, params, tx } = message;
        const query = tx === undefined ? db.query : open.get(tx)?.query;
        if (!query) throw new Error('This transaction has ended.');
        return query(sql, params);
      }
      case 'begin':
        await begin(message.tx);
        return undefined;
      case 'commit':
        await end(message.tx, 'commit');
        return undefined;
      case 'rollback':
        await end(message.tx, 'rollBack');
        return undefined;
      case 'script':
        await db.script(message.sql);
        return undefined;
      case 'copyTo':
        return [await db.copyTo(message.folder)];
      case 'close':
        await db.close();
        watch.end();
        return undefined;
    }
  };
  port.on('message', (message: DbMessage) => {
    does(message).then(
      (rows) => {
        tell({ id: message.id, ...(rows && { rows }) });
        if (message.op === 'close') port.close();
      },
      (error: unknown) => tell({ id: message.id, fault: faultOf(error) }),
    );
  });
  tell({ opened: true });
}

serve().catch((error: unknown) => {
  watch.end();
  tell({ opened: false, fault: faultOf(error) });
  port.close();
});
