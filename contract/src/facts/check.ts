import { checkFault, checkPoint } from '@huff/core/call';
import { noteFault, type FactOf } from './factOf';

/** What was read, tried or seen at a point. */
export const check: FactOf = {
  name: ({ point }) => (typeof point === 'string' ? checkPoint(point)?.name : undefined) ?? 'A check',
  fields: ['point', 'value', 'state', 'note'],
  faultOf: (inputs) => checkFault(inputs) ?? noteFault(inputs.note),
  isBeside: true,
  written: ['note'],
};
