import { currentPart, intoWhole, type UnitDto, type VisitDto } from '@huff/contract';
import { startOfDay } from 'date-fns/startOfDay';
import { useCallback, useMemo } from 'react';
import { blowerTables, sites, type Kept } from '../../data/records';
import { useOpenedAt } from '../../data/serverClock';
import { changeVisit, makeVisit, useVisitsSince } from '../../data/visits';
import { checkAt } from '../visitState/newVisit';

/** A unit's visit of today as it is drawn, and how a change of it is kept. */
export interface RoundVisit {
  readonly visit: VisitDto;
  readonly onVisit: (changed: VisitDto) => void;
}

/** A round over the units of a site: what is recorded at a unit goes to its visit of today, which is made with the first of it. */
export function useRound(siteId: string) {
  const since = startOfDay(useOpenedAt()).toISOString();
  const { visits: kept, isPending } = useVisitsSince(since);
  const tables = blowerTables.useList();
  const places = sites.useList();
  const site = places.records.find(({ record }) => record.id === siteId)?.record;
  // The last begun of each unit: a second visit of a day is the one that goes on.
  const today = useMemo((): ReadonlyMap<string, Kept<VisitDto>> => {
    const byTime = [...kept].sort((a, b) => a.record.startedAt.localeCompare(b.record.startedAt));
    return new Map(byTime.flatMap((one) => (one.record.unitId ? [[one.record.unitId, one] as const] : [])));
  }, [kept]);
  const roundVisit = useCallback(
    (unit: UnitDto): RoundVisit => {
      const known = today.get(unit.id);
      if (!known) {
        const table = tables.records.find(({ record }) => record.id === unit.blowerTableId)?.record;
        return { visit: checkAt(unit, table, site, new Date()), onVisit: makeVisit };
      }
      const { record: whole, revision } = known;
      // After a plan what is read is of the unit as the plan left it.
      const visit = currentPart(whole);
      return { visit, onVisit: (changed) => changeVisit(revision, whole, intoWhole(whole, visit, changed)) };
    },
    [today, tables.records, site],
  );
  return {
    today,
    roundVisit,
    /** Until the phone has read its own lists: a visit made sooner would be a second one of the day, or know no blower table. */
    isPending: isPending || tables.isPending || places.isPending,
  };
}
