import type { Request } from 'express';
import { validate as isUuid } from 'uuid';
import { invalid } from '../http/problems';
import { nameOf } from '../http/servedNames';
import type { Place } from './passkeys';

/** Loaded by the first who uses one. */
export const passkeys = () => import('./passkeys');

export const placeOf = (req: Request): Place => ({
  name: nameOf(req.headers.host ?? '') ?? '',
  origin: req.get('origin') ?? `${req.protocol}://${req.get('host') ?? ''}`,
});

/** What a browser sends back for a challenge. */
export function signedOf(req: Request): { id: string; response: unknown } {
  const { id, response } = (req.body ?? {}) as { id?: unknown; response?: unknown };
  if (typeof id !== 'string' || !isUuid(id)) throw invalid([{ field: 'id', message: 'Send the id of the challenge.' }]);
  return { id, response };
}
