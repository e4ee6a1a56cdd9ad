import type { Assessment } from '../visitState/useAssessment';
import { useWholeVisit } from '../visitState/WholeVisit';
import { FoundList } from './FindingsStep';
import { useCall } from './useCall';

/** The findings that are open, beside another step of a wide screen. */
export function FindingsBeside({ assessment }: { readonly assessment: Assessment }) {
  const { whole } = useWholeVisit();
  const { triage } = useCall(whole, assessment);
  return <FoundList triage={triage.filter(({ outcome }) => outcome === 'open')} />;
}
