import { lookItem, type RawInputs } from '@huff/core';
import { noteFault, type FactOf } from './factOf';

const itemOf = ({ item }: RawInputs) => (typeof item === 'string' ? lookItem(item) : undefined);
const textOf = ({ state }: RawInputs) => (typeof state === 'string' ? state : '');

/** What somebody saw at one thing. Earlier facts say in `outcome` what became of it; now that is the fact `outcome`. */
export const look: FactOf = {
  name: (inputs) => {
    const item = itemOf(inputs);
    return `${item?.name ?? 'Look'}: ${item?.states.find(({ id }) => id === inputs.state)?.text ?? textOf(inputs)}`;
  },
  fields: ['item', 'state', 'note', 'outcome'],
  faultOf: (inputs) => {
    const item = itemOf(inputs);
    if (!item) return 'An inspection names what was inspected.';
    const states = item.states.map(({ id }) => id);
    if (!states.some((id) => id === inputs.state)) return `${item.name} is one of ${states.join(', ')}.`;
    const note = noteFault(inputs.note);
    if (note) return note;
    return [undefined, 'dealtWith', 'declined'].includes(inputs.outcome as string | undefined)
      ? undefined
      : 'A finding is dealtWith or declined.';
  },
  isBeside: true,
  written: ['note'],
};
