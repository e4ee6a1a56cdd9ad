import type { Check } from '../checks';
import { handOverOf, type HandOver } from '../wrapUp';
import type { RawInputs } from '../../base/forms';
import type { Fact } from '../facts';
import { unreplaced } from '../facts/facts';
import { isOutcome, outcomeSaid, type Step } from '../facts/outcome';
import type { TriageItem } from '../triage/triage';

const takenAtOf = (fact: Fact): string => (fact as { takenAt?: string }).takenAt ?? '';

/**
 * The last readings of each circuit.
 *
 * @param counts which of them count, by when they were taken; all of them by default
 */
export function laddersOf(
  facts: readonly Fact[],
  counts: (takenAt: string) => boolean = () => true,
): ReadonlyMap<string, RawInputs> {
  const last = new Map<string, RawInputs>();
  for (const fact of unreplaced(facts)) {
    const { kind, inputs } = fact;
    if (kind === 'ladder' && counts(takenAtOf(fact)))
      last.set(typeof inputs.circuit === 'string' ? inputs.circuit : '1', inputs);
  }
  return last;
}

/** All readings of one circuit, in the order they were made. */
export const laddersIn = (facts: readonly Fact[], circuit: string): readonly RawInputs[] =>
  unreplaced(facts)
    .filter(({ kind, inputs }) => kind === 'ladder' && (inputs.circuit ?? '1') === circuit)
    .map(({ inputs }) => inputs);

/** What was agreed when the visit was handed over; the last one stands. */
export function handedOver(facts: readonly Fact[]): HandOver | undefined {
  const last = unreplaced(facts).findLast(({ kind }) => kind === 'handOver');
  return last && handOverOf(last.inputs);
}

/** What became of a finding, and what was asked for it. */
export type Settled = Pick<TriageItem, 'outcome' | 'quoted'>;

/** Forgets what became of a finding when it is found anew: its point is read again, its thing is looked at again. */
function forgetSettled(last: Map<string, Settled>, { kind, inputs }: Fact): void {
  const isLook = kind === 'look';
  const id = isLook ? `look-${String(inputs.item)}` : kind === 'check' ? `check-${String(inputs.point)}` : '';
  const before = last.get(id)?.outcome;
  if (before === 'dealtWith' || (isLook && before === 'declined')) last.delete(id);
}

/** What became of what was found, by its id. What was fixed and is read or looked at again afterwards is judged by what was found then. */
export function outcomesOf(facts: readonly Fact[]): ReadonlyMap<string, Settled> {
  const last = new Map<string, Settled>();
  for (const fact of unreplaced(facts)) {
    const said = outcomeSaid(fact);
    if (said) last.set(said.finding, { outcome: said.state, ...(said.price !== undefined && { quoted: said.price }) });
    else forgetSettled(last, fact);
  }
  return last;
}

/** The last reading at each point before its finding was reported as fixed, where it was read again since: what was fixed stays on the list. */
export function readBeforeFix(steps: readonly Step[]): readonly Check[] {
  const last = new Map<string, Check>();
  const fixed = new Map<string, Check>();
  const before = new Map<string, Check>();
  for (const step of steps) {
    if (!isOutcome(step)) {
      const was = fixed.get(step.point);
      if (was) before.set(step.point, was);
      last.set(step.point, step);
      continue;
    }
    const of = step.finding.startsWith('check-') ? step.finding.slice(6) : '';
    const read = last.get(of);
    if (step.state === 'dealtWith' && read) fixed.set(of, read);
    else fixed.delete(of);
  }
  return [...before.values()];
}
