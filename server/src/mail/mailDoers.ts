import type { Db, Query } from '../db/db';
import { askFor } from '../jobs/jobs';
import type { Doer } from '../jobs/jobsBeside';
import { writeReminders, writeReportMails } from './writeMails';

/** Reminders are looked for so often: a server that runs for weeks sends those of each day. */
const EVERY_S = 6 * 3600;

/** Writes the mail that a job asks for. @param origin the address by which a reader of the mail opens what it names */
export function mailDoers(db: Db, origin: string) {
  const reminders: Doer = { work: (shopId) => writeReminders(db.query, shopId, new Date()), againS: EVERY_S };
  return {
    reminders,
    /** Results of these visits were kept. */
    afterResults: (shopId: string, visitIds: readonly string[]) => writeReportMails(db.query, shopId, visitIds, origin),
  };
}

/** Asks for the reminders of each shop, at a start. */
export async function askForReminders(query: Query): Promise<void> {
  for (const { id } of await query<{ id: string }>('SELECT id FROM shops')) await askFor(query, id, 'reminders', [id]);
}
