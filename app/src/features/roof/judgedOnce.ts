import { summaryOf, type VisitDto } from '@huff/contract';
import { rememberedOf } from '@huff/contract/call';
import type { ShopDto } from '@huff/contract/fix';
import type { VisitSummary } from '@huff/contract/spine';
import type { Rules } from '@huff/core';
import type { KeptItem } from '@huff/core/call';

/** By what a visit is judged beside itself. */
export interface JudgedBy {
  readonly rules: Rules;
  readonly odds: ShopDto['odds'];
  readonly earlier: readonly KeptItem[];
}

/** Of a visit nothing but its head is ever changed; what is added is counted. */
const markOf = ({ readings, facts = [], ...head }: VisitDto) =>
  JSON.stringify([head, readings.length, readings.at(-1)?.id, facts.length, facts.at(-1)?.id]);

/** Judges the visits of a round, each once until something of it changes: a mark on one unit must not judge sixty. */
export function judgedOnce() {
  const judged = new Map<string, { readonly mark: string; readonly by: JudgedBy; readonly summary: VisitSummary }>();
  return (visit: VisitDto, by: JudgedBy): VisitSummary => {
    const [before, mark] = [judged.get(visit.id), markOf(visit)];
    const isSame =
      before?.mark === mark &&
      before.by.rules === by.rules &&
      before.by.odds === by.odds &&
      JSON.stringify(before.by.earlier) === JSON.stringify(by.earlier);
    if (isSame) return before.summary;
    const summary = { ...summaryOf(visit, by.rules), ...rememberedOf(visit, by) };
    judged.set(visit.id, { mark, by, summary });
    return summary;
  };
}
