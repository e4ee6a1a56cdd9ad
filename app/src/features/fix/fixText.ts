import {
  unitText,
  flowWords,
  applyMoves,
  flowText,
  operate,
  staticText,
  type ChosenMove,
  type System,
} from '@huff/core';
import type { PlanKind } from '@huff/core/fix';

/** "+27", "−61" */
export const signed = (value: number, text: (size: number) => string) =>
  `${value < 0 ? '−' : '+'}${text(Math.abs(value))}`;

export const PLAN_TEXT: Readonly<Record<PlanKind, string>> = {
  fixFirst: 'Fix first',
  leastWork: 'Least work',
  lowestStatic: 'Lowest static',
  lowestCost: 'Lowest cost',
};

/** What one move adds to a choice, in words for its row: "+27 CFM", "−0.07"; or why it cannot be done with the others. */
export function deltaOf(
  system: System,
  without: readonly ChosenMove[],
  withIt: readonly ChosenMove[],
): { flow: string; statics: string } | { why: string } {
  const [before, after] = [applyMoves(system, without), applyMoves(system, withIt)];
  // What is chosen cannot be done as it stands: each other move is weighed by itself.
  if (!before.ok && without.length > 0) return deltaOf(system, [], withIt.slice(-1));
  if (!after.ok) return { why: after.why };
  const b = operate(after.system);
  if (b.kind === 'offTable') return { why: 'off the blower table' };
  const a = before.ok ? operate(before.system) : undefined;
  if (a?.kind !== 'crossing') return { flow: `${flowWords(b.flowCfm)}`, statics: staticText(b.tespInWc) };
  return {
    flow: `${signed(b.flowCfm - a.flowCfm, flowText)} ${unitText('cfm')}`,
    statics: signed(b.tespInWc - a.tespInWc, staticText),
  };
}
