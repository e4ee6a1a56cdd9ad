import { applyDecorators } from './applyDecorators';
import { lineFault, plainText } from '@huff/core';
import { Transform, Type, type ClassConstructor } from 'class-transformer';
import { IsNumber, IsObject, IsOptional, IsUUID, Max, Min, ValidateBy, ValidateNested } from 'class-validator';
import { between } from './limits';

/** A finite number in a range. The type check stands nearest to the field, so that its message is the first shown. */
export const NumberIn = (range: { min: number; max: number }, what: string, unit = '') => {
  const message = `${what} must be ${between(range)}${unit && ` ${unit}`}.`.replace('..', '.');
  return applyDecorators(
    Max(range.max, { message }),
    Min(range.min, { message }),
    IsNumber({ allowNaN: false, allowInfinity: false }, { message: `${what} must be a number.` }),
  );
};

/** One line of text with something in it: kept without spaces at its ends, composed, as a person counts its characters. */
export const LineOfText = (range: { min: number; max: number }, what: string) =>
  applyDecorators(
    ValidateBy({
      name: 'lineOfText',
      validator: {
        validate: (value: unknown) => lineFault(value, range, what) === undefined,
        defaultMessage: (args) => lineFault(args?.value, range, what) ?? '',
      },
    }),
    Transform(({ value }: { value: unknown }) => (typeof value === 'string' ? plainText(value) : value)),
  );

/** One line of text that may be left out. */
export const OptionalLine = (range: { min: number; max: number }, what: string) =>
  applyDecorators(LineOfText(range, what), IsOptional());

/** An id made by the client. */
export const Id = (what: string) => IsUUID(undefined, { message: `${what} must be a UUID.` });

/** Date, time and zone as ISO 8601 writes them; no week dates, no offsets that no zone has. */
const MOMENT = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,9})?)?(Z|[+-](0\d|1[0-3]):?[0-5]\d|[+-]14:?00)$/;

/** Years of four digits, in any zone: dates beyond are written otherwise. */
const FIRST_MS = Date.UTC(1970, 0, 1);
const LAST_MS = Date.UTC(10_000, 0, 1);

/** A day that its month does not have is no moment: the 30th of February is read as one in March. */
export function isMoment(value: unknown): value is string {
  if (typeof value !== 'string' || !MOMENT.test(value)) return false;
  const ms = Date.parse(value);
  const day = Number(value.slice(8, 10));
  const daysInMonth = new Date(Date.UTC(Number(value.slice(0, 4)), Number(value.slice(5, 7)), 0)).getUTCDate();
  return ms >= FIRST_MS && ms < LAST_MS && day <= daysInMonth;
}

/** A moment with its zone. */
export const Moment = (what: string) =>
  ValidateBy({
    name: 'moment',
    validator: {
      validate: isMoment,
      defaultMessage: () => `${what} must be a date and time with its zone, in the years 1970 to 9999.`,
    },
  });

const nested = new Map<unknown, Map<PropertyKey, () => ClassConstructor<object>>>();

/** Remembers of which class a field is: for whoever writes the classes down as schemas. */
const Remembered =
  (classOf: () => ClassConstructor<object>): PropertyDecorator =>
  (target, property) => {
    const fields = nested.get(target.constructor) ?? new Map<PropertyKey, () => ClassConstructor<object>>();
    nested.set(target.constructor, fields.set(property, classOf));
  };

/** The class of the records within a field, in a class or one that it extends; undefined where it holds none. */
export function nestedClass(owner: unknown, field: PropertyKey): (() => ClassConstructor<object>) | undefined {
  for (let at: unknown = owner; typeof at === 'function'; at = Object.getPrototypeOf(at)) {
    const found = nested.get(at)?.get(field);
    if (found) return found;
  }
  return undefined;
}

/** A list of records; a list within the list is none. */
export const EachNested = (classOf: () => ClassConstructor<object>, message: string) =>
  applyDecorators(
    ValidateNested({ each: true, message }),
    IsObject({ each: true, message }),
    Type(() => classOf()),
    Remembered(classOf),
  );

/** A record within a record; a list is none. */
export const Nested = (classOf: () => ClassConstructor<object>, message: string) =>
  applyDecorators(
    ValidateNested({ message }),
    IsObject({ message }),
    Type(() => classOf()),
    Remembered(classOf),
  );
