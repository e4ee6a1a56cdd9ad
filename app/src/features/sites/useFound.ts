import { notedAt, type VisitDto } from '@huff/contract';
import { readKept } from '@huff/core/first';
import { stockOf } from '@huff/contract/fix';
import { useMemo } from 'react';
import { shop, sites, units, type Kept } from '../../data/records';
import { useSearch } from '../../data/useSearch';
import { useVisitList, useVisitsSince, useWeekAgo, type ListedVisit } from '../../data/visits';
import { findPlaces, type FoundPlace, type HeldVisit } from '../places/findPlaces';

/** A part has no address of its own: its name is what tells it from another. */
const keyOf = ({ of, id, name }: FoundPlace) => (of === 'part' ? `part ${name}` : `${of} ${id}`);
const isPlace = ({ of }: FoundPlace) => of === 'site' || of === 'unit';

/** Visits as they are found by: what the server said of them, and what was written at those this phone has whole. */
function heldVisits(listed: readonly ListedVisit[], whole: readonly Kept<VisitDto>[]): HeldVisit[] {
  const written = new Map(whole.map(({ record }) => [record.id, record]));
  return listed.flatMap(({ id, summary }): HeldVisit[] => {
    const record = written.get(id);
    const noted = record && notedAt(record);
    if (summary) return [{ ...summary, noted }];
    // Not told yet: what was written at it is known here all the same.
    return record ? [{ id, title: record.title, startedAt: record.startedAt, noted }] : [];
  });
}

/**
 * What is found as one types: places, parts and visits of this phone at once, then what the server knows beyond them. Places stand first, whoever found
 * them.
 */
export function useFound(text: string): readonly FoundPlace[] {
  const { records: siteList } = sites.useList();
  const { records: unitList } = units.useList();
  const { records: shops } = shop.useList();
  const { visits } = useVisitList();
  const { visits: whole } = useVisitsSince(useWeekAgo());
  const held = useMemo(
    () => ({
      sites: siteList.map(({ record }) => record),
      units: unitList.map(({ record }) => record),
      parts: shops[0] ? stockOf(shops[0].record) : [],
      visits: heldVisits(visits, whole),
    }),
    [siteList, unitList, shops, visits, whole],
  );
  const here = useMemo(() => findPlaces(held, text), [held, text]);
  const told = useSearch(text);
  return useMemo(() => {
    const known = new Set(here.map(keyOf));
    const beyond = told
      .map(({ siteName, words, ...one }): FoundPlace => ({
        ...one,
        ...(siteName ? { siteName } : {}),
        ...(words ? { words: readKept(words) } : {}),
      }))
      .filter((one) => !known.has(keyOf(one)));
    const all = [...here, ...beyond];
    return [...all.filter(isPlace), ...all.filter((one) => !isPlace(one))];
  }, [here, told]);
}
