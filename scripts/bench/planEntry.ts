import { US_MEASURES } from '@huff/core';
import { proxy, wrap, type Remote } from 'comlink';
import type { PlanRequest } from '@huff/core/fix';
import type { planWorker } from '../../app/worker/plan.worker';

declare global {
  interface Window {
    huffPlan: (request: PlanRequest) => Promise<{ milliseconds: number; frames: number[]; evaluated: number }>;
  }
}

const worker: Remote<typeof planWorker> = wrap(new Worker('/plan.worker.js'));

/** Plans in the worker while the page draws at every frame: how long it takes, and the time of each frame, ms. */
window.huffPlan = async (request) => {
  const frames: number[] = [];
  let last = performance.now();
  let running = true;
  const draw = (now: number) => {
    frames.push(now - last);
    last = now;
    document.body.style.transform = `translateX(${frames.length % 2}px)`;
    if (running) requestAnimationFrame(draw);
  };
  requestAnimationFrame(draw);
  const begin = performance.now();
  const answer = await worker.make(
    request,
    proxy(() => undefined),
    US_MEASURES,
  );
  const milliseconds = performance.now() - begin;
  running = false;
  return { milliseconds, frames: frames.slice(2), evaluated: answer?.evaluated ?? 0 };
};
