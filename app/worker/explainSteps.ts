import { explain, type ExplainRequest, type ExplainStep } from '@huff/core/explain';

const breath = () => new Promise<void>((go) => setTimeout(go));
/** Between two looks at what was asked meanwhile, ms. */
const TURN_MS = 40;
let latest = 0;

/** The search for causes in turns, so that it can be stopped. A new request, or `stop`, ends the one that runs. */
export const explainSteps = {
  /** @param onStep hears how far it is, and each answer as it gets better */
  async run(request: ExplainRequest, onStep: (step: ExplainStep) => void): Promise<void> {
    const mine = (latest += 1);
    let from = performance.now();
    for (const step of explain(request)) {
      const now = performance.now();
      if (!step.answer && now - from < TURN_MS) continue;
      from = now;
      onStep(step);
      await breath();
      if (mine !== latest) return;
    }
  },
  stop(): void {
    latest += 1;
  },
};
