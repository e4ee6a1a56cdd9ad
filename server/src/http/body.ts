import { check } from '@huff/contract';
import type { ClassConstructor } from 'class-transformer';
import type { Request } from 'express';
import { validate as isUuid } from 'uuid';
import { invalid, notFound } from './problems';

/** The id in the address. An address with anything else names nothing. */
export function idOf(req: Request, what: string, name = 'id'): string {
  const id = req.params[name];
  if (typeof id !== 'string' || !isUuid(id)) throw notFound(what);
  return id.toLowerCase();
}

/** The body checked against its contract class. @throws ProblemError 422 with what would be right */
export function bodyAs<T extends object>(Class: ClassConstructor<T>, req: Request): T {
  const checked = check(Class, req.body);
  if (!checked.ok) throw invalid(checked.errors);
  return checked.value;
}
