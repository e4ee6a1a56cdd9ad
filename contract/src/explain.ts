import type { Rules } from '@huff/core';
import { explainRequest, type ExplainRequest } from '@huff/core/explain';
import { checksOf } from '@huff/core/call';
import type { ShopDto } from './shop';
import type { VisitDto } from './visit';
import { visitFacts, visitRules } from './visitFacts';

/**
 * What a visit asks to have explained, or why nothing can be yet, in a sentence.
 *
 * @param visit the current part of it: before its plan, or after
 * @param odds how often the shop meets each cause, where it says so
 */
export function explainVisit(
  visit: VisitDto,
  rules: Rules,
  odds?: ShopDto['odds'],
): ExplainRequest | { readonly why: string } {
  return explainRequest(visitFacts(visit), visitRules(visit, rules), {
    complaint: checksOf(visit.facts ?? []).findLast(({ point }) => point === 'complaint')?.state,
    // The same visit gives the same answer, on every phone.
    odds: odds
      ? Object.fromEntries(Object.entries(odds).flatMap(([id, often]) => (often === null ? [] : [[id, often]])))
      : undefined,
    seed: Number.parseInt(visit.id.slice(0, 8), 16),
  });
}
