import { applyDecorators } from './applyDecorators';
import { IsISO8601, IsNumber, IsString, IsUUID, Length, Matches, Max, Min } from 'class-validator';
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
    IsString({ message: `${what} must be text.` }),
  );

/** An id made by the client. */
export const Id = (what: string) => IsUUID(undefined, { message: `${what} must be a UUID.` });

/** A moment with its zone. */
export const Moment = (what: string) =>
  applyDecorators(
    Matches(/T.*(Z|[+-]\d\d:?\d\d)$/, { message: `${what} must be a date and time with its zone.` }),
    IsISO8601({ strict: true }, { message: `${what} must be a date and time with its zone.` }),
  );
