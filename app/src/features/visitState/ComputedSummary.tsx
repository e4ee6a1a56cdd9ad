import { summaryOf } from '@huff/contract/judge';
import type { VisitSummary } from '@huff/contract/spine';
import { useMemo, type ReactNode } from 'react';
import type { Sending } from '../../data/useOutbox';
import { useRules } from '../../data/useRules';
import { useVisit } from '../../data/visits';

interface ComputedSummaryProps {
  readonly id: string;
  readonly children: (summary: VisitSummary, sending: Sending) => ReactNode;
}

/** What a list says of a visit that the server does not know yet: judged here. It comes with the other pages. */
export function ComputedSummary({ id, children }: ComputedSummaryProps) {
  const { kept } = useVisit(id);
  const record = kept?.record;
  const rules = useRules();
  const summary = useMemo(() => record && summaryOf(record, rules), [record, rules]);
  return kept && summary ? children(summary, kept.sending) : null;
}
