import type { VisitDto } from '@huff/contract';
import type { KeptItem } from '@huff/core/call';
import { useUnitVisits } from '../../data/visits';

const NONE: readonly KeptItem[] = [];

/** What the unit’s visit before this one left unsettled, as far as it is known here. */
export function useCarried({ id, unitId, startedAt }: VisitDto): readonly KeptItem[] {
  const { visits } = useUnitVisits(unitId ?? undefined);
  const before = visits.find((one) => one.id !== id && one.startedAt < startedAt);
  return before?.summary?.found ?? NONE;
}
