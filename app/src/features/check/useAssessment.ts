import type { VisitDto } from '@huff/contract';
import { assess, type Assessment } from '@huff/contract/judge';
import { useMemo } from 'react';

export { assess, type Assessment };

/** Everything that can be said of a visit, computed on the phone from its readings and facts. */
export const useAssessment = (visit: VisitDto): Assessment => useMemo(() => assess(visit), [visit]);
