import { setMeasures, type Measures } from '@huff/core';
import { plans, type PlanAnswer, type PlanRequest, type SearchProgress } from '@huff/core/fix';
import { expose } from 'comlink';

const breath = () => new Promise<void>((go) => setTimeout(go));
let latest = 0;

/** The search for plans, off the page's thread. A new request, or `stop`, ends the one that runs. */
export const planWorker = {
  /** @param measures what the page's person reads: reasons are written for them */
  async make(
    request: PlanRequest,
    onProgress: (progress: SearchProgress) => void,
    measures: Measures,
  ): Promise<PlanAnswer | undefined> {
    setMeasures(measures);
    const mine = (latest += 1);
    const run = plans(request);
    for (;;) {
      const step = run.next();
      if (step.done) return step.value;
      onProgress(step.value);
      // Between steps it hears whether it should stop.
      await breath();
      if (mine !== latest) return undefined;
    }
  },
  stop(): void {
    latest += 1;
  },
};

expose(planWorker);
