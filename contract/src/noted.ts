import type { VisitDto } from './visit';

const textIn = (value: unknown): string[] => (typeof value === 'string' && value !== '' ? [value] : []);

/** What people wrote at a visit: notes, what was agreed and with whom, the parts that were used, findings in their own words, what was done to a charge. */
export const notedAt = ({ facts = [] }: Pick<VisitDto, 'facts'>): string[] =>
  facts.flatMap(({ kind, inputs }) => [
    ...textIn(inputs.note),
    ...(kind === 'handOver' ? [...textIn(inputs.words), ...textIn(inputs.returnFor), ...textIn(inputs.ownerName)] : []),
    ...(kind === 'part' ? textIn(inputs.name) : []),
    ...(kind === 'finding' ? [...textIn(inputs.words), ...textIn(inputs.toDo)] : []),
    ...(kind === 'charge' ? [...textIn(inputs.cylinder), ...textIn(inputs.where)] : []),
  ]);
