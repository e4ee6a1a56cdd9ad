import { type Assessment, type VisitDto } from '@huff/contract';
import { planRequest, type ShopDto } from '@huff/contract/fix';
import { MOVES, type ChosenMove, type RawInputs } from '@huff/core';
import { offeredMoves, planOf, problemOf, type OfferedMove, type PlanRequest } from '@huff/core/fix';
import { useMemo } from 'react';
import { useFixChoice } from '../../data/fixChoice';

type Planned = ReturnType<typeof planOf>;

/** The moves weighed at a visit, and what they would do together. */
export interface Fix {
  /** undefined while the visit does not say enough to predict from. */
  readonly request?: PlanRequest;
  readonly offered: readonly OfferedMove[];
  readonly chosen: readonly ChosenMove[];
  readonly planned?: Planned;
  readonly speedFirst: boolean;
  readonly choose: (chosen: readonly ChosenMove[]) => void;
  readonly toggle: (move: ChosenMove) => void;
  /** Keeps what was typed for a move; a chosen one takes it at once, another is chosen by it. */
  readonly type: (id: string, inputs: RawInputs) => void;
  readonly setSpeedFirst: (speedFirst: boolean) => void;
}

/** A move put into a choice: what changes the same thing goes out. */
export function withMove(chosen: readonly ChosenMove[], move: ChosenMove): ChosenMove[] {
  const touches = (id: string) => MOVES.find((one) => one.id === id)?.touches;
  return [...chosen.filter((one) => touches(one.id) !== touches(move.id)), move];
}

export const withoutMove = (chosen: readonly ChosenMove[], id: string): ChosenMove[] =>
  chosen.filter((one) => one.id !== id);

export function useFix(visit: VisitDto, assessment: Assessment, shop: ShopDto): Fix {
  const [{ chosen, typed, speedFirst }, keep] = useFixChoice(visit.id);
  const request = useMemo(
    () => planRequest(visit, assessment, shop, { typed: { ...typed }, speedFirst }),
    [visit, assessment, shop, typed, speedFirst],
  );
  const problem = useMemo(() => request && problemOf(request), [request]);
  const offered = useMemo(
    () => (request ? offeredMoves(request.system, { goal: request.goal, looks: assessment.looks }, request.typed) : []),
    [request, assessment.looks],
  );
  const planned = useMemo(
    () => (request && problem ? planOf(problem, chosen, request.sure, request.seed) : undefined),
    [request, problem, chosen],
  );
  return {
    request,
    offered,
    chosen,
    planned,
    speedFirst,
    choose: (next) => keep({ chosen: next, typed, speedFirst }),
    toggle: (move) =>
      keep({
        typed,
        speedFirst,
        chosen: chosen.some((one) => one.id === move.id) ? withoutMove(chosen, move.id) : withMove(chosen, move),
      }),
    type: (id, inputs) =>
      keep({ speedFirst, typed: { ...typed, [id]: inputs }, chosen: withMove(chosen, { id, inputs }) }),
    setSpeedFirst: (next) => keep({ chosen, typed, speedFirst: next }),
  };
}
