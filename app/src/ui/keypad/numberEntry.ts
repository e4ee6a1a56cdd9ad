import { toShown, type ToolUnit } from '@huff/core';
import type { Key } from './keypadEntry';

const LONGEST = 8;

/** What stands there after a key: a second point or a ninth character changes nothing. */
export function typed(text: string, key: Key): string {
  if (key === 'back') return text.slice(0, -1);
  if (key === 'sign') return text.startsWith('-') ? text.slice(1) : `-${text}`;
  const bare = text.replace('-', '');
  if (bare.length >= LONGEST || (key === '.' && bare.includes('.'))) return text;
  const sign = text.startsWith('-') ? '-' : '';
  if (key === '.' && bare === '') return `${sign}0.`;
  return sign + (bare === '0' && key !== '.' ? key : bare + key);
}

/** The number that stands there; undefined while there is none. */
export function numberIn(text: string): number | undefined {
  const value = Number(text);
  return text === '' || text === '-' || !Number.isFinite(value) ? undefined : value;
}

/** A stored figure as it is typed: without noise of the conversion. */
export const typedText = (value: number | null | undefined, unit: ToolUnit): string =>
  value === null || value === undefined ? '' : String(Number(toShown(value, unit).toPrecision(7)));
