import type { Logger } from 'pino';
import type { Db } from '../db/db';
import { acrossShops, inShop } from '../db/shopFence';
import { endJobs, holdJobs, putOff, takeJobs, type Job, type JobKind } from './jobs';

/** What a kind of job is done by. */
export interface Doer {
  /** @param held called now and then by what takes long: the jobs stay with this server */
  readonly work: (shopId: string, jobs: readonly Job[], held: () => Promise<void>) => Promise<void>;
  /** It comes round again after so long; once done it is over when absent. */
  readonly againS?: number;
}

/** So many are taken at once: few enough to be done long before another server may take them. */
const AT_A_TIME = 25;
/** What nobody told of is looked for so often: jobs whose server ended, and those that were put off. */
const LOOK_EVERY_MS = 30_000;
const AFTER_FAILURE_S = 60;
const TOPIC = 'jobs';

/** Jobs of one shop and kind each. */
function grouped(jobs: readonly Job[]): Job[][] {
  const groups = new Map<string, Job[]>();
  for (const job of jobs) {
    const key = `${job.kind} ${job.shopId}`;
    groups.set(key, [...(groups.get(key) ?? []), job]);
  }
  return [...groups.values()];
}

/** Does the jobs that are due, beside the requests. Several servers on one database share them. */
export function jobsBeside(
  db: Db,
  log: Logger,
  doers: Readonly<Record<JobKind, Doer>>,
  isOver: () => boolean = () => false,
) {
  let running: Promise<void> | undefined;
  let isAsked = false;
  let timer: ReturnType<typeof setInterval> | undefined;

  const doGroup = async (jobs: readonly Job[]) => {
    const [{ kind, shopId }] = jobs as [Job, ...Job[]];
    const { work, againS } = doers[kind];
    try {
      await inShop(shopId, () => work(shopId, jobs, () => holdJobs(db.query, jobs)));
      // What a stop cuts short is another server's, or the next start's, at once.
      if (isOver()) await inShop(shopId, () => putOff(db.query, jobs, 0));
      else if (againS === undefined) await inShop(shopId, () => db.transaction((query) => endJobs(query, jobs)));
      else await inShop(shopId, () => putOff(db.query, jobs, againS));
    } catch (error) {
      log.error({ err: error, kind, shop: shopId }, 'jobs failed; they are tried again');
      await inShop(shopId, () => putOff(db.query, jobs, AFTER_FAILURE_S));
    }
  };
  const run = async () => {
    while (!isOver()) {
      isAsked = false;
      const jobs = await acrossShops(() => takeJobs(db.query, AT_A_TIME));
      for (const group of grouped(jobs)) await doGroup(group);
      if (jobs.length === 0 && !isAsked) return;
    }
  };
  const look = () => {
    isAsked = true;
    if (running || isOver()) return;
    running = run()
      .catch((error: unknown) => log.error({ err: error }, 'jobs were not done'))
      .finally(() => (running = undefined));
  };
  return {
    /** Something was asked for just now, here: this server does it, or another that is free. */
    asked(): void {
      look();
      void db.tell(TOPIC).catch(() => undefined);
    },
    /** From now on, also what other servers ask for. */
    start(): void {
      db.hear(TOPIC, look);
      const looking = setInterval(look, LOOK_EVERY_MS);
      // It must not keep a server that stops.
      (looking as { unref?: () => void }).unref?.();
      timer = looking;
      look();
    },
    stop(): void {
      clearInterval(timer);
    },
    /** Until nothing is due that this server could do. */
    settled: async (): Promise<void> => {
      while (running) await running;
    },
  };
}

export type JobsBeside = ReturnType<typeof jobsBeside>;
