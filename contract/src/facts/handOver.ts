import { HAND_OVER_FORM, handOverFaults } from '@huff/core';
import { ofForm } from './factOf';

/** What was agreed at the end; the last one counts. */
export const handOver = ofForm(
  HAND_OVER_FORM,
  { name: 'Wrap up', written: ['words', 'returnFor', 'ownerName'] },
  handOverFaults,
);
