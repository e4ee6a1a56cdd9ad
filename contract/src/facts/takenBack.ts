import type { FactOf } from './factOf';

/** A record that no longer counts; the fact names it. */
export const takenBack: FactOf = {
  name: 'A withdrawn answer',
  fields: [],
  faultOf: () => undefined,
  isBeside: true,
  needsReplaced: 'Name the withdrawn record.',
};
