import { partText, type PartSought } from './partSought';
import { fits, leftOf, type PartTaken, type StockedPart } from './stockedPart';

/** What one site needs of one part. */
export interface SiteNeed {
  readonly site: string;
  readonly sought: PartSought;
  readonly count: number;
  /** "Roof 1, Roof 3"; "1 fitted + 1 spare". */
  readonly why: string;
}

/** One line of what is loaded for the visits of some days. */
export interface LoadLine {
  readonly part: string;
  readonly need: number;
  /** Left on the truck; absent while nobody counted, or none is carried. */
  readonly onTruck?: number;
  /** It is carried, and nobody counted it: look before leaving. */
  readonly isUncounted: boolean;
  /** To be bought. */
  readonly short: number;
  /** Each; absent where the shop has no such part in its lists. */
  readonly cost?: number;
  readonly why: readonly string[];
}

/**
 * What the visits of some days need, minus what is on the truck. What several sites need of one part is one line.
 *
 * @param needs of each site
 * @param stock the shop's parts
 * @param taken what was taken at visits, of whatever time
 * @example loadList([{ site: 'Library', sought: { kind: 'belt', mark: 'A48' }, count: 3, why: '1 fitted + 2 spares' }], [], [])[0].short // 3
 */
export function loadList(
  needs: readonly SiteNeed[],
  stock: readonly StockedPart[],
  taken: readonly PartTaken[],
): readonly LoadLine[] {
  const byPart = new Map<string, SiteNeed[]>();
  for (const need of needs) {
    const part = partText(need.sought);
    byPart.set(part, [...(byPart.get(part) ?? []), need]);
  }
  return [...byPart]
    .map(([part, all]): LoadLine => {
      const need = all.reduce((sum, { count }) => sum + count, 0);
      const why = all.map((one) => (one.why === '' ? one.site : `${one.site}: ${one.why}`));
      const fitting = stock.filter((one) => fits(one, all[0]!.sought));
      const carried = fitting.filter((one) => one.onTruck);
      const counts = carried.flatMap((one) => {
        const left = leftOf(
          one.count,
          taken.filter(({ key }) => key === one.key),
        );
        return left === undefined ? [] : [left];
      });
      const isUncounted = carried.length > 0 && counts.length === 0;
      const onTruck = counts.length > 0 ? counts.reduce((sum, left) => sum + left, 0) : undefined;
      const cost = fitting[0]?.cost;
      return {
        part,
        need,
        ...(onTruck === undefined ? {} : { onTruck }),
        isUncounted,
        short: isUncounted ? 0 : Math.max(0, need - (onTruck ?? 0)),
        ...(cost === undefined ? {} : { cost }),
        why,
      };
    })
    .sort((a, b) => a.part.localeCompare(b.part));
}
