import type { ToolUnit } from '@huff/core';
import { LADDER_FORM } from '@huff/core/call';

import { drawnMarks, fieldOfMark } from '@huff/paper/ladder';

export { drawnGaps, drawnMarks, fieldOfMark } from '@huff/paper/ladder';

/** A field of the ladder as the keypad asks it. */
export function askedField(field: string, value: unknown) {
  const form = (
    LADDER_FORM.fields as Record<
      string,
      { kind: string; label: string; unit?: ToolUnit; min?: number; max?: number; hint?: string }
    >
  )[field];
  if (!form || form.kind !== 'number') return undefined;
  return {
    label: form.label,
    unit: form.unit!,
    min: form.min!,
    max: form.max!,
    hint: form.hint,
    value: typeof value === 'number' ? value : undefined,
  };
}

/** What is typed after a mark: the next one on the drawing that was not typed yet. Nothing after what is no mark. */
export function nextField(field: string, own: Readonly<Record<string, unknown>>): string | undefined {
  const fields = drawnMarks(undefined).flatMap(({ id }) => fieldOfMark(id) ?? []);
  const at = fields.indexOf(field);
  return at < 0
    ? undefined
    : [...fields.slice(at + 1), ...fields.slice(0, at)].find((one) => typeof own[one] !== 'number');
}
