import { summaryOf } from '@huff/contract/judge';
import type { VisitSummary } from '@huff/contract/spine';
import { useMemo, type ReactNode } from 'react';
import type { Sending } from '../../data/useOutbox';
import { useRules } from '../../data/useRules';
import { useVisit, type ListedVisit } from '../../data/visits';

interface WithSummaryProps {
  readonly visit: ListedVisit;
  readonly children: (summary: VisitSummary, sending: Sending) => ReactNode;
}

/** What a list says of a visit: as the server computed it; what the server does not know yet is computed here. */
export function WithSummary({ visit, children }: WithSummaryProps) {
  return visit.summary ? children(visit.summary, 'sent') : <Computed id={visit.id}>{children}</Computed>;
}

function Computed({ id, children }: { readonly id: string; readonly children: WithSummaryProps['children'] }) {
  const { kept } = useVisit(id);
  const record = kept?.record;
  const rules = useRules();
  const summary = useMemo(() => record && summaryOf(record, rules), [record, rules]);
  return kept && summary ? children(summary, kept.sending) : null;
}
