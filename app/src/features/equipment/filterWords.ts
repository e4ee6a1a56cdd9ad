import type { SetupDto } from '@huff/contract';
import { FILTER_MEDIA, shownText } from '@huff/core';

const side = (inches: number) => shownText(inches, 'in', Number.isInteger(inches) ? 0 : 1);
const set = (count: number, widthIn: number, heightIn: number) =>
  `${count > 1 ? `${count} of ` : ''}${side(widthIn)} × ${side(heightIn)}`;

/** "20 × 25, 1 in. MERV 8"; undefined while nothing of them is known. */
export function filterWords(setup: SetupDto | null | undefined): string | undefined {
  const { filterCount, filterWidthIn: w, filterHeightIn: h, moreFilters, filterMedia, filterPlace } = setup ?? {};
  const sizes = [
    ...(w && h ? [set(filterCount ?? 1, w, h)] : []),
    ...(moreFilters ?? []).map(({ count, widthIn, heightIn }) => set(count, widthIn, heightIn)),
  ];
  const media = FILTER_MEDIA.find(({ id }) => id === filterMedia)?.text;
  const place = filterPlace === 'atGrilles' ? 'at the grilles' : filterPlace === 'both' ? 'two in series' : undefined;
  const parts = [sizes.join(' and ') || undefined, media, place].filter(Boolean);
  return parts.length > 0 ? parts.join(', ') : undefined;
}
