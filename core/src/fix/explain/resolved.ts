import type { Ranking } from './ranking';

/** (J) A cause over this share is resolved: of what is said at 90 %, one in sixteen is wrong. */
export const RESOLVED_SHARE = 0.95;
/** A cause over this share is still in play. */
const OPEN_SHARE = 0.3;

/**
 * Whether nothing that is likely is left open: each cause that is in play is over 95 %, or the unit is healthy by as much.
 *
 * @example one cause at 0.97 and another at 0.6 is not resolved
 */
export function isResolved({
  causes,
  healthy,
  unexplained,
}: Pick<Ranking, 'causes' | 'healthy' | 'unexplained'>): boolean {
  if (unexplained > 1 - RESOLVED_SHARE) return false;
  if (healthy >= RESOLVED_SHARE) return true;
  const open = causes.filter(({ share }) => share >= OPEN_SHARE);
  return open.length > 0 && open.every(({ share }) => share >= RESOLVED_SHARE);
}
