import type { SiteDto, StopDto, UnitDto } from '@huff/contract';
import { addDays } from 'date-fns/addDays';
import { format } from 'date-fns/format';
import { useMemo } from 'react';
import { sites, stops, units, type Kept } from '../../data/records';
import { useVisitList } from '../../data/visits';
import { longDateText } from '../../ui/text';

export const dayOf = (at: Date): string => format(at, 'yyyy-MM-dd');

/** A day in words: "Today", "Tomorrow", "Tuesday 3 March". */
export function dayWords(day: string, now: Date): string {
  if (day === dayOf(now)) return 'Today';
  if (day === dayOf(addDays(now, 1))) return 'Tomorrow';
  return longDateText(`${day}T12:00:00`);
}

/** A planned visit with what it names. */
export interface PlannedStop {
  readonly kept: Kept<StopDto>;
  readonly stop: StopDto;
  readonly site?: SiteDto;
  readonly unit?: UnitDto;
  /** It was marked as done, or its unit was visited that day. */
  readonly isDone: boolean;
}

/** What is planned, by day and place; what was taken off is not among it. */
export function useStops(): { readonly planned: readonly PlannedStop[]; readonly isPending: boolean } {
  const { records, isPending } = stops.useList();
  const { records: siteList } = sites.useList();
  const { records: unitList } = units.useList();
  const { visited } = useVisited();
  const planned = useMemo(() => {
    const sitesById = new Map(siteList.map(({ record }) => [record.id, record]));
    const unitsById = new Map(unitList.map(({ record }) => [record.id, record]));
    return records
      .filter(({ record }) => !record.archivedAt)
      .sort((a, b) => a.record.day.localeCompare(b.record.day) || a.record.place - b.record.place)
      .map((kept): PlannedStop => {
        const { record: stop } = kept;
        const unit = stop.unitId ? unitsById.get(stop.unitId) : undefined;
        return {
          kept,
          stop,
          // A unit that was moved since is gone to where it stands now.
          site: sitesById.get(unit?.siteId ?? stop.siteId),
          unit,
          isDone: Boolean(stop.doneAt) || visited.has(`${stop.unitId ?? ''} ${stop.day}`),
        };
      });
  }, [records, siteList, unitList, visited]);
  return { planned, isPending };
}

/** Units with the days of the last week on which they were visited, as "unit day". */
function useVisited() {
  const { visits } = useVisitList();
  const visited = useMemo(
    () =>
      new Set(
        // By the visits this phone knows of, judged or not: up there without a signal a stop is done as well.
        visits.flatMap(({ unitId, startedAt }) => (unitId ? [`${unitId} ${dayOf(new Date(startedAt))}`] : [])),
      ),
    [visits],
  );
  return { visited };
}
