import { currentMeasures } from '@huff/core';
import { planNow, type PlanAnswer, type PlanRequest, type SearchProgress } from '@huff/core/fix';
import { proxy, wrap, type Remote } from 'comlink';
import type { planWorker } from '../../../worker/plan.worker';

let worker: Remote<typeof planWorker> | undefined;

const hasWorkers = typeof Worker !== 'undefined';

/** Plans made in a worker, so that the page stays at hand; undefined when it was stopped or another was asked for. */
export async function makePlans(
  request: PlanRequest,
  onProgress: (progress: SearchProgress) => void,
): Promise<PlanAnswer | undefined> {
  if (!hasWorkers) return planNow(request);
  worker ??= wrap<typeof planWorker>(new Worker(new URL('../../../worker/plan.worker', window.location.href)));
  return worker.make(request, proxy(onProgress), currentMeasures());
}

/** Ends the search that runs, if any. */
export function stopPlans(): void {
  void worker?.stop();
}
