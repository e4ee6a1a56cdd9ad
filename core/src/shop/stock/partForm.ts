import { inputFaults } from '../../base/forms/solveTool';
import type { FieldError, FieldSet, RawInputs } from '../../base/forms/tool';
import { unreplaced, type Fact } from '../../call/facts/facts';

/** A part that was taken at a visit. One fact each; a correction names it and says another count, none for put back. */
export const PART_FORM = {
  fields: {
    key: { kind: 'text', label: 'Part', most: 80, hint: 'As the shop’s list names it: belt:A48.' },
    name: { kind: 'text', label: 'Name', most: 80 },
    count: { kind: 'number', label: 'How many', unit: 'count', min: 0, max: 99 },
    cost: { kind: 'number', label: 'Cost each', unit: 'count', min: 0, max: 100_000, optional: true },
  },
} as const satisfies FieldSet;

/** What is wrong with it. */
export function partFaults(raw: RawInputs): FieldError[] {
  const faults = inputFaults(PART_FORM, raw);
  if (faults.length > 0) return faults;
  return Number.isInteger(raw.count) ? [] : [{ field: 'count', message: 'Enter a whole number of parts.' }];
}

/** A part that was used at a visit, as it stands. */
export interface PartUsed {
  /** Of the fact that says it last. */
  readonly factId: string;
  readonly key: string;
  readonly name: string;
  readonly count: number;
  readonly cost?: number;
}

/** The parts used at a visit, in the order they were taken; those that were put back are not among them. */
export function partsUsed(facts: readonly Fact[]): readonly PartUsed[] {
  return unreplaced(facts).flatMap(({ id, kind, inputs }): PartUsed[] => {
    const { key, name, count, cost } = inputs;
    if (kind !== 'part' || typeof key !== 'string' || typeof name !== 'string') return [];
    if (typeof count !== 'number' || count <= 0) return [];
    return [{ factId: id, key, name, count, ...(typeof cost === 'number' ? { cost } : {}) }];
  });
}
