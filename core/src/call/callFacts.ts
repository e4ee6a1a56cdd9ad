import type { Check } from '../checks';
import { handOverOf, type HandOver } from '../handover';
import type { RawInputs } from '../tools';
import type { Fact } from '../visit';
import { unreplaced } from '../visit/facts';
import { TRIAGE_OUTCOMES, type TriageItem, type TriageOutcome } from '../triage/triage';

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

const isOutcome = (state: string | undefined): state is TriageOutcome =>
  (TRIAGE_OUTCOMES as readonly (string | undefined)[]).includes(state);

/** What became of what was found, by its id. What was fixed and is read again afterwards is judged by the new reading. */
export function outcomesOf(checks: readonly Check[]): ReadonlyMap<string, Settled> {
  const last = new Map<string, Settled>();
  for (const { point, state, note, value } of checks) {
    if (point !== 'triage') {
      if (last.get(`check-${point}`)?.outcome === 'dealtWith') last.delete(`check-${point}`);
    } else if (note !== undefined && isOutcome(state))
      last.set(note, { outcome: state, ...(value !== undefined && { quoted: value }) });
  }
  return last;
}

/** The last reading at each point before its finding was reported as fixed, where it was read again since: what was fixed stays on the list. */
export function readBeforeFix<C extends Check>(checks: readonly C[]): readonly C[] {
  const last = new Map<string, C>();
  const fixed = new Map<string, C>();
  const before = new Map<string, C>();
  for (const check of checks) {
    const { point, state, note } = check;
    if (point !== 'triage') {
      const was = fixed.get(point);
      if (was) before.set(point, was);
      last.set(point, check);
      continue;
    }
    const of = note?.startsWith('check-') ? note.slice(6) : '';
    const read = last.get(of);
    if (state === 'dealtWith' && read) fixed.set(of, read);
    else fixed.delete(of);
  }
  return [...before.values()];
}
