import type { ToolUnit } from '@huff/core';
import { LADDER_FORM } from '@huff/core/call';

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
