import { fromNumberText } from '@huff/contract';
import { fromShown, type FieldSet, type RawInputs, type ToolField, type ToolUnit } from '@huff/core';
import { typedText } from '../../ui/keypad/numberEntry';

/** A tool's form holds text as it was typed, by field. */
export type ToolTexts = Record<string, string>;

/**
 * Numbers typed in a row or one under the other. A comma before a space parts, and so do several of them without one
 * ("226,229,233"); a single comma between digits belongs to its number.
 */
export function fromListText(text: string): unknown[] {
  return text
    .split(/[\s;]+|,(?=\s)/)
    .map((part) => part.replace(/,$/, ''))
    .flatMap((part) => (part.split(',').length > 2 ? part.split(',') : [part]))
    .filter((part) => part !== '')
    .map(fromNumberText);
}

/** What was typed in the person's own unit, as it is computed with. */
const stored = (value: unknown, unit: ToolUnit): unknown =>
  typeof value === 'number' ? fromShown(value, unit) : value;

const valueOf = (field: ToolField, text: string): unknown =>
  field.kind === 'choice' || field.kind === 'text'
    ? text.trim() || null
    : field.kind === 'list'
      ? fromListText(text).map((one) => stored(one, field.unit))
      : stored(fromNumberText(text), field.unit);

/** The inputs behind the texts; what is no number stays text, so that the tool names it. */
export function rawOf(set: FieldSet, texts: ToolTexts): RawInputs {
  return Object.fromEntries(Object.entries(set.fields).map(([id, field]) => [id, valueOf(field, texts[id] ?? '')]));
}

/** The texts behind inputs, for a form that is opened again. */
export function textsOf(set: FieldSet, raw: RawInputs): ToolTexts {
  return Object.fromEntries(
    Object.entries(set.fields).map(([id, field]) => {
      const value = raw[id];
      if (value === undefined || value === null) return [id, field.kind === 'choice' ? field.options[0]!.id : ''];
      if (field.kind === 'choice' || field.kind === 'text') return [id, `${value as string}`];
      const shown = (one: unknown) => (typeof one === 'number' ? typedText(one, field.unit) : String(one));
      return [id, Array.isArray(value) ? value.map(shown).join(' ') : shown(value)];
    }),
  );
}

/** Inputs that were typed: blanks and hidden fields left out, ready to be kept as a fact. */
export function typedInputs(set: FieldSet, raw: RawInputs): Record<string, unknown> {
  const hidden = new Set(set.hides?.(raw) ?? []);
  return Object.fromEntries(
    Object.entries(raw).filter(
      ([id, value]) =>
        !hidden.has(id) &&
        value !== null &&
        value !== '' &&
        value !== 'unknown' &&
        !(Array.isArray(value) && value.length === 0),
    ),
  );
}
