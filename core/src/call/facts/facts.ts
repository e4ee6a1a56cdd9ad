import type { Check } from '../checks/checkPoint';
import type { FlowMethodId } from '../../air/flow';
import type { RawInputs } from '../../base/forms';

/** Kinds of what is recorded at a visit beside statics: the inputs of a method, of the drop or the motor, a look,
 * a method excluded, a plan, a check at a point, the readings of a refrigerant circuit, what was agreed at the end,
 * a part that was taken, what became of a finding, a finding in one's own words, what was done to a charge, what a live value did while it was watched, and a fact taken back: that one is named by `replacesId`. */
export const VISIT_ONLY_FACTS = [
  'measuredDrop',
  'motorLoad',
  'look',
  'setAside',
  'plan',
  'check',
  'ladder',
  'handOver',
  'part',
  'finding',
  'outcome',
  'charge',
  'trace',
  'takenBack',
] as const;
export type FactKind = FlowMethodId | (typeof VISIT_ONLY_FACTS)[number];

/** How the unit ran while a fact was taken. */
interface FactConditions {
  readonly mode?: 'cooling' | 'heating';
  /** The speed that ran. */
  readonly tap?: string;
  /** The stage that ran, of equipment that has two. */
  readonly stage?: 'low' | 'high';
}

/** An append-only fact of a visit. A correction is a new fact that names the old one. */
export interface Fact {
  readonly id: string;
  readonly kind: FactKind;
  readonly inputs: RawInputs;
  readonly replacesId?: string | null;
  /** How the unit ran while it was taken; facts of before do not say. */
  readonly conditions?: FactConditions | null;
  /** When it was made, ISO 8601. */
  readonly takenAt?: string;
  readonly clockOffsetMs?: number;
}

/** The facts that stand: none that a later one corrected or took back. */
export function unreplaced<F extends Pick<Fact, 'id' | 'replacesId'>>(facts: readonly F[]): readonly F[] {
  const replaced = new Set(facts.map(({ replacesId }) => replacesId).filter(Boolean));
  return replaced.size === 0 ? facts : facts.filter(({ id }) => !replaced.has(id));
}

/** The last fact of each kind that nothing has replaced. */
export const standingFacts = (facts: readonly Fact[]): ReadonlyMap<FactKind, Fact> =>
  new Map(unreplaced(facts).map((fact) => [fact.kind, fact]));

/** A check as it is kept: its fact, and when it was made. */
export type KeptCheck = Check & { readonly id: string; readonly takenAt?: string };

/** Why each method was excluded, by method; taking it back is a later fact without a reason. */
export function asideReasons(facts: readonly Fact[]): ReadonlyMap<string, string> {
  const reasons = new Map<string, string>();
  for (const { kind, inputs } of facts) {
    if (kind !== 'setAside' || typeof inputs.method !== 'string') continue;
    if (typeof inputs.reason === 'string' && inputs.reason !== '') reasons.set(inputs.method, inputs.reason);
    else reasons.delete(inputs.method);
  }
  return reasons;
}
