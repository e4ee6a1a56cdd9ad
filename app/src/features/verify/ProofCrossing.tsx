import type { DecidedPlan } from '@huff/contract';
import { applyMoves } from '@huff/core';
import { Crossing } from '../../ui/crossing';
import type { ProofOfVisit } from './useProof';

/** The Crossing as it was predicted, with what was read since. */
export function ProofCrossing({
  plan,
  proven,
  height = 280,
}: {
  readonly plan: DecidedPlan;
  readonly proven: ProofOfVisit;
  readonly height?: number;
}) {
  const { from, moves } = plan.record;
  const applied = applyMoves(from.system, moves);
  return (
    <Crossing
      now={from.system}
      then={applied.ok ? applied.system : undefined}
      target={from.goal.target}
      maxTesp={from.goal.maxTesp}
      proven={proven.proof.proven}
      height={height}
    />
  );
}
