import { CHECK_POINTS } from './catalogue';
import type { Check } from '../checks/checkPoint';

/**
 * Adds what follows from readings at other points: windings from their pairs, a capacitor from amps and volts. What was said at the point itself
 * stands when it was said after them.
 *
 * @param standing the last check at each point, the earliest made first
 */
export function withTold(standing: ReadonlyMap<string, Check>): ReadonlyMap<string, Check> {
  const order = [...standing.keys()];
  const all = new Map(standing);
  for (const { id, from } of CHECK_POINTS) {
    if (!from || !from.points.some((point) => standing.has(point))) continue;
    const last = Math.max(...from.points.map((point) => order.indexOf(point)));
    if (order.indexOf(id) > last) continue;
    const told = from.tell(standing);
    if (told) all.set(id, { point: id, ...told });
  }
  return all;
}
