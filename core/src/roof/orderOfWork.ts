import { TRIAGE_AREAS } from '../triage/effort';
import { cutText } from '../words/plainText';
import { inTriageOrder, triageSum, type TriageItem } from '../triage/triage';

/** A unit with what was found at it and is open. */
export interface RoofUnitFound {
  readonly unitId: string;
  readonly name: string;
  readonly found: readonly TriageItem[];
}

/** One unit in the order of work. */
export interface RoofWork {
  readonly unitId: string;
  readonly name: string;
  /** What is taken first there, in words. */
  readonly words: string;
  readonly minutes: number;
  readonly money: number;
}

const RANK: ReadonlyMap<string, number> = new Map(TRIAGE_AREAS.map(({ id }, i) => [id, i]));
/** How many findings are named of a unit. */
const NAMED = 2;
const MOST_LETTERS = 60;

/** What was found, without what follows from it: its first clause, told to be cut where it is. */
function inShort(words: string): string {
  const [clause = ''] = words.replace(/\.$/, '').split(/, |; |\. (?=\p{Lu})/u);
  const cut = cutText(clause, MOST_LETTERS);
  return cut.length < clause.length ? `${cut}…` : cut;
}

/**
 * In which order the units of a roof are worked: the one whose worst finding is taken first in the trade's order, then the one with most to do.
 *
 * @returns only units with something open
 */
export function orderOfWork(units: readonly RoofUnitFound[]): readonly RoofWork[] {
  return units
    .flatMap(({ unitId, name, found }) => {
      const open = inTriageOrder(found.filter(({ outcome }) => outcome === 'open' || outcome === 'quoted'));
      const [first] = open;
      if (!first) return [];
      // What was only measured is named where nothing else was found: its figures stand in the marks.
      const toDo = open.filter(({ minutes }) => minutes > 0);
      const words = (toDo.length > 0 ? toDo : open)
        .slice(0, NAMED)
        .map((item) => inShort(item.words))
        .join('; ');
      return [{ unitId, name, words, ...triageSum(open), rank: RANK.get(first.area) ?? 0 }];
    })
    .sort((a, b) => a.rank - b.rank || b.minutes - a.minutes)
    .map(({ unitId, name, words, minutes, money }) => ({ unitId, name, words, minutes, money }));
}
