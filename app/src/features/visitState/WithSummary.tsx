import type { VisitSummary } from '@huff/contract/spine';
import type { ReactNode } from 'react';
import type { Sending } from '../../data/useOutbox';
import type { ListedVisit } from '../../data/visits';
import { lazyPart } from '../lazyPage';

interface WithSummaryProps {
  readonly visit: ListedVisit;
  readonly children: (summary: VisitSummary, sending: Sending) => ReactNode;
}

const Computed = lazyPart<{ id: string; children: WithSummaryProps['children'] }>('ComputedSummary');

/** What a list says of a visit: as the server computed it; what the server does not know yet is computed here. */
export function WithSummary({ visit, children }: WithSummaryProps) {
  return visit.summary ? children(visit.summary, 'sent') : <Computed id={visit.id}>{children}</Computed>;
}
