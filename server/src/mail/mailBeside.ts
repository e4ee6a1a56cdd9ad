import { setTimeout } from 'node:timers/promises';
import type { Logger } from 'pino';
import type { Db } from '../db/db';
import { writeReminders, writeReportMails } from './writeMails';

/** Reminders are looked for so often: a server that runs for weeks sends those of each day. */
const EVERY_MS = 6 * 3_600_000;

/** Writes mail beside the requests. @param origin the address by which a reader of the mail opens what it names */
export function mailBeside(db: Db, log: Logger, origin: string) {
  const reminders = async (now = new Date()) => {
    const shops = await db.query<{ id: string }>('SELECT id FROM shops');
    for (const { id } of shops) await writeReminders(db.query, id, now);
  };
  const logged = (work: Promise<void>) =>
    work.catch((error: unknown) => log.error({ err: error }, 'mail was not written'));
  const stopping = new AbortController();
  const untilStopped = async () => {
    while (!stopping.signal.aborted) {
      await logged(reminders());
      // A stop ends the wait; a server that has nothing else to do is not kept up by it.
      await setTimeout(EVERY_MS, undefined, { ref: false, signal: stopping.signal }).catch(() => undefined);
    }
  };
  return {
    /** Results of these visits were kept. */
    afterResults: (shopId: string, visitIds: readonly string[]) =>
      logged(writeReportMails(db.query, shopId, visitIds, origin)),
    /** From now on, until it is stopped. */
    start: (): void => void untilStopped(),
    stop: (): void => stopping.abort(),
  };
}
