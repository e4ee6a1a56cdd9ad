import type { Check, CheckContext } from '../checks';
import { classOf, type Repeated } from './suspects';

/**
 * The points that were read at least twice, and alike the last two times.
 *
 * @param checks in the order they were made
 */
export function repeatedAlike(checks: readonly Check[], context: CheckContext): Repeated {
  const last = new Map<string, string | undefined>();
  const repeated = new Set<string>();
  for (const check of checks) {
    const { point } = check;
    const now = classOf(check, context);
    if (now !== undefined && last.get(point) === now) repeated.add(point);
    else repeated.delete(point);
    last.set(point, now);
  }
  return repeated;
}
