import { factOf, type FactDto, type VisitDto } from '@huff/contract';
import { standingFacts, type FactKind } from '@huff/core';
import type { Outcome } from '@huff/core/call';
import { v4 as uuid } from 'uuid';

/** The stage that runs, as a condition of what is measured; nothing where the equipment has but one. */
export const stageOf = ({ setup }: VisitDto): { stage?: 'low' | 'high' } =>
  setup?.stage ? { stage: setup.stage } : {};

/** The visit with one more fact, with mode and the speed that ran; one of the same kind that stands is corrected by it, looks stand side by side. */
export function withFact(
  visit: VisitDto,
  kind: FactKind,
  inputs: Record<string, unknown>,
  now: Date,
  tap: string | null | undefined = visit.tap,
): VisitDto {
  const facts = visit.facts ?? [];
  const { isBeside, isMeasured } = factOf(kind) ?? {};
  const before = isBeside ? undefined : standingFacts(facts).get(kind);
  const fact: FactDto = {
    id: uuid(),
    kind,
    inputs,
    takenAt: now.toISOString(),
    replacesId: before?.id ?? null,
    ...(isMeasured ? { conditions: { mode: visit.mode, ...(tap ? { tap } : {}), ...stageOf(visit) } } : {}),
  };
  return { ...visit, facts: [...facts, fact] };
}

/** The visit with what became of a finding. */
export const withOutcome = (visit: VisitDto, outcome: Outcome): VisitDto =>
  withFact(visit, 'outcome', { ...outcome }, new Date());

/** The visit with a finding in one's own words: a new one under its id, or a correction of the one that a fact says. */
export function withOwnFinding(
  visit: VisitDto,
  inputs: Record<string, unknown>,
  now: Date,
  { id = uuid(), correctsId = null }: { readonly id?: string; readonly correctsId?: string | null },
): VisitDto {
  const fact: FactDto = { id, kind: 'finding', inputs, takenAt: now.toISOString(), replacesId: correctsId };
  return { ...visit, facts: [...(visit.facts ?? []), fact] };
}

/** The visit with facts taken back. They stay on record, and nothing goes by them any more. */
export function takenBack(visit: VisitDto, factIds: readonly string[], now: Date): VisitDto {
  const facts = factIds.map((replacesId): FactDto => ({
    id: uuid(),
    kind: 'takenBack',
    inputs: {},
    takenAt: now.toISOString(),
    replacesId,
  }));
  return { ...visit, facts: [...(visit.facts ?? []), ...facts] };
}
