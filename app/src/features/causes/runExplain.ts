import type { ExplainRequest, ExplainStep } from '@huff/core/explain';
import { proxy, wrap, type Remote } from 'comlink';
import { explainSteps } from '../../../worker/explainSteps';

let worker: Remote<typeof explainSteps> | undefined;

const hasWorkers = typeof Worker !== 'undefined';

/** Explains readings in a worker, so that the page stays at hand; each better answer is passed on. Without workers it is done in turns. */
export async function runExplain(request: ExplainRequest, onStep: (step: ExplainStep) => void): Promise<void> {
  if (!hasWorkers) return explainSteps.run(request, onStep);
  worker ??= wrap<typeof explainSteps>(new Worker(new URL('../../../worker/explain.worker', window.location.href)));
  return worker.run(request, proxy(onStep));
}

/** Ends the search that runs, if any. */
export function stopExplain(): void {
  if (hasWorkers) void worker?.stop();
  else explainSteps.stop();
}
