import type { VisitDto } from '@huff/contract';
import { LAYOUTS, type PortId } from '@huff/core';
import type { Assessment } from './useAssessment';

/** The one thing to do next. */
export type NextStep =
  | { readonly kind: 'chooseTable' | 'sayTap' | 'sayTons'; readonly words: string; readonly why: string }
  | { readonly kind: 'read'; readonly port: PortId; readonly words: string; readonly why: string }
  | { readonly kind: 'save'; readonly words: string; readonly why: string };

/** There is always one next step: what is missing for a verdict first, then saving, then what would tell more. */
export function nextStep(visit: VisitDto, { next, counted }: Assessment, saved: boolean): NextStep | undefined {
  const { inletPort, outletPort } = LAYOUTS[visit.layout];
  const boundaryRead = counted.has(inletPort) && counted.has(outletPort);
  const read =
    next &&
    ({ kind: 'read', port: next.port, words: `Next: read ${next.port}`, why: `${next.port}: ${next.why}` } as const);
  if (!visit.table) {
    return { kind: 'chooseTable', words: 'Choose the blower table', why: 'Airflow is read from the maker’s table.' };
  }
  if (!visit.tap)
    return { kind: 'sayTap', words: 'Say the tap in use', why: 'Each tap has a row of its own in the table.' };
  if (!visit.tons) return { kind: 'sayTons', words: 'Say the tons', why: 'The target airflow goes by the tons.' };
  if (!boundaryRead) return read;
  if (!saved)
    return { kind: 'save', words: 'Save this visit', why: next ? `More to tell: ${next.port} ${next.why}` : '' };
  return read;
}
