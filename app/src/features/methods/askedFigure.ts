import type { ListField, NumberField, RawInputs, Tool } from '@huff/core';
import type { AskedNumber } from '../../ui/keypad';

/** A figure of a method that the keypad asks for. */
export interface AskedFigure {
  readonly id: string;
  /** Of a list: which of them. */
  readonly index?: number;
}

/** What one of a list is called. */
export const LIST_WORDS: Readonly<Record<string, string>> = {
  readings: 'Point',
  values: 'Outlet',
  temperaturesF: 'Outlet',
};

/** So many points in a row are asked for by themselves where none are planned. */
const MOST_IN_A_ROW = 60;

export const listOf = (raw: RawInputs, id: string) => (Array.isArray(raw[id]) ? (raw[id] as number[]) : []);

/** Of the spots on the drawing: the next after one that is not read. */
export function nextSpot(spots: readonly string[], after: string, raw: RawInputs): AskedFigure | undefined {
  const at = spots.indexOf(after);
  const next = at < 0 ? undefined : spots.slice(at + 1).find((id) => typeof raw[id] !== 'number');
  return next === undefined ? undefined : { id: next };
}

/** A list with one of its figures typed, or taken out. @param value null takes it out */
export function withFigure(list: readonly number[], index: number, value: number | null): number[] {
  const changed = [...list];
  if (value === null) changed.splice(index, 1);
  else changed[index] = value;
  return changed;
}

/** Point by point: the next one stands ready until all are read. @param planned how many are to be read, where that is known */
export function nextPoint(
  { id, index = 0 }: AskedFigure,
  list: readonly number[],
  most: number,
  planned: number | undefined,
): AskedFigure | undefined {
  const next = index + 1;
  const goesOn = next === list.length && next < Math.min(most, planned ?? MOST_IN_A_ROW);
  return goesOn ? { id, index: next } : undefined;
}

/** The figure as the keypad asks it. */
export function numberAsked(tool: Tool, { id, index }: AskedFigure, raw: RawInputs): AskedNumber {
  const field = tool.fields[id] as NumberField | ListField;
  const { unit, min, max, hint } = field;
  if (index !== undefined) {
    const label = `${LIST_WORDS[id] ?? 'Reading'} ${index + 1}`;
    return { label, unit, min, max, hint, value: listOf(raw, id)[index] ?? null };
  }
  const value = raw[id];
  return {
    label: field.label,
    unit,
    min,
    max,
    hint,
    above: field.kind === 'number' ? field.above : undefined,
    value: typeof value === 'number' ? value : null,
  };
}
