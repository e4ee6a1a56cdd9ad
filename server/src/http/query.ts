import { isDay } from '@huff/core';
import type { Request } from 'express';
import { invalid } from './problems';

/** One of a few words in the address; the first of them when it is not said. */
export function oneOf<T extends string>(req: Request, field: string, known: readonly T[]): T {
  const asked = req.query[field];
  if (asked === undefined) return known[0]!;
  const found = known.find((one) => one === asked);
  if (found === undefined) throw invalid([{ field, message: `${field} is one of ${known.join(', ')}.` }]);
  return found;
}

/** A day in the address, as 2026-12-08. */
export function dayOf(req: Request, field: string): string {
  const asked = req.query[field];
  if (typeof asked !== 'string' || !isDay(asked))
    throw invalid([{ field, message: `${field} is a day, as 2026-12-08.` }]);
  return asked;
}
