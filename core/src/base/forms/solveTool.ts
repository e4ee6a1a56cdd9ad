import type {
  FieldError,
  FieldSet,
  ListField,
  NumberField,
  RawInputs,
  TextField,
  Tool,
  ToolFields,
  ToolOutcome,
  ValuesOf,
} from './tool';
import { ended, lineFault, toShown } from '../words';
import { toolUnitText } from './units';

/** A unit such as "in." brings its own full stop. */

const blank = (value: unknown) => value === undefined || value === null || value === '';

function range({ min, max, unit }: NumberField | ListField): string {
  const text = (n: number) =>
    toShown(n, unit)
      .toLocaleString('en-US', { maximumFractionDigits: 3, useGrouping: unit !== 'year' })
      .replace('-', '−');
  const name = toolUnitText(unit);
  return `between ${text(min)} and ${text(max)}${name === '' ? '' : ` ${name}`}`;
}

function numberFault(field: NumberField, value: unknown): string | undefined {
  if (blank(value)) {
    return field.optional || field.assumed !== undefined
      ? undefined
      : ended(`${field.label}: enter it, ${range(field)}`);
  }
  if (typeof value !== 'number' || !Number.isFinite(value))
    return ended(`${field.label} must be a number, ${range(field)}`);
  if (value < field.min || value > field.max) return ended(`${field.label} must be ${range(field)}`);
  if (field.above && value <= field.min) return `${field.label} must be above ${field.min}.`;
  return undefined;
}

function listFault(field: ListField, value: unknown): string | undefined {
  const list = Array.isArray(value) ? (value as unknown[]) : blank(value) ? [] : undefined;
  if (!list) return `${field.label} must be a list of numbers.`;
  if (list.length === 0 && field.optional) return undefined;
  const wrong = list.findIndex((v) => typeof v !== 'number' || !(v >= field.min && v <= field.max));
  if (wrong >= 0) {
    const found = list[wrong];
    const told = typeof found === 'string' || (typeof found === 'number' && Number.isFinite(found));
    const what = blank(found) ? 'is missing' : told ? `is "${found}"` : 'is no number';
    return ended(`${field.label}: number ${wrong + 1} ${what}. Each must be ${range(field)}`);
  }
  if (list.length < field.least) return `${field.label}: ${list.length} of at least ${field.least} are typed.`;
  return list.length > field.most ? `${field.label}: at most ${field.most}, not ${list.length}.` : undefined;
}

function textFault(field: TextField, value: unknown): string | undefined {
  if (blank(value)) return field.optional ? undefined : `${field.label}: type it.`;
  return lineFault(value, { min: 1, max: field.most }, field.label);
}

/** What is wrong with inputs, by field; empty when they can be worked with. Hidden fields are not asked for. */
export function inputFaults(set: FieldSet, raw: RawInputs): FieldError[] {
  const hidden = new Set(set.hides?.(raw) ?? []);
  return Object.entries(set.fields).flatMap(([id, field]) => {
    if (hidden.has(id)) return [];
    const value = raw[id];
    const message =
      field.kind === 'number'
        ? numberFault(field, value)
        : field.kind === 'list'
          ? listFault(field, value)
          : field.kind === 'text'
            ? textFault(field, value)
            : blank(value) || field.options.some((o) => o.id === value)
              ? undefined
              : `${field.label}: choose one of ${field.options.map((o) => o.text).join(', ')}.`;
    return message ? [{ field: id, message }] : [];
  });
}

/** Inputs without faults, with what is assumed filled in. */
export function soundInputs<Fs extends ToolFields>(set: FieldSet<Fs>, raw: RawInputs): ValuesOf<Fs> {
  const hidden = new Set(set.hides?.(raw) ?? []);
  const values = Object.entries<ToolFields[string]>(set.fields).map(([id, field]) => {
    const value = hidden.has(id) || blank(raw[id]) ? undefined : raw[id];
    if (field.kind === 'choice') return [id, value ?? field.options[0]!.id];
    if (field.kind === 'text') return [id, value];
    if (field.kind === 'list') return [id, value ?? (field.optional ? undefined : [])];
    return [id, value ?? field.assumed ?? (hidden.has(id) ? field.min : undefined)];
  });
  return Object.fromEntries(values) as ValuesOf<Fs>;
}

const finite = (outcome: ToolOutcome) =>
  !outcome.ok || [outcome.headline, ...outcome.lines].every((line) => Number.isFinite(line.value));

/**
 * Checks the inputs of a tool and solves it. Never throws and never gives a figure that is not finite.
 *
 * @param raw numbers, choices and lists by field; blank where nothing was typed
 * @returns the answer, or each wrong field with what would be right
 */
export function solveTool(tool: Tool, raw: RawInputs): ToolOutcome {
  const errors = inputFaults(tool, raw);
  if (errors.length > 0) return { ok: false, errors };
  try {
    const outcome = tool.solve(soundInputs(tool, raw));
    if (finite(outcome)) return outcome;
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return { ok: false, errors: [{ field: '', message: error.message }] };
  }
  return { ok: false, errors: [{ field: '', message: 'These figures do not fit together. Check each one.' }] };
}
