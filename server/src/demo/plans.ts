import { assess, type FactDto, type VisitDto } from '@huff/contract';
import { planRequest } from '@huff/contract/fix';
import { cautionsOf, type ChosenMove } from '@huff/core';
import { planOf, planRecordOf, problemOf } from '@huff/core/fix';
import { demoShop } from './shop';

/** A plan decided on a demo visit, worked out as the phone would: it promises what core predicts, no more. */
export function decidedPlan(visit: VisitDto, moves: readonly ChosenMove[], fact: { id: string; at: string }): FactDto {
  const request = planRequest(visit, assess(visit), demoShop(new Date('2026-05-13T12:00:00Z')), { typed: {} });
  const planned = request && planOf(problemOf(request), moves, request.sure, request.seed);
  const record = request && planned?.ok ? planRecordOf(planned.plan, request, cautionsOf(moves)) : undefined;
  if (!record) throw new Error(`No plan for the demo visit ${visit.title}.`);
  return {
    id: fact.id,
    kind: 'plan',
    inputs: { ...record },
    takenAt: fact.at,
    replacesId: null,
  };
}
