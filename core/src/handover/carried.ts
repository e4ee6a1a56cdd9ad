import { outcomeOf, type Check, type CheckContext } from '../checks';
import type { Look } from '../look';
import { lookItem } from '../look';
import type { TriageItem } from '../triage/triage';

/** A finding that was not settled at an earlier visit. */
export interface CarriedItem extends TriageItem {
  /** When it was found first. */
  readonly since: string;
}

/** What was looked at and read since. */
export interface SeenNow {
  readonly looks: ReadonlyMap<string, Look>;
  readonly checks: ReadonlyMap<string, Check>;
  readonly context: CheckContext;
}

const CHECK_ID = /^check-(.+)$/;
/** Findings that every visit measures anew: an old figure is not carried beside a new one. */
const MEASURED_ANEW = /^(air-|cause-|circuit-|heat-|building-|ampsC|ampsH|kit-|makeUp-)/;

/** Whether an earlier finding was looked at again and is gone. */
function isGone({ id, look }: TriageItem, { looks, checks, context }: SeenNow): boolean {
  if (look !== undefined) {
    const now = looks.get(look);
    return now !== undefined && !lookItem(look)?.states.find((state) => state.id === now.state)?.finding;
  }
  const check = checks.get(CHECK_ID.exec(id)?.[1] ?? '');
  return check !== undefined && outcomeOf(check, context) === 'good';
}

/**
 * What of earlier visits still stands: neither dealt with, nor found again here, nor looked at and gone.
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
  return earlier.filter(
    (item) =>
      item.outcome !== 'dealtWith' && !MEASURED_ANEW.test(item.id) && !found.has(item.id) && !isGone(item, seen),
  );
}
