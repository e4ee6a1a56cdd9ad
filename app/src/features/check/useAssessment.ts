import { visitFacts, visitRules, type VisitDto } from '@huff/contract';
import { assessVisit, DEFAULT_RULES } from '@huff/core';
import { useMemo } from 'react';

/** Everything that can be said of a visit, computed on the phone from its readings and facts. */
export const assess = (visit: VisitDto) => assessVisit(visitFacts(visit), visitRules(visit, DEFAULT_RULES));

export type Assessment = ReturnType<typeof assess>;

export const useAssessment = (visit: VisitDto): Assessment => useMemo(() => assess(visit), [visit]);
