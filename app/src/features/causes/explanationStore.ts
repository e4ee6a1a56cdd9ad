import type { Explanation, ExplainRequest } from '@huff/core/explain';

/** What explains the readings of the visit that is open, as far as it is known. */
export interface VisitExplanation {
  readonly request?: ExplainRequest;
  /** Why nothing can be explained yet. */
  readonly why?: string;
  /** The last answer: while readings come in, that of the readings before stays in sight. */
  readonly answer?: Explanation;
  /** The answer is that of the readings as they are now. */
  readonly isCurrent: boolean;
  /** 0 to 1 while the search runs. */
  readonly progress?: number;
  readonly stopped: boolean;
}

const NOTHING: VisitExplanation = { isCurrent: false, stopped: false };

let now = NOTHING;
const listeners = new Set<() => void>();

/** The one explanation of the open visit: written where it is searched for, read by its step and by what comes next. */
export const explanationStore = {
  get: () => now,
  set: (change: Partial<VisitExplanation>): void => {
    now = { ...now, ...change };
    for (const listener of listeners) listener();
  },
  clear: (): void => {
    now = NOTHING;
    for (const listener of listeners) listener();
  },
  subscribe: (listener: () => void) => {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  },
};
