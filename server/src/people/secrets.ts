import { createHash, randomBytes, randomInt } from 'node:crypto';

/** What a browser keeps to be known again: 256 bits that nobody guesses. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** What is kept of a token or a code here: anyone who reads the database comes in by none of them. */
export const keyOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

/** Letters and figures that are not taken for each other, read aloud or in poor light. */
const LETTERS = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';
const CODE_LENGTH = 12;

/** A code that a person can type, 59 bits. @example 'K7QM-2XPR-9DTW' */
export const newCode = (): string =>
  Array.from({ length: CODE_LENGTH }, () => LETTERS[randomInt(LETTERS.length)])
    .join('')
    .replace(/(.{4})(?=.)/g, '$1-');

/** A code as it was made, however it was typed. */
export const codeTyped = (typed: string): string => typed.toUpperCase().replace(/[^0-9A-Z]/g, '');
