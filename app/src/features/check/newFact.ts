import type { FactDto, VisitDto } from '@huff/contract';
import { standingFacts, type FactKind } from '@huff/core';
import { v4 as uuid } from 'uuid';

/** The visit with one more fact; one of the same kind that stands is corrected by it, looks stand side by side. */
export function withFact(visit: VisitDto, kind: FactKind, inputs: Record<string, unknown>, now: Date): VisitDto {
  const facts = visit.facts ?? [];
  const before = kind === 'look' || kind === 'setAside' ? undefined : standingFacts(facts).get(kind);
  const fact: FactDto = { id: uuid(), kind, inputs, takenAt: now.toISOString(), replacesId: before?.id ?? null };
  return { ...visit, facts: [...facts, fact] };
}
