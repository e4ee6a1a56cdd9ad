import { keptText, type KeptText, readKept } from '../../base/words';
import { outcomeOf } from '../points';
import type { Check, CheckContext } from '../checks';
import { lookItem, type Look } from '../../judge/look';
import type { TriageItem } from '../triage/triage';

/** A finding that was not settled at an earlier visit. */
export interface CarriedItem extends TriageItem {
  /** When it was found first. */
  readonly since: string;
}

/** The same as it is stored: its words keep their figures, for whoever reads them. */
export interface KeptItem extends Omit<CarriedItem, 'words' | 'toDo' | 'evidence'> {
  readonly words: KeptText;
  readonly toDo?: KeptText;
  readonly evidence?: readonly KeptText[];
}

/** A finding as it is stored. Its words were made by `keepFigures`. */
export const keptItem = ({ words, toDo, evidence, ...item }: CarriedItem): KeptItem => ({
  ...item,
  words: keptText(words),
  ...(toDo !== undefined && { toDo: keptText(toDo) }),
  ...(evidence && { evidence: evidence.map(keptText) }),
});

/** A stored finding in the units of whoever reads it. */
export const readItem = ({ words, toDo, evidence, ...item }: KeptItem): CarriedItem => ({
  ...item,
  words: readKept(words),
  ...(toDo !== undefined && { toDo: readKept(toDo) }),
  ...(evidence && { evidence: evidence.map(readKept) }),
});

/** What was looked at and read since. */
export interface SeenNow {
  readonly looks: ReadonlyMap<string, Look>;
  readonly checks: ReadonlyMap<string, Check>;
  readonly context: CheckContext;
  /** What was measured at this visit, as `measuredBy` of items names it. */
  readonly measured: ReadonlySet<string>;
}

const CHECK_ID = /^check-(.+)$/;

/** Whether an earlier finding was looked at, tried or measured again, and is gone. */
function isGone({ id, look, measuredBy }: TriageItem, { looks, checks, context, measured }: SeenNow): boolean {
  if (measuredBy !== undefined) return measured.has(measuredBy);
  if (look !== undefined) {
    const now = looks.get(look);
    return now !== undefined && !lookItem(look)?.states.find((state) => state.id === now.state)?.finding;
  }
  const check = checks.get(CHECK_ID.exec(id)?.[1] ?? '');
  return check !== undefined && outcomeOf(check, context) === 'good';
}

/**
 * What of earlier visits still stands: neither dealt with, nor found again here, nor looked at or measured again and gone. What nobody looked at since
 * stands: silence fixes nothing.
 *
 * @param earlier what the visit before left, its own and what it carried
 * @param now what this visit found
 */
export function carriedOver(
  earlier: readonly CarriedItem[],
  now: readonly TriageItem[],
  seen: SeenNow,
): readonly CarriedItem[] {
  const found = new Set(now.map(({ id }) => id));
  return earlier.filter((item) => item.outcome !== 'dealtWith' && !found.has(item.id) && !isGone(item, seen));
}

/** What became of a finding at an earlier visit, for one that is found again: a quote stands until it is taken or changed. */
export function outcomeBefore(earlier: readonly CarriedItem[], id: string): Partial<CarriedItem> | undefined {
  const before = earlier.find((item) => item.id === id);
  if (!before || before.outcome === 'dealtWith') return undefined;
  const { outcome, quoted, since } = before;
  return { outcome, since, ...(quoted !== undefined && { quoted }) };
}
