import { outcomeOf, type Check, type CheckContext } from '../checks';
import type { PowerCause, Proof } from './cause';
import type { PowerScheme } from './scheme';

function holds({ point, as }: Proof, checks: ReadonlyMap<string, Check>, context: CheckContext): boolean {
  const check = checks.get(point);
  if (!check) return false;
  if (as === 'read') return true;
  if (typeof as !== 'string') return check.state !== undefined && as.includes(check.state);
  const outcome = outcomeOf(check, context);
  return as === 'bad' ? outcome === 'bad' : outcome === 'good' || outcome === 'edge';
}

/**
 * The readings that still have to be taken before a cause may be called found, of those its scheme has; none where it is proved.
 *
 * @returns points, the first to read first; a reading that says otherwise than it would have to is named again
 */
export function unproved(
  { provedBy }: PowerCause,
  { steps, beside }: PowerScheme,
  checks: ReadonlyMap<string, Check>,
  context: CheckContext,
): readonly string[] {
  const has = new Set([...steps, ...beside].map(({ point }) => point));
  return provedBy.flatMap((wanted): string[] => {
    const ways = ('point' in wanted ? [wanted] : wanted).filter(({ point }) => has.has(point));
    if (ways.length === 0 || ways.some((way) => holds(way, checks, context))) return [];
    return [(ways.find(({ point }) => !checks.has(point)) ?? ways[0]!).point];
  });
}
