import { pino } from 'pino';
import { besideHere } from '../beside/beside';
import type { Db } from '../db/db';
import { refreshResults, type Judging } from '../visits/results';

/** Judges in this thread, and says nothing. */
export const judgingOn = (db: Db): Judging => ({
  db,
  log: pino({ level: 'silent' }),
  judge: (work) => besideHere().judgeVisit(work),
  isOver: () => false,
});

/** Judges what is due of a shop. @returns how many visits */
export const judgeAll = (db: Db, shopId: string): Promise<number> => refreshResults(judgingOn(db), shopId);
