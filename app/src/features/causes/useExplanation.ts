import type { VisitDto } from '@huff/contract';
import { explainVisit } from '@huff/contract/explain';
import { isResolved, nextByExplanation, type ExplainRequest } from '@huff/core/explain';
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { useRules } from '../../data/useRules';
import { useShop } from '../../data/useShop';
import { explanationStore, type VisitExplanation } from './explanationStore';
import { runExplain, stopExplain } from './runExplain';

/** Begun anew by hand, after the search was stopped. */
const again = { listeners: new Set<() => void>() };

/** Stops the search that runs. */
export function stopSearch(): void {
  stopExplain();
  explanationStore.set({ stopped: true, progress: undefined });
}

/** Begins the search anew. */
export const searchAgain = (): void => again.listeners.forEach((begin) => begin());

/** Explains a visit in a worker, anew with each reading; what comes of it is in the store. */
export function useExplaining(visit: VisitDto): void {
  const rules = useRules();
  const { odds } = useShop();
  const asked = useMemo(() => explainVisit(visit, rules, odds), [visit, rules, odds]);
  const why = 'why' in asked ? asked.why : undefined;
  // Each change of a visit makes a new request; one that asks the same is not searched again.
  const key = 'why' in asked ? '' : JSON.stringify(asked);
  const [run, setRun] = useState(0);
  useEffect(() => {
    const begin = () => setRun((n) => n + 1);
    again.listeners.add(begin);
    return () => void again.listeners.delete(begin);
  }, []);
  useEffect(() => () => explanationStore.clear(), [visit.id]);
  useEffect(() => {
    if (key === '') {
      explanationStore.set({ request: undefined, why, answer: undefined, progress: undefined, isCurrent: false });
      return undefined;
    }
    const request = JSON.parse(key) as ExplainRequest;
    let live = true;
    explanationStore.set({ request, why: undefined, progress: 0, stopped: false, isCurrent: false });
    void runExplain(request, ({ done, answer }) => {
      if (!live) return;
      const progress = done < 1 ? done : undefined;
      explanationStore.set(answer ? { answer, progress, isCurrent: true } : { progress });
    }).catch(
      // A worker that could not be had: readings, verdicts and fixes do without it.
      () => live && explanationStore.set({ stopped: true, progress: undefined }),
    );
    return () => {
      live = false;
      stopExplain();
    };
  }, [key, why, run]);
}

/** What explains the readings of the open visit. */
export const useExplained = (): VisitExplanation =>
  useSyncExternalStore(explanationStore.subscribe, explanationStore.get, explanationStore.get);

let lastNext:
  { readonly of: VisitExplanation['answer']; readonly next: ReturnType<typeof nextByExplanation> } | undefined;

/** The reading that would tell most, while something is open; the same object as long as the answer is. */
function nextNow() {
  const { answer, request, isCurrent } = explanationStore.get();
  if (!answer || !request || !isCurrent) return undefined;
  if (lastNext?.of !== answer)
    lastNext = { of: answer, next: isResolved(answer) ? undefined : nextByExplanation(answer.next, request) };
  return lastNext.next;
}

/** The reading that would tell most of what is wrong for its minutes; undefined while that is not known, or nothing is open. */
export const useExplainedNext = () => useSyncExternalStore(explanationStore.subscribe, nextNow, nextNow);
