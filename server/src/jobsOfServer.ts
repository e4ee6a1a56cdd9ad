import type { Logger } from 'pino';
import type { Beside } from './beside/beside';
import type { Db } from './db/db';
import { jobsBeside, type JobsBeside } from './jobs/jobsBeside';
import { mailDoers } from './mail/mailDoers';
import type { JudgeWork } from './visits/judgeVisit';
import { visitDoers } from './visits/results';

/**
 * Every kind of job with what does it.
 *
 * @param origin the address by which a reader of mail opens what it names
 */
export function serverJobs(
  db: Db,
  log: Logger,
  beside: Pick<Beside, 'judgeVisit'>,
  origin: string,
  isOver: () => boolean = () => false,
): JobsBeside {
  const { reminders, afterResults } = mailDoers(db, origin);
  const judging = { db, log, judge: (work: JudgeWork) => beside.judgeVisit(work), isOver };
  return jobsBeside(db, log, { ...visitDoers(judging, afterResults), reminders }, isOver);
}
