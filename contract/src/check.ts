import 'reflect-metadata';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';
import type { FieldError } from './problem';
import { brokenText } from './text';

export type Checked<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly errors: FieldError[] };

function flatten(errors: readonly ValidationError[], path: string): FieldError[] {
  return errors.flatMap((error) => {
    const isIndex = /^\d+$/.test(error.property);
    const field = isIndex ? `${path}[${error.property}]` : path ? `${path}.${error.property}` : error.property;
    const inner = flatten(error.children ?? [], field);
    // A list's own message ("each reading must be complete") says less than the field inside it.
    if (inner.length > 0) return inner;
    const message = Object.values(error.constraints ?? {})[0];
    return message ? [{ field, message }] : [];
  });
}

/**
 * Checks a plain value (a request's body, a form's state) against a contract class.
 *
 * @returns an instance without the properties the class does not know, or every wrong field with what would be right
 */
export function check<T extends object>(Class: ClassConstructor<T>, plain: unknown): Checked<T> {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) {
    return { ok: false, errors: [{ field: '', message: 'Send a JSON object.' }] };
  }
  // Before a class is made of it: what is nested without end would be followed without end.
  const broken = brokenText(plain);
  if (broken) return { ok: false, errors: [broken] };
  const value = plainToInstance(Class, plain);
  const errors = flatten(validateSync(value, { whitelist: true, forbidUnknownValues: true }), '');
  return errors.length > 0 ? { ok: false, errors } : { ok: true, value };
}
