import type { VisitDto } from '@huff/contract';
import { checksOf, standingChecks, type Check } from '@huff/core/call';
import type { ReactNode } from 'react';
import { useUnitVisits, useVisit } from '../../data/visits';

type LastChecks = ReadonlyMap<string, Check>;

interface LastTimeProps {
  readonly visit: VisitDto;
  readonly children: (last: LastChecks) => ReactNode;
}

const NONE: LastChecks = new Map();

/** Draws with what was found at the unit's visit before this one; with nothing where there was none, or it is not on this phone. */
export function LastTime({ visit, children }: LastTimeProps) {
  if (!visit.unitId) return children(NONE);
  return (
    <OfUnit visit={visit} unitId={visit.unitId}>
      {children}
    </OfUnit>
  );
}

function OfUnit({ visit, unitId, children }: LastTimeProps & { readonly unitId: string }) {
  const { visits } = useUnitVisits(unitId);
  const before = visits.find(({ id, startedAt }) => id !== visit.id && startedAt < visit.startedAt);
  if (!before) return children(NONE);
  return <OfVisit id={before.id}>{children}</OfVisit>;
}

function OfVisit({ id, children }: Pick<LastTimeProps, 'children'> & { readonly id: string }) {
  const { kept } = useVisit(id);
  return children(kept ? standingChecks(checksOf(kept.record.facts ?? [])) : NONE);
}
