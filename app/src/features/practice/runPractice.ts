import type { Debrief, DrillKind, Level, TimedAct } from '@huff/core/practice';
import { wrap, type Remote } from 'comlink';
import { practiceSteps } from '../../../worker/practiceSteps';

let worker: Remote<typeof practiceSteps> | undefined;

/** Where practice is computed: in a worker, or on the page where there are none. */
function steps(): Remote<typeof practiceSteps> | typeof practiceSteps {
  if (typeof Worker === 'undefined') return practiceSteps;
  worker ??= wrap<typeof practiceSteps>(new Worker(new URL('../../../worker/practice.worker', window.location.href)));
  return worker;
}

/** Draws a new case that can be solved. */
export const drawCode = async (kind: DrillKind, level: Level): Promise<string> =>
  steps().newCode(kind, level, Math.floor(Math.random() * 2 ** 25));

/** Lets the shortest good path of a case be computed while its drill goes on; without a worker that would hold up the page. */
export function prepareDebrief(code: string): void {
  if (typeof Worker === 'undefined') return;
  // It is computed again with the debrief where it could not be now.
  void Promise.resolve(steps().prepare(code)).catch(() => undefined);
}

/** Computes how a drill went. */
export const computeDebrief = async (code: string, acts: readonly TimedAct[]): Promise<Debrief> =>
  steps().debrief(code, acts);
