import type { Checked } from '@huff/contract';
import type { PlanAnswer } from '@huff/core/fix';
import { Piscina } from 'piscina';
import { ProblemError } from '../http/problems';
import { judgeVisit, type Judged, type JudgeWork } from '../visits/judgeVisit';
import type { CheckWork, Sent } from './checkSent';
import {
  checkSent,
  isJpeg,
  makePlans,
  printDocument,
  printLabels,
  type DocumentWork,
  type LabelWork,
  type PlanWork,
} from './heavyWork';

/** What takes long, done beside the requests. */
export interface Beside {
  /**
   * Does something for which only so many may wait: all of it, from the first reading.
   *
   * @throws ProblemError 429 when too many wait already
   */
  inTurn<T>(work: () => Promise<T>): Promise<T>;
  makePlans(work: PlanWork): Promise<PlanAnswer | undefined>;
  isJpeg(bytes: Uint8Array): Promise<boolean>;
  /** For what is large: a check of it here would hold all others up. */
  checkSent<S extends keyof Sent>(work: CheckWork<S>): Promise<Checked<Sent[S]>>;
  /** Nobody waits for it: it yields to everything else. */
  judgeVisit(work: JudgeWork): Promise<Judged>;
  printDocument(work: DocumentWork): Promise<Uint8Array>;
  printLabels(work: LabelWork): Promise<Uint8Array>;
  close(): Promise<void>;
}

/** Plans and documents that may wait at once; anyone who comes later is asked to come again. */
const MOST_PLANS = 8;

const tooMany = () =>
  new ProblemError(429, 'Too much at once', 'Huff is busy. Try again in a few seconds.', {
    retryAfterS: 3,
  });

/** Lets so many wait and sends the others away. */
function turns(most: number): Beside['inTurn'] {
  let waiting = 0;
  return async (work) => {
    if (waiting >= most) throw tooMany();
    waiting += 1;
    try {
      return await work();
    } finally {
      waiting -= 1;
    }
  };
}

/** In this thread, one after the other: for tests. */
export const besideHere = (most = MOST_PLANS): Beside => ({
  inTurn: turns(most),
  makePlans: async (work) => {
    await new Promise<void>((go) => setImmediate(go));
    return makePlans(work);
  },
  isJpeg: (bytes) => Promise.resolve(isJpeg(bytes)),
  checkSent: (work) => Promise.resolve(checkSent(work)),
  judgeVisit: async (work) => {
    await new Promise<void>((go) => setImmediate(go));
    return judgeVisit(work);
  },
  printDocument,
  printLabels,
  close: () => Promise.resolve(),
});

/** Beside this file: bundled beside `main.mjs`, a source under `tsx`. */
const fileOf = (name: string) =>
  new URL(import.meta.url.endsWith('.ts') ? `./${name}.ts` : `./${name}.mjs`, import.meta.url).href;
/** A thread that ends when it has had nothing to do for a while. */
const threadOf = (name: string) =>
  new Piscina<unknown, unknown>({
    filename: fileOf(name),
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 60_000,
    // Most of what it makes is thrown away at once.
    resourceLimits: { maxYoungGenerationSizeMb: 4 },
  });

/** In two threads beside the requests: one for what somebody waits for, one for what nobody does. */
export function besideThread(): Beside {
  const pool = threadOf('heavyWork');
  const quiet = threadOf('quietWork');
  const run = <T>(name: string, work: unknown) => pool.run(work, { name }) as Promise<T>;
  return {
    inTurn: turns(MOST_PLANS),
    makePlans: (work) => run('makePlans', work),
    isJpeg: (bytes) => run('isJpeg', bytes),
    checkSent: (work) => run('checkSent', work),
    printDocument: (work) => run('printDocument', work),
    printLabels: (work) => run('printLabels', work),
    judgeVisit: (work) => quiet.run(work, { name: 'judgeVisit' }) as Promise<Judged>,
    close: async () => {
      await Promise.all([pool.destroy(), quiet.destroy()]);
    },
  };
}
