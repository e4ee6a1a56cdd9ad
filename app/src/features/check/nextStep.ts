import type { VisitDto } from '@huff/contract';
import { boundaryPorts, type NextMeasure } from '@huff/core';
import type { Assessment } from './useAssessment';

/** The one thing to do next. */
export type NextStep =
  | { readonly kind: 'chooseTable' | 'sayTap' | 'sayTons' | 'save'; readonly words: string; readonly why: string }
  | { readonly kind: 'measure'; readonly measure: NextMeasure; readonly words: string; readonly why: string };

const measureStep = (measure: NextMeasure): NextStep => ({
  kind: 'measure',
  measure,
  words: measure.words,
  why: measure.why,
});

/** There is always one next step: what holds first, then what a verdict lacks, then saving, then what would tell more. */
export function nextStep(visit: VisitDto, { next, counted, layout }: Assessment, saved: boolean): NextStep | undefined {
  if (next?.kind === 'hold') return measureStep(next);
  const unread = boundaryPorts(layout).some((port) => !counted.has(port));
  // Without a table one goes on once the statics are read: other methods and a usual curve still help.
  if (!visit.table && unread) {
    return { kind: 'chooseTable', words: 'Choose the blower table', why: 'Airflow is read from the maker’s table.' };
  }
  if (visit.table && !visit.tap) {
    return { kind: 'sayTap', words: 'Say the tap in use', why: 'Each tap has a row of its own in the table.' };
  }
  if (!visit.tons && !visit.setup?.designCfm)
    return { kind: 'sayTons', words: 'Say the tons', why: 'The target airflow goes by the tons.' };
  if (!saved && !unread) return { kind: 'save', words: 'Save this visit', why: '' };
  return next && measureStep(next);
}
