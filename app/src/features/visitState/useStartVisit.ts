import type { UnitDto } from '@huff/contract';
import { router } from 'expo-router';
import { useCallback } from 'react';
import { blowerTables, sites } from '../../data/records';
import { drafts, useDraft } from '../../data/visits';
import { checkAt, isBegun } from './newVisit';

/** Starts a check at a unit with all its record says; one already open there goes on, one open elsewhere is saved as it stands. */
export function useStartVisit() {
  const { records: tables } = blowerTables.useList();
  const { records: places } = sites.useList();
  const draft = useDraft();
  const start = useCallback(
    (unit: UnitDto) => {
      if (!(draft && draft.unitId === unit.id && isBegun(draft))) {
        const table = tables.find(({ record }) => record.id === unit.blowerTableId)?.record;
        const site = places.find(({ record }) => record.id === unit.siteId)?.record;
        drafts.open(checkAt(unit, table, site, new Date()));
      }
      router.push('/quick');
    },
    [draft, tables, places],
  );
  return {
    start,
    /** The title of a check that is open elsewhere. */
    openAt: draft && isBegun(draft) ? draft.title : undefined,
  };
}
