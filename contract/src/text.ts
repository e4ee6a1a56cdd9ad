/** What no text may hold: NUL, and half of a character that takes two places. A database can store neither. */
// eslint-disable-next-line no-control-regex
const UNSTORABLE = /[\u0000\p{Cs}]/u;

/** Names that objects have by birth: a program that takes them for fields stumbles. */
const isBorn = (key: string) => key in Object.prototype || key === 'prototype' || key === 'toJSON';

/** Deeper than any record of ours. */
const DEEPEST = 40;

/** The first text in a value that cannot be stored, or a nesting too deep to be one of our records. */
export function brokenText(value: unknown, field = '', depth = 0): { field: string; message: string } | undefined {
  if (depth > DEEPEST) return { field, message: 'This is nested too deep.' };
  if (typeof value === 'string')
    return UNSTORABLE.test(value)
      ? { field, message: 'The text holds a character that cannot be stored. Type it again.' }
      : undefined;
  if (typeof value !== 'object' || value === null) return undefined;
  for (const [key, inner] of Object.entries(value)) {
    if (UNSTORABLE.test(key)) return { field, message: 'The name of a field holds a character that cannot be stored.' };
    if (isBorn(key)) return { field, message: `There is no field named "${key}". Leave it out.` };
    const found = brokenText(inner, field ? `${field}.${key}` : key, depth + 1);
    if (found) return found;
  }
  return undefined;
}
