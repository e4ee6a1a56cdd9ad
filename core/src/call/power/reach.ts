import { outcomeOf } from '../points';
import type { Check, CheckContext, CheckOutcome } from '../checks';
import type { PowerScheme } from '../electrical/scheme';

/** How far power was shown to come: what was read at each point of the way. */
export type PointStand = CheckOutcome | 'untested' | 'implied';

/**
 * What stands at each point of the way of power. A good reading shows that everything before it is good; where a point is bad and all before it is
 * good, power stops.
 *
 * @returns the stand of each point by its id, and the point where power stops
 */
export function powerReach(
  scheme: PowerScheme,
  checks: ReadonlyMap<string, Check>,
  context: CheckContext,
): { readonly stand: ReadonlyMap<string, PointStand>; readonly stopsAt?: string } {
  const stand = new Map<string, PointStand>(
    scheme.steps.map(({ point }) => {
      const check = checks.get(point);
      return [point, (check && outcomeOf(check, context)) ?? 'untested'];
    }),
  );
  const shown = (point: string) => stand.get(point) === 'good' || stand.get(point) === 'edge';
  // From the wheel back: what a good reading needed is good as well.
  for (const { point, from } of [...scheme.steps].reverse())
    if (shown(point) || stand.get(point) === 'implied')
      for (const up of from) if (stand.get(up) === 'untested') stand.set(up, 'implied');
  const stop = scheme.steps.find(
    ({ point, from, lane }) =>
      lane !== 'self' && stand.get(point) === 'bad' && from.every((up) => shown(up) || stand.get(up) === 'implied'),
  );
  return { stand, stopsAt: stop?.point };
}
