import { applyDecorators } from './applyDecorators';
import { IsISO8601, IsNumber, IsOptional, IsString, IsUUID, Length, Matches, Max, Min } from 'class-validator';
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

/** One line of text with something in it. */
export const LineOfText = (range: { min: number; max: number }, what: string) =>
  applyDecorators(
    Length(range.min, range.max, { message: `${what} must have ${range.min} to ${range.max} characters.` }),
    // eslint-disable-next-line no-control-regex
    Matches(/^[^\u0000-\u001f]*[^\s\u0000-\u001f][^\u0000-\u001f]*$/, { message: `${what} must not be blank.` }),
    // Half of a character that takes two places: nothing can store or show it.
    Matches(/^\P{Cs}*$/u, { message: `${what} holds a broken character. Type it again.` }),
    IsString({ message: `${what} must be text.` }),
  );

/** One line of text that may be left out. */
export const OptionalLine = (range: { min: number; max: number }, what: string) =>
  applyDecorators(LineOfText(range, what), IsOptional());

/** An id made by the client. */
export const Id = (what: string) => IsUUID(undefined, { message: `${what} must be a UUID.` });

/** Date, time and zone as ISO 8601 writes them; no week dates, no offsets that no zone has. */
const MOMENT = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,9})?)?(Z|[+-](0\d|1[0-4]):?[0-5]\d)$/;

/** A moment with its zone. */
export const Moment = (what: string) =>
  applyDecorators(
    Matches(MOMENT, { message: `${what} must be a date and time with its zone.` }),
    IsISO8601({ strict: true }, { message: `${what} must be a date and time with its zone.` }),
  );
