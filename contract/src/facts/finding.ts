import { OWN_FINDING_FORM, ownFindingFaults } from '@huff/core';
import { ofForm } from './factOf';

/** Something found, in the technician's words. */
export const finding = ofForm(
  OWN_FINDING_FORM,
  {
    name: ({ words }) => (typeof words === 'string' ? `Found: ${words}` : 'A finding'),
    isBeside: true,
    written: ['words', 'toDo'],
  },
  ownFindingFaults,
);
