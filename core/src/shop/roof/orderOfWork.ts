import { TRIAGE_AREAS } from '../../call/triage/effort';
import { cutText } from '../../base/words/plainText';
import { inTriageOrder, triageSum, type TriageItem } from '../../call/triage/triage';
import { hoursNow, type HoursNow } from './neededHours';

/** A unit with what was found at it and is open. */
export interface RoofUnitFound {
  readonly unitId: string;
  readonly name: string;
  readonly found: readonly TriageItem[];
  /** When the customer needs it, "08:00-17:00". */
  readonly neededHours?: string | null;
}

/** One unit in the order of work. */
export interface RoofWork {
  readonly unitId: string;
  readonly name: string;
  /** What is taken first there, in words. */
  readonly words: string;
  readonly minutes: number;
  readonly money: number;
  /** How the customer's hours stand, where they are known. */
  readonly hours?: HoursNow;
}

const AREA_RANK: ReadonlyMap<string, number> = new Map(TRIAGE_AREAS.map(({ id }, i) => [id, i]));
/** How many findings are named of a unit. */
const NAMED = 2;
const MOST_LETTERS = 60;

/** What was found, without what follows from it: its first clause, told to be cut where it is. */
function inShort(words: string): string {
  const [clause = ''] = words.replace(/\.$/, '').split(/, |; |\. (?=\p{Lu})/u);
  const cut = cutText(clause, MOST_LETTERS);
  return cut.length < clause.length ? `${cut}…` : cut;
}

/** How bad a finding is: 0 not safe or stopped, 1 not running or being damaged, 2 all else, 3 to watch (J). */
function severity({ isStop, area, concern }: TriageItem): number {
  if (isStop || area === 'safety' || concern === 'safety') return 0;
  if (area === 'power' || concern === 'damage') return 1;
  return concern === 'watch' ? 3 : 2;
}

/** Free now and needed soonest first, then the ones at any time, then those in use by when they are free. */
function compareHours(a: HoursNow | undefined, b: HoursNow | undefined): number {
  const group = (hours: HoursNow | undefined) => (hours ? (hours.isInUse ? 2 : 0) : 1);
  return group(a) - group(b) || (a?.inMinutes ?? 0) - (b?.inMinutes ?? 0);
}

/**
 * In which order the units of a roof are worked: the worst finding first; within that by the customer's hours, so that what is closed now is
 * done before it opens; then in the trade's order of areas, then the one with most to do.
 *
 * @param minuteOfDay local minutes since midnight, 0 to 1439
 * @returns only units with something open
 */
export function orderOfWork(units: readonly RoofUnitFound[], minuteOfDay: number): readonly RoofWork[] {
  return units
    .flatMap(({ unitId, name, found, neededHours }) => {
      const open = inTriageOrder(found.filter(({ outcome }) => outcome === 'open' || outcome === 'quoted'));
      const [first] = open;
      if (!first) return [];
      // What was only measured is named where nothing else was found: its figures stand in the marks.
      const toDo = open.filter(({ minutes }) => minutes > 0);
      const words = (toDo.length > 0 ? toDo : open)
        .slice(0, NAMED)
        .map((item) => inShort(item.words))
        .join('; ');
      const hours = neededHours ? hoursNow(neededHours, minuteOfDay) : undefined;
      const work: RoofWork = { unitId, name, words, ...triageSum(open), ...(hours && { hours }) };
      return [{ work, severity: Math.min(...open.map(severity)), area: AREA_RANK.get(first.area) ?? 0 }];
    })
    .sort(
      (a, b) =>
        a.severity - b.severity ||
        compareHours(a.work.hours, b.work.hours) ||
        a.area - b.area ||
        b.work.minutes - a.work.minutes,
    )
    .map(({ work }) => work);
}
