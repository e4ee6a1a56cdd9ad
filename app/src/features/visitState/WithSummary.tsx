import type { VisitSummary } from '@huff/contract/spine';
import type { ComponentType, ReactNode } from 'react';
import type { Sending } from '../../data/useOutbox';
import type { ListedVisit } from '../../data/visits';

type Children = (summary: VisitSummary, sending: Sending) => ReactNode;

/** `ComputedSummary`, or the way to it: what judges a visit is not downloaded with the first screen. */
export type Computing = ComponentType<{ readonly id: string; readonly children: Children }>;

interface WithSummaryProps {
  readonly visit: ListedVisit;
  readonly computed: Computing;
  readonly children: Children;
}

/** What a list says of a visit: as the server computed it; what the server does not know yet is computed here. */
export function WithSummary({ visit, computed: Computed, children }: WithSummaryProps) {
  return visit.summary ? children(visit.summary, 'sent') : <Computed id={visit.id}>{children}</Computed>;
}
