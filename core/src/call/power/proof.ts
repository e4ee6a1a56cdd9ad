import { outcomeOf } from '../points';
import type { Check, CheckContext } from '../checks';
import { isBad, isGood, type PowerCause, type Proof } from '../electrical/cause';
import type { PowerScheme } from '../electrical/scheme';
import { firstBad } from './suspects';

function holds({ point, as }: Proof, checks: ReadonlyMap<string, Check>, context: CheckContext): boolean {
  const check = checks.get(point);
  if (!check) return false;
  if (as === 'read') return true;
  if (typeof as !== 'string') return check.state !== undefined && as.includes(check.state);
  const outcome = outcomeOf(check, context);
  return as === 'bad' ? outcome === 'bad' : outcome === 'good' || outcome === 'edge';
}

/** That the way of power stops at a cause, or comes to the motor where the cause lies behind it. */
function wayProof({ id, isSeenItself }: PowerCause, scheme: PowerScheme): readonly (Proof | readonly Proof[])[] {
  if (isSeenItself) return [];
  const first = firstBad(scheme, id);
  if (first.length > 0) return [first.map(isBad)];
  const way = scheme.steps.filter(({ lane }) => lane !== 'self');
  const fed = new Set(way.flatMap(({ from }) => from));
  return way.filter(({ point }) => !fed.has(point)).map(({ point }) => isGood(point));
}

/**
 * The readings that still have to be taken before a cause may be called found, of those its scheme has; none where it is proved.
 *
 * @returns points, the first to read first; a reading that says otherwise than it would have to is named again
 */
export function unproved(
  cause: PowerCause,
  scheme: PowerScheme,
  checks: ReadonlyMap<string, Check>,
  context: CheckContext,
): readonly string[] {
  const { provedBy } = cause;
  const { steps, beside } = scheme;
  const has = new Set([...steps, ...beside].map(({ point }) => point));
  return [...provedBy, ...wayProof(cause, scheme)].flatMap((wanted): string[] => {
    const ways = ('point' in wanted ? [wanted] : wanted).filter(({ point }) => has.has(point));
    if (ways.length === 0 || ways.some((way) => holds(way, checks, context))) return [];
    return [(ways.find(({ point }) => !checks.has(point)) ?? ways[0]!).point];
  });
}
