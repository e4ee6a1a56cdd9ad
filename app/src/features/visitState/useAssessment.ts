import type { VisitDto } from '@huff/contract';
import { assess, type Assessment } from '@huff/contract/judge';
import { useMemo } from 'react';
import { useRules } from '../../data/useRules';

export { assess, type Assessment };

/** Everything that can be said of a visit by the shop's rules, computed on the phone from its readings and facts. */
export function useAssessment(visit: VisitDto): Assessment {
  const rules = useRules();
  return useMemo(() => assess(visit, rules), [visit, rules]);
}
