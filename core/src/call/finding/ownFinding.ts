import { CONCERNS, type Concern } from '../triage/concern';
import { TRIAGE_AREAS, type TriageArea } from '../triage/effort';
import { inputFaults, soundInputs } from '../../base/forms/solveTool';
import type { FieldError, FieldSet, RawInputs } from '../../base/forms/tool';
import type { Fact } from '../facts/facts';

/** Something found that no list has, in the technician's words. */
export const OWN_FINDING_FORM = {
  fields: {
    words: { kind: 'text', label: 'Finding', most: 160, hint: 'Written as it appears on the report.' },
    concern: { kind: 'choice', label: 'Why it matters', options: CONCERNS },
    area: {
      kind: 'choice',
      label: 'Where',
      options: TRIAGE_AREAS.filter(({ id }) => id !== 'safety').map(({ id, name }) => ({
        id,
        text: name.toLowerCase(),
      })),
    },
    toDo: { kind: 'text', label: 'Fix', most: 160, optional: true },
    minutes: { kind: 'number', label: 'Minutes', unit: 'minutes', min: 0, max: 2400, optional: true },
    price: { kind: 'number', label: 'Parts price', unit: 'factor', min: 0, max: 1_000_000, optional: true },
  },
} as const satisfies FieldSet;

export interface OwnFinding {
  /** The same through corrections: of the fact that said it first. */
  readonly id: string;
  /** Of the fact that says it last. */
  readonly factId: string;
  readonly words: string;
  readonly concern: Concern;
  readonly area: TriageArea;
  readonly toDo?: string;
  readonly minutes: number;
  readonly price: number;
}

/** What it is called in the list of what was found, and what its photos are kept under. @param id of the fact that said it first */
export const ownFindingItem = (id: string) => `own-${id}`;

/** What is wrong with it, field by field. */
export function ownFindingFaults(raw: RawInputs): FieldError[] {
  const faults = inputFaults(OWN_FINDING_FORM, raw);
  if (faults.length > 0) return faults;
  return String(raw.words).trim() === '' ? [{ field: 'words', message: 'Enter what you found.' }] : [];
}

/**
 * The findings in the technician's own words as they stand, in the order they were first said.
 *
 * @example ownFindings([{ id: 'a', kind: 'finding', inputs: { words: 'Mouse nest', concern: 'damage', area: 'blower' } }])[0]?.id // 'a'
 */
export function ownFindings(facts: readonly Fact[]): readonly OwnFinding[] {
  const replaced = new Set(facts.map(({ replacesId }) => replacesId).filter(Boolean));
  const root = new Map<string, string>();
  return facts.flatMap((fact): OwnFinding[] => {
    if (fact.kind !== 'finding') return [];
    const id = root.get(fact.replacesId ?? '') ?? fact.id;
    root.set(fact.id, id);
    if (replaced.has(fact.id) || ownFindingFaults(fact.inputs).length > 0) return [];
    const { words, concern, area, toDo, minutes = 0, price = 0 } = soundInputs(OWN_FINDING_FORM, fact.inputs);
    return [
      {
        id,
        factId: fact.id,
        words: words.trim(),
        concern,
        area: concern === 'safety' ? 'safety' : area,
        ...(toDo === undefined ? {} : { toDo }),
        minutes,
        price,
      },
    ];
  });
}
