import { OUTCOME_FORM, OUTCOME_TEXT, type TriageOutcome } from '@huff/core/call';
import { ofForm } from './factOf';

/** What became of something found. */
export const outcome = ofForm(OUTCOME_FORM, {
  name: ({ state }) => `A finding: ${OUTCOME_TEXT[state as TriageOutcome] ?? 'changed'}`,
  isBeside: true,
  written: ['note'],
});
