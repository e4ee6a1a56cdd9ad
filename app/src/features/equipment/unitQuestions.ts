import type { UnitFactsDto } from '@huff/contract';
import { staticWords, tonsText, type LayoutId } from '@huff/core';

/** (J) No plate of this field says more, in. w.c. */
const MOST_USUAL_PLATE_IN_WC = 2;
/** (J) What is larger is no residential unit. */
const MOST_RESIDENTIAL_TONS = 6;
const RESIDENTIAL: Readonly<Partial<Record<LayoutId, string>>> = {
  airHandler: 'an air handler',
  furnaceCasedCoil: 'a furnace',
};

/**
 * What looks wrong with a number that is typed of a unit: asked, never refused.
 *
 * @param id the number's id
 */
export function unitQuestion(id: string, value: number, { layout }: UnitFactsDto): string | undefined {
  if (id === 'maxTespInWc' && value >= MOST_USUAL_PLATE_IN_WC)
    return `${staticWords(value)} is more than any nameplate allows. ${staticWords(value / 10)}?`;
  const what = RESIDENTIAL[layout];
  if (id !== 'tons' || value <= MOST_RESIDENTIAL_TONS || !what) return undefined;
  const meant = value >= 12 ? ` ${tonsText(value / 10)}?` : '';
  return `${tonsText(value)} tons on ${what}? That size is a packaged unit.${meant}`;
}
