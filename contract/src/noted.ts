import { factOf } from './facts';
import type { VisitDto } from './visit';

/** What people wrote at a visit, as the kinds of facts say: notes, what was agreed, parts, findings in their own words, what was done to a charge. */
export const notedAt = ({ facts = [] }: Pick<VisitDto, 'facts'>): string[] =>
  facts.flatMap(({ kind, inputs }) =>
    (factOf(kind)?.written ?? []).flatMap((id) => {
      const text = inputs[id];
      return typeof text === 'string' && text !== '' ? [text] : [];
    }),
  );
