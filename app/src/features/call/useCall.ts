import type { VisitDto } from '@huff/contract';
import { assessCallOf } from '@huff/contract/call';
import type { CallAssessment } from '@huff/core/call';
import { useMemo } from 'react';
import { shop } from '../../data/records';
import { useRules } from '../../data/useRules';
import { useCarried } from './useCarried';
import type { Assessment } from '../visitState/useAssessment';

/** Everything that can be said of the rest of the call, computed on the phone. */
export function useCall(visit: VisitDto, assessment: Assessment): CallAssessment {
  const rules = useRules();
  const odds = shop.useList().records[0]?.record.odds;
  const carried = useCarried(visit);
  return useMemo(
    () => assessCallOf(visit, assessment, rules, odds, carried),
    [visit, assessment, rules, odds, carried],
  );
}
