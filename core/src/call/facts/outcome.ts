import type { FieldSet } from '../../base/forms/tool';
import { OUTCOME_TEXT, TRIAGE_OUTCOMES, type TriageOutcome } from '../triage/triage';
import type { Check } from '../checks/checkPoint';
import { unreplaced, type Fact, type KeptCheck } from './facts';

/** What became of something found: the fact `outcome`. The last one of a finding counts. */
export const OUTCOME_FORM = {
  fields: {
    finding: { kind: 'text', label: 'Finding', most: 120 },
    state: {
      kind: 'choice',
      label: 'Outcome',
      options: TRIAGE_OUTCOMES.map((id) => ({ id, text: OUTCOME_TEXT[id] })),
    },
    price: { kind: 'number', label: 'Price quoted', unit: 'factor', min: 0, max: 1_000_000, optional: true },
    note: { kind: 'text', label: 'Note', most: 200, optional: true },
  },
} as const satisfies FieldSet;

export interface Outcome {
  /** Id of the finding on the list. */
  readonly finding: string;
  readonly state: TriageOutcome;
  /** What was asked for it, in the shop’s money. */
  readonly price?: number;
  readonly note?: string;
}

export type KeptOutcome = Outcome & { readonly id: string; readonly takenAt?: string };

const isState = (state: unknown): state is TriageOutcome => (TRIAGE_OUTCOMES as readonly unknown[]).includes(state);

/** The point at which earlier facts wrote an outcome: its id in the note, its price as the value. */
const EARLIER_POINT = 'triage';

/**
 * The outcome that a fact says, in its own form or in the earlier one; undefined where it says none.
 *
 * @example outcomeSaid({ kind: 'check', inputs: { point: 'triage', state: 'quoted', note: 'look-filter', value: 85 } })
 *   // { finding: 'look-filter', state: 'quoted', price: 85 }
 */
export function outcomeSaid({ kind, inputs }: Pick<Fact, 'kind' | 'inputs'>): Outcome | undefined {
  const isEarlier = kind === 'check' && inputs.point === EARLIER_POINT;
  if (kind !== 'outcome' && !isEarlier) return undefined;
  const { state, note } = inputs;
  const [finding, price] = isEarlier ? [note, inputs.value] : [inputs.finding, inputs.price];
  if (typeof finding !== 'string' || !isState(state)) return undefined;
  return {
    finding,
    state,
    ...(typeof price === 'number' ? { price } : {}),
    ...(!isEarlier && typeof note === 'string' ? { note } : {}),
  };
}

/** The check that a fact says; undefined where it says none. */
const checkSaid = ({ id, kind, inputs, takenAt }: Fact): KeptCheck | undefined =>
  kind === 'check' && inputs.point !== EARLIER_POINT ? { ...(inputs as unknown as Check), id, takenAt } : undefined;

/** What was read, tried or seen at points, in the order it was made, with when. */
export const checksOf = (facts: readonly Fact[]): readonly KeptCheck[] =>
  unreplaced(facts).flatMap((fact) => checkSaid(fact) ?? []);

/** A check, or what became of a finding: what is fixed and what is read again follow each other. */
export type Step = Check | Outcome;

export const isCheck = <S extends Step>(step: S): step is Extract<S, Check> => 'point' in step;
export const isOutcome = <S extends Step>(step: S): step is Extract<S, Outcome> => 'finding' in step;

/** Checks and outcomes in the order they were made. */
export function stepsOf(facts: readonly Fact[]): readonly (KeptCheck | KeptOutcome)[] {
  return unreplaced(facts).flatMap((fact): (KeptCheck | KeptOutcome)[] => {
    const outcome = outcomeSaid(fact);
    if (outcome) return [{ ...outcome, id: fact.id, takenAt: fact.takenAt }];
    const check = checkSaid(fact);
    return check ? [check] : [];
  });
}
