import type { PlanAnswer, PlanRequest } from '@huff/core/fix';
import { useCallback, useEffect, useState } from 'react';
import { makePlans, stopPlans } from './makePlans';

export interface ReadyPlans {
  readonly answer?: PlanAnswer;
  /** 0 to 1 while the search runs. */
  readonly progress?: number;
  readonly stopped: boolean;
  readonly stop: () => void;
  readonly again: () => void;
}

interface Standing {
  readonly of: PlanRequest;
  readonly run: number;
  readonly answer?: PlanAnswer;
  readonly progress: number;
  readonly stopped: boolean;
}

/** The three ready plans of a request, searched in a worker: it shows how far it is and can be stopped. */
export function useReadyPlans(request: PlanRequest | undefined): ReadyPlans {
  const [run, setRun] = useState(0);
  const [standing, setStanding] = useState<Standing>();
  useEffect(() => {
    if (!request) return undefined;
    let live = true;
    const begin: Standing = { of: request, run, progress: 0, stopped: false };
    void makePlans(request, ({ done, total }) => {
      if (live) setStanding({ ...begin, progress: done / total });
    }).then(
      (answer) => {
        if (live && answer) setStanding({ ...begin, answer, progress: 1 });
      },
      // A worker that could not be had: the moves can still be weighed one by one.
      () => live && setStanding({ ...begin, stopped: true }),
    );
    return () => {
      live = false;
      stopPlans();
    };
  }, [request, run]);
  const stop = useCallback(() => {
    stopPlans();
    if (request) setStanding({ of: request, run, progress: 0, stopped: true });
  }, [request, run]);
  const again = useCallback(() => setRun((n) => n + 1), []);
  const mine = standing && standing.of === request && standing.run === run ? standing : undefined;
  const stopped = mine?.stopped ?? false;
  return {
    answer: mine?.answer,
    progress: request && !mine?.answer && !stopped ? (mine?.progress ?? 0) : undefined,
    stopped,
    stop,
    again,
  };
}
