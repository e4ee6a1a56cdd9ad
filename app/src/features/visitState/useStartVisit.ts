import type { UnitDto } from '@huff/contract';
import { router } from 'expo-router';
import { useCallback, useEffect, useRef } from 'react';
import { blowerTables, sites } from '../../data/records';
import { drafts, useDraft } from '../../data/visits';
import { checkAt, isBegun } from './newVisit';

/** A start that was asked for before the phone had read its own lists. */
interface Asked {
  readonly unit: UnitDto;
  readonly then: () => void;
}

const toTheVisit = () => router.push('/quick');

/** Starts a check at a unit with all its record says; one already open there goes on, one open elsewhere is saved as it stands. */
export function useStartVisit() {
  const tables = blowerTables.useList();
  const places = sites.useList();
  const draft = useDraft();
  // Begun sooner, the visit would know neither the blower table nor the altitude of the unit, nor that a check is open there.
  const isReady = !tables.isPending && !places.isPending && draft !== undefined;
  const waiting = useRef<Asked>(undefined);
  const begin = useCallback(
    ({ unit, then }: Asked) => {
      if (!(draft && draft.unitId === unit.id && isBegun(draft))) {
        const table = tables.records.find(({ record }) => record.id === unit.blowerTableId)?.record;
        const site = places.records.find(({ record }) => record.id === unit.siteId)?.record;
        drafts.open(checkAt(unit, table, site, new Date()));
      }
      then();
    },
    [draft, tables.records, places.records],
  );
  useEffect(() => {
    if (!isReady || !waiting.current) return;
    const asked = waiting.current;
    waiting.current = undefined;
    begin(asked);
  }, [isReady, begin]);
  /** Opens it, then goes to it: the visit, where nothing else is said. */
  const start = useCallback(
    (unit: UnitDto, then = toTheVisit) => {
      if (isReady) begin({ unit, then });
      else waiting.current = { unit, then };
    },
    [isReady, begin],
  );
  return {
    start,
    /** The title of a check that is open elsewhere. */
    openAt: draft && isBegun(draft) ? draft.title : undefined,
  };
}
