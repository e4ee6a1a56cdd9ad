import { FILTER_MEDIA } from '@huff/core';
import type { UnitParts } from '@huff/core/call';
import type { UnitFactsDto } from './unit';

/** What a unit, as it stands in its record or at a visit, is known to take: filters, belt. */
export function unitPartsOf({ setup }: Pick<UnitFactsDto, 'setup'>): UnitParts {
  const { filterWidthIn: widthIn, filterHeightIn: heightIn } = setup ?? {};
  const first = widthIn && heightIn ? [{ count: setup?.filterCount ?? 1, widthIn, heightIn }] : [];
  const mark = setup?.drive?.beltMark;
  return {
    filters: [...first, ...(setup?.moreFilters ?? [])],
    filterWords: FILTER_MEDIA.find(({ id }) => id === setup?.filterMedia)?.text,
    belt: typeof mark === 'string' ? mark : undefined,
  };
}
