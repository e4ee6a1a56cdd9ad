import type { UnitDto } from '@huff/contract';
import { roofUnitParts } from '@huff/contract/call';
import type { VisitSummary } from '@huff/contract/spine';
import { orderOfWork, takeUp, type RoofMarks, type RoofWork, type TakeUp } from '@huff/core/call';
import { useMemo } from 'react';
import { units } from '../../data/records';
import { useRoof } from '../../data/useRoof';

/** A unit in its row. */
export interface RoofRow {
  readonly unit: UnitDto;
  readonly last?: VisitSummary;
  readonly marks: RoofMarks;
}

const NO_MARKS: RoofMarks = {};

/** The roof sheet of a site: its units with their marks, what is taken up, in which order they are worked. */
export function useRoofSheet(siteId: string): {
  readonly rows: readonly RoofRow[];
  readonly take: readonly TakeUp[];
  readonly work: readonly RoofWork[];
  readonly isPending: boolean;
  readonly isError: boolean;
} {
  const { records } = units.useList();
  const { last, isPending, isError } = useRoof(siteId);
  const sheet = useMemo(() => {
    const rows = records
      .map(({ record }) => record)
      .filter((unit) => unit.siteId === siteId && !unit.archivedAt)
      .sort((a, b) => a.name.localeCompare(b.name))
      .map((unit): RoofRow => {
        const summary = last?.get(unit.id);
        return { unit, last: summary, marks: summary?.marks ?? NO_MARKS };
      });
    return {
      rows,
      take: takeUp(rows.map(roofUnitParts)),
      work: orderOfWork(
        rows.map(({ unit, last: summary }) => ({ unitId: unit.id, name: unit.name, found: summary?.found ?? [] })),
      ),
    };
  }, [records, siteId, last]);
  return { ...sheet, isPending, isError };
}
