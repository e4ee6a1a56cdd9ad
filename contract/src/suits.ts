import { ValidateBy } from 'class-validator';

/**
 * A field that suits the rest of its record.
 *
 * @param faultOf what does not suit, in a sentence; the record is as it was sent, so nothing of it may be taken for granted
 */
export const Suits = (faultOf: (record: Record<string, unknown>) => string | undefined) =>
  ValidateBy({
    name: 'suits',
    validator: {
      validate: (_: unknown, args) => faultOf((args?.object ?? {}) as Record<string, unknown>) === undefined,
      defaultMessage: (args) => faultOf((args?.object ?? {}) as Record<string, unknown>) ?? '',
    },
  });
