import type { Operation } from '@huff/contract/spine';
import { fieldLabel, isListItem, sameValue } from '@huff/contract/spine';

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

/** Entries of the shop's parts and fixes. What is not here is told as it is. */
const ENTRIES: Readonly<Record<string, string>> = {
  name: 'Name',
  kind: 'Kind',
  cost: 'Cost',
  counted: 'Count',
  onTruck: 'On the truck',
  minutes: 'Minutes',
  pitchIn: 'Pitch diameter, in.',
  mostPitchIn: 'Closed, in.',
  turns: 'Turns',
  grooves: 'Grooves',
  fits: 'Fits',
  widthIn: 'Width, in.',
  heightIn: 'Height, in.',
  microfarads: 'Rating, µF',
};

type Item = Readonly<Record<string, unknown>>;
const isItem = (value: unknown): value is Item => typeof value === 'object' && value !== null && !Array.isArray(value);

/** Both values of a field that two changed, each in words: of a part what differs, not all of it. @example ['Cost: 15', 'Cost: 16'] */
export function twoValues(theirs: unknown, yours: unknown): readonly [theirs: string, yours: string] {
  if (!isItem(theirs) || !isItem(yours)) {
    const text = (value: unknown, other: unknown) =>
      value === null && isItem(other) ? 'off the list' : valueText(value);
    return [text(theirs, yours), text(yours, theirs)];
  }
  const differ = Object.keys(ENTRIES).filter((entry) => !sameValue(theirs[entry], yours[entry]));
  if (differ.length === 0) return [valueText(theirs), valueText(yours)];
  const words = (item: Item) => differ.map((entry) => `${ENTRIES[entry]}: ${valueText(item[entry])}`).join(', ');
  return [words(theirs), words(yours)];
}

/** What a field that two changed is called: a part of a list by its own name. @example 'Part: Filter 20 × 25' */
export function disputeName(operation: Operation, path: string, theirs: unknown, yours: unknown): string {
  const label = fieldName(operation, path);
  const name = [theirs, yours]
    .map((value) => (isItem(value) ? value.name : undefined))
    .find((one) => typeof one === 'string');
  return operation.kind !== 'add' && isListItem(operation.of, path) && name !== undefined ? `${label}: ${name}` : label;
}
