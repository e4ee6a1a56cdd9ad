import type { VisitDto } from '@huff/contract';
import { boundaryPorts, type NextMeasure } from '@huff/core';
import type { Assessment } from './useAssessment';

/** The one thing to do next. */
export type NextStep =
  | { readonly kind: 'standsHere' | 'sayTap' | 'sayTons' | 'save'; readonly words: string; readonly why: string }
  | { readonly kind: 'measure'; readonly measure: NextMeasure; readonly words: string; readonly why: string };

const measureStep = (measure: NextMeasure): NextStep => ({
  kind: 'measure',
  measure,
  words: measure.words,
  why: measure.why,
});

/** Nobody has said anything of the unit yet. */
const isBlank = ({ setup, table, tons, unitId }: VisitDto): boolean =>
  !unitId && !table && !tons && !setup?.designCfm && (setup?.unsaid ?? []).length === 2;

/** What only the rules of a visit know: a reading made too early, methods that disagree. */
const isHeld = (next: NextMeasure, unread: boolean) => unread || next.kind === 'airflow' || next.minutes >= 10;

/**
 * There is always one next step: what holds first, then what a verdict lacks, then saving, then what would tell more.
 *
 * @param explained the reading that would tell most of what is wrong, once that is computed
 */
export function nextStep(
  visit: VisitDto,
  { next: byRule, counted, layout }: Assessment,
  saved: boolean,
  explained?: NextMeasure,
): NextStep | undefined {
  const unread = boundaryPorts(layout).some((port) => !counted.has(port));
  const next = explained && byRule && !isHeld(byRule, unread) ? explained : byRule;
  if (byRule?.kind === 'stop' || byRule?.kind === 'question') return measureStep(byRule);
  if (isBlank(visit) && visit.readings.length === 0)
    return {
      kind: 'standsHere',
      words: 'Set up equipment',
      why: 'Pick the equipment by picture, or touch a test port and start measuring.',
    };
  if (visit.table && !visit.tap)
    return { kind: 'sayTap', words: 'Choose the speed', why: 'Each tap has its own row in the table.' };
  if (unread && next) return measureStep(next);
  if (!visit.tons && !visit.setup?.designCfm)
    return { kind: 'sayTons', words: 'Enter the tons', why: 'Tons set the airflow target.' };
  if (!saved && !unread) return { kind: 'save', words: 'Save this visit', why: '' };
  return next && measureStep(next);
}
