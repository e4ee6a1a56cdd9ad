import { assess, type Assessment, type PartedVisit } from '@huff/contract';
import { proofOf, type Proof } from '@huff/core/fix';
import { useMemo } from 'react';
import { useRules } from '../../data/useRules';

export interface ProofOfVisit {
  readonly proof: Proof;
  readonly before: Assessment;
  readonly after: Assessment;
}

/** What was promised against what was read since; undefined before there is a plan. */
export function useProof({ plan, before, after }: PartedVisit): ProofOfVisit | undefined {
  const rules = useRules();
  return useMemo(() => {
    if (!plan || !after) return undefined;
    const [was, is] = [assess(before, rules), assess(after, rules)];
    return { proof: proofOf(plan.record, was, is), before: was, after: is };
  }, [plan, before, after, rules]);
}
