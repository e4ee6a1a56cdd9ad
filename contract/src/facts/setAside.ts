import { lineFault } from '@huff/core';
import { LIMITS } from '../limits';
import type { FactOf } from './factOf';

/** A way to the airflow that is not used, with the reason. */
export const setAside: FactOf = {
  name: 'An excluded method',
  fields: ['method', 'reason'],
  faultOf: ({ method, reason }) =>
    lineFault(method, { min: 1, max: 40 }, 'The method')
      ? 'Name the excluded method.'
      : lineFault(reason, LIMITS.noteLength, 'The reason'),
  isBeside: true,
};
