import { planRecordFault } from '@huff/core';
import { LIMITS } from '../limits';
import type { FactOf } from './factOf';

/** A decided plan, or one that was taken back. */
export const plan: FactOf = {
  name: ({ withdrawn }) => (withdrawn === true ? 'A withdrawn plan' : 'A decided plan'),
  fields: ['form', 'moves', 'words', 'from', 'promise', 'chance', 'minutes', 'cost', 'cautionsRead', 'withdrawn'],
  faultOf: (inputs) =>
    JSON.stringify(inputs).length > LIMITS.planBytes.max ? 'This plan is too large to save.' : planRecordFault(inputs),
};
