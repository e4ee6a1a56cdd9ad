import { trendSeries, unitFilterTrend, type FilterTrend, type TrendSeries } from '@huff/core/call';
import { useMemo } from 'react';
import { useUnitVisits } from '../../data/visits';

/** How a unit has moved over its visits, as far as the server has told. */
export interface UnitTrends {
  /** Absent while no filter was read by itself. */
  readonly filter?: FilterTrend;
  readonly series: readonly TrendSeries[];
}

const NOTHING: UnitTrends = { series: [] };

/** @param provenAt when the unit was proven last */
export function useTrends(unitId: string | undefined, provenAt?: string): UnitTrends {
  const { visits } = useUnitVisits(unitId);
  return useMemo(() => {
    const told = visits.flatMap(({ startedAt, summary }) =>
      summary?.figures ? [{ atMs: Date.parse(startedAt), figures: summary.figures }] : [],
    );
    if (told.length === 0) return NOTHING;
    return {
      filter: unitFilterTrend(told),
      series: trendSeries(told, provenAt === undefined ? undefined : Date.parse(provenAt)),
    };
  }, [visits, provenAt]);
}
