import type { Rules } from '@huff/core';
import { explainRequest, type ExplainRequest } from '@huff/core/explain';
import { checksOf } from '@huff/core/call';
import type { VisitDto } from './visit';
import { visitFacts, visitRules } from './visitFacts';

/**
 * What a visit asks to have explained, or why nothing can be yet, in a sentence.
 *
 * @param visit the current part of it: before its plan, or after
 */
export function explainVisit(visit: VisitDto, rules: Rules): ExplainRequest | { readonly why: string } {
  return explainRequest(visitFacts(visit), visitRules(visit, rules), {
    complaint: checksOf(visit.facts ?? []).findLast(({ point }) => point === 'complaint')?.state,
    // The same visit gives the same answer, on every phone.
    seed: Number.parseInt(visit.id.slice(0, 8), 16),
  });
}
