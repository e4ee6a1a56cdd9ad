import type { KnownMark, UnitDto, VisitDto } from '@huff/contract';
import { roofUnitParts } from '@huff/contract/call';
import type { VisitSummary } from '@huff/contract/spine';
import type { VerdictWord } from '@huff/core';
import { orderOfWork, readItem, ROOF_COLUMNS, takeUp, type RoofColumn, type RoofMarks } from '@huff/core/call';
import { getHours } from 'date-fns/getHours';
import { getMinutes } from 'date-fns/getMinutes';
import { useMemo, useState } from 'react';
import { shop, units, type Kept } from '../../data/records';
import { useRoof } from '../../data/useRoof';
import { useRules } from '../../data/useRules';
import { judgedOnce } from './judgedOnce';

/** How a check of a unit stands: from when, and whether that was on today's round. */
interface RowMark {
  readonly word: VerdictWord;
  readonly visitId: string;
  readonly at: string;
  readonly today: boolean;
}

/** A unit in its row. */
export interface RoofRow {
  readonly unit: UnitDto;
  readonly last?: VisitSummary;
  readonly marks: Readonly<Partial<Record<RoofColumn, RowMark>>>;
}

/** What the unit's visit before today's left, as far as the server told. */
function leftBefore(today: VisitDto, told: VisitSummary | undefined) {
  const found = told?.found ?? [];
  // Where the server knows today's visit, what was carried into it stands with its own day.
  return told?.id === today.id ? found.filter(({ since }) => since < today.startedAt) : found;
}

function marksOf(known: readonly KnownMark[], today: VisitSummary | undefined): RoofRow['marks'] {
  const marks: Partial<Record<RoofColumn, RowMark>> = {};
  for (const { column, word, at, visitId } of known)
    marks[column] = { word, visitId, at, today: visitId === today?.id };
  for (const { id } of ROOF_COLUMNS) {
    const word = today?.marks?.[id];
    if (today && word) marks[id] = { word, visitId: today.id, at: today.startedAt, today: true };
  }
  return marks;
}

const wordsOf = (marks: RoofRow['marks']): RoofMarks =>
  Object.fromEntries(Object.entries(marks).map(([column, { word }]) => [column, word]));

/**
 * The roof sheet of a site: its units with their marks, what is taken up, in which order they are worked.
 *
 * @param today the units' visits of today, judged here: they need no signal
 */
export function useRoofSheet(siteId: string, today: ReadonlyMap<string, Kept<VisitDto>>) {
  const { records } = units.useList();
  const { sheet: told, isPending, isError, saidAt } = useRoof(siteId);
  const rules = useRules();
  const odds = shop.useList().records[0]?.record.odds;
  const here = useMemo(
    () =>
      records
        .map(({ record }) => record)
        .filter((unit) => unit.siteId === siteId && !unit.archivedAt)
        .sort((a, b) => a.name.localeCompare(b.name, undefined, { numeric: true })),
    [records, siteId],
  );
  const [judge] = useState(judgedOnce);
  // The order stands while the page is open: a list that changes under one's hand is worse than one that is an hour old.
  const [now] = useState(() => new Date());
  const judged = useMemo(() => {
    const visits = here.flatMap((unit) => today.get(unit.id)?.record ?? []);
    const last = new Map((told?.visits ?? []).map((visit) => [visit.unitId, visit]));
    return new Map(
      visits.map((visit) => {
        const earlier = leftBefore(visit, last.get(visit.unitId ?? null));
        return [visit.unitId, judge(visit, { rules, odds, earlier })];
      }),
    );
  }, [here, today, told, rules, odds, judge]);
  const sheet = useMemo(() => {
    const last = new Map((told?.visits ?? []).map((visit) => [visit.unitId, visit]));
    const rows = here.map((unit): RoofRow => {
      const ofToday = judged.get(unit.id);
      const known = (told?.marks ?? []).filter(({ unitId }) => unitId === unit.id);
      return { unit, last: ofToday ?? last.get(unit.id), marks: marksOf(known, ofToday) };
    });
    return {
      rows,
      take: takeUp(
        rows.map(({ unit, last: visit, marks }) =>
          roofUnitParts({ unit, last: visit && { ...visit, marks: wordsOf(marks) } }),
        ),
      ),
      work: orderOfWork(
        rows.map(({ unit: { id, name, neededHours }, last: visit }) => ({
          unitId: id,
          name,
          neededHours,
          found: (visit?.found ?? []).map(readItem),
        })),
        getHours(now) * 60 + getMinutes(now),
      ),
    };
  }, [here, judged, told, now]);
  return { ...sheet, isPending, isError, saidAt };
}
