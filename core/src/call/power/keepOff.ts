import { checkPoint } from '../points';
import type { Check } from '../checks';
import type { Stop } from '../stop';

/** Points that show a winding or lead to ground. */
const GROUNDED = ['windings', 'windingGround', 'moduleWindings', 'moduleGround'] as const;
const GROUNDED_OUTDOORS = ['compWindings'] as const;
const GROUND_STATES: readonly (string | undefined)[] = ['ground', 'reads'];

const isGrounded = (checks: ReadonlyMap<string, Check>, points: readonly string[]) =>
  points.some((point) => GROUND_STATES.includes(checks.get(point)?.state));

/**
 * Why the circuit stays off: nothing that needs power is offered then, only what is read dead or looked at.
 *
 * @returns a sentence; undefined where nothing keeps it off
 * @example keepOff(new Map([['windings', { point: 'windings', state: 'ground' }]])) // 'Keep the power off: …'
 */
export function keepOff(checks: ReadonlyMap<string, Check>, stop?: Stop, isOutdoors = false): string | undefined {
  if (isOutdoors)
    return isGrounded(checks, GROUNDED_OUTDOORS)
      ? 'Keep the outdoor unit off: the compressor is grounded. Do not close the breaker on it.'
      : undefined;
  if (stop?.keepsOff) return `Keep the power off. ${stop.why} Next tests: power off only.`;
  if (isGrounded(checks, GROUNDED)) return 'Keep the power off: a winding is grounded. Do not close the breaker on it.';
  return undefined;
}

/** Whether a point is read or tried with power. */
export const needsPower = (id: string): boolean => ['live', 'running'].includes(checkPoint(id)?.power ?? '');
