import type { Operation } from '@huff/contract/spine';
import { fieldLabel } from '@huff/contract/spine';

/** Fields of what is added to a visit. */
const ADDED: Readonly<Record<string, string>> = {
  value: 'Static, in. w.c.',
  takenAt: 'Time',
  savedAt: 'Time',
  item: 'What it shows',
  inputs: 'What was entered',
};

/** What a field of an operation is called. @example a patch of a unit, 'setup.altitudeFt' → 'Altitude, ft' */
export const fieldName = (operation: Operation, path: string): string =>
  operation.kind === 'add' ? (ADDED[path] ?? path) : fieldLabel(operation.of, path);

/** A value in a word or a few; what is longer is named, not shown. */
export function valueText(value: unknown): string {
  if (value === null || value === undefined || value === '') return 'not known';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number' || typeof value === 'string') return String(value);
  if (Array.isArray(value)) return `a list of ${value.length}`;
  const { name, mark, minutes, cost } = value as Record<string, unknown>;
  if (typeof name === 'string') return name;
  if (typeof mark === 'string') return `${mark}, ${String(cost)}`;
  if (typeof minutes === 'number') return `${minutes} min, ${String(cost)}`;
  return 'filled in';
}
