import { assess, type FactDto, type VisitDto } from '@huff/contract';
import { planRequest, type ShopDto } from '@huff/contract/fix';
import { cautionsOf, moveWords, promiseOf, type ChosenMove } from '@huff/core';
import { planOf, problemOf } from '@huff/core/fix';
import { DEMO_SHOP } from './shop';

/** A plan decided on a demo visit, worked out as the phone would: it promises what core predicts, no more. */
export function decidedPlan(visit: VisitDto, moves: readonly ChosenMove[], fact: { id: string; at: string }): FactDto {
  const shop: ShopDto = { ...DEMO_SHOP, savedAt: fact.at };
  const request = planRequest(visit, assess(visit), shop, { typed: {} });
  const planned = request && planOf(problemOf(request), moves, request.sure, request.seed);
  const promise = planned?.ok ? promiseOf(planned.plan.prediction) : undefined;
  if (!request || !planned?.ok || !promise) throw new Error(`No plan for the demo visit ${visit.title}.`);
  const { chance, minutes, cost } = planned.plan;
  const record = {
    moves,
    words: moves.map((move) => moveWords(move, request)),
    from: request,
    promise,
    chance,
    minutes,
    cost,
    cautionsRead: cautionsOf(moves),
  };
  return {
    id: fact.id,
    kind: 'plan',
    // As it comes over the wire: without undefined fields.
    inputs: JSON.parse(JSON.stringify(record)) as Record<string, unknown>,
    takenAt: fact.at,
    replacesId: null,
  };
}
