/** What no text may hold: NUL, and half of a character that takes two places. A database can store neither. */
// eslint-disable-next-line no-control-regex
const UNSTORABLE = /[\u0000\p{Cs}]/u;

/** Names that objects have by birth: a program that takes them for fields stumbles. */
const isBorn = (key: string) => key in Object.prototype || key === 'prototype' || key === 'toJSON';

/** Deeper than any record of ours. */
const DEEPEST = 40;
/** More names than any record of ours has in one object; what checks it takes time with their square. */
export const MOST_NAMES = 300;
/** More values than the largest visit has: 5,000 readings and 5,000 facts with what goes with each. */
const MOST_VALUES = 400_000;

/** What is wrong, and in which field. */
interface Broken {
  readonly field: string;
  readonly message: string;
}

/**
 * What makes a value none of our records, before anything walks it: a text that cannot be stored, a nesting too deep, more names or values
 * than the largest of them has.
 */
export const brokenText = (value: unknown): Broken | undefined => brokenIn(value, '', 0, { values: 0 });

function brokenIn(value: unknown, field: string, depth: number, seen: { values: number }): Broken | undefined {
  seen.values += 1;
  if (seen.values > MOST_VALUES) return { field: '', message: 'This is larger than any record. Send less at a time.' };
  if (depth > DEEPEST) return { field, message: 'This is nested too deep.' };
  if (typeof value === 'string')
    return UNSTORABLE.test(value)
      ? { field, message: 'The text holds a character that cannot be stored. Type it again.' }
      : undefined;
  if (typeof value !== 'object' || value === null) return undefined;
  const entries = Object.entries(value);
  if (!Array.isArray(value) && entries.length > MOST_NAMES)
    return { field, message: `This has ${entries.length} fields; a record has at most ${MOST_NAMES}.` };
  for (const [key, inner] of entries) {
    if (UNSTORABLE.test(key)) return { field, message: 'The name of a field holds a character that cannot be stored.' };
    if (isBorn(key)) return { field, message: `There is no field named "${key}". Leave it out.` };
    const found = brokenIn(inner, field ? `${field}.${key}` : key, depth + 1, seen);
    if (found) return found;
  }
  return undefined;
}
