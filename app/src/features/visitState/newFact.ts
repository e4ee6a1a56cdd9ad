import type { FactDto, VisitDto } from '@huff/contract';
import { standingFacts, type FactKind } from '@huff/core';
import { v4 as uuid } from 'uuid';

/** Looks, methods set aside and plans are no measurement: no mode or speed goes with them. */
const isMeasured = (kind: FactKind) => kind !== 'look' && kind !== 'setAside' && kind !== 'plan';

/** The visit with one more fact, with mode and the speed that ran; one of the same kind that stands is corrected by it, looks stand side by side. */
export function withFact(
  visit: VisitDto,
  kind: FactKind,
  inputs: Record<string, unknown>,
  now: Date,
  tap: string | null | undefined = visit.tap,
): VisitDto {
  const facts = visit.facts ?? [];
  const before = kind === 'look' || kind === 'setAside' ? undefined : standingFacts(facts).get(kind);
  const fact: FactDto = {
    id: uuid(),
    kind,
    inputs,
    takenAt: now.toISOString(),
    replacesId: before?.id ?? null,
    ...(isMeasured(kind) ? { conditions: { mode: visit.mode, ...(tap ? { tap } : {}) } } : {}),
  };
  return { ...visit, facts: [...facts, fact] };
}
