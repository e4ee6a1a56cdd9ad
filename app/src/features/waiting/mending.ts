import type { Operation } from '@huff/contract/spine';
import type { Problem } from '@huff/contract';

/** A field of a refused operation that can be typed anew. */
export interface Mendable {
  /** Where it is in the operation: "record.title", "fields.tap". */
  readonly at: string;
  /** The field's own path: "title", "setup.altitudeFt". */
  readonly field: string;
  readonly text: string;
  readonly message?: string;
}

const isPlain = (value: unknown): value is string | number => typeof value === 'string' || typeof value === 'number';

/** What of a patch or a new record stands at a path; paths of a patch hold their dots. */
function valueAt(operation: Operation, field: string): unknown {
  if (operation.kind === 'patch') return operation.fields[field];
  return field
    .split('.')
    .reduce<unknown>((value, key) => (value as Record<string, unknown> | undefined)?.[key], operation.record);
}

/** The fields that the server named, or of a patch all of them, as far as they are text or figures. */
export function mendable(operation: Operation, problem: Problem | undefined): Mendable[] {
  const named = (problem?.errors ?? []).map(({ field, message }) => ({
    field: field.replace(/^(record|fields)\./, ''),
    message,
  }));
  const all: { field: string; message?: string }[] =
    named.length > 0
      ? named
      : operation.kind === 'patch'
        ? Object.keys(operation.fields).map((field) => ({ field }))
        : [];
  return all.flatMap(({ field, message }) => {
    const value = valueAt(operation, field);
    return isPlain(value) ? [{ at: field, field, text: String(value), message }] : [];
  });
}

/** The operation with what was typed: a figure stays a figure where it was one and can be read as one. */
export function mended(operation: Operation, typed: Readonly<Record<string, string>>): Operation {
  const read = (before: unknown, text: string) => {
    const figure = Number(text.trim().replace(',', '.'));
    return typeof before === 'number' && text.trim() !== '' && Number.isFinite(figure) ? figure : text.trim();
  };
  const changed = Object.entries(typed).filter(([field, text]) => text !== String(valueAt(operation, field)));
  if (changed.length === 0) return operation;
  if (operation.kind === 'patch') {
    const fields = { ...operation.fields };
    for (const [field, text] of changed) fields[field] = read(fields[field], text);
    return { ...operation, fields };
  }
  const record = structuredClone(operation.record) as unknown as Record<string, unknown>;
  for (const [field, text] of changed) {
    const keys = field.split('.');
    const inner = keys
      .slice(0, -1)
      .reduce<Record<string, unknown>>((value, key) => value[key] as Record<string, unknown>, record);
    const last = keys.at(-1)!;
    inner[last] = read(inner[last], text);
  }
  return { ...operation, record } as Operation;
}
