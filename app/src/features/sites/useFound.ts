import { stockOf } from '@huff/contract/fix';
import { useMemo } from 'react';
import { shop, sites, units } from '../../data/records';
import { useSearch } from '../../data/useSearch';
import { useVisitList } from '../../data/visits';
import { findPlaces, type FoundPlace } from '../places/findPlaces';

/** A part has no address of its own: its name is what tells it from another. */
const keyOf = ({ of, id, name }: FoundPlace) => (of === 'part' ? `part ${name}` : `${of} ${id}`);
const isPlace = ({ of }: FoundPlace) => of === 'site' || of === 'unit';

/**
 * What is found as one types: places, parts and visits of this phone at once, then what the server knows beyond them. Places stand first, whoever found
 * them.
 */
export function useFound(text: string): readonly FoundPlace[] {
  const { records: siteList } = sites.useList();
  const { records: unitList } = units.useList();
  const { records: shops } = shop.useList();
  const { visits } = useVisitList();
  const held = useMemo(
    () => ({
      sites: siteList.map(({ record }) => record),
      units: unitList.map(({ record }) => record),
      parts: shops[0] ? stockOf(shops[0].record) : [],
      visits: visits.flatMap(({ summary }) => summary ?? []),
    }),
    [siteList, unitList, shops, visits],
  );
  const here = useMemo(() => findPlaces(held, text), [held, text]);
  const told = useSearch(text);
  return useMemo(() => {
    const known = new Set(here.map(keyOf));
    const beyond = told
      .map(({ siteName, words, ...one }): FoundPlace => ({
        ...one,
        ...(siteName ? { siteName } : {}),
        ...(words ? { words } : {}),
      }))
      .filter((one) => !known.has(keyOf(one)));
    const all = [...here, ...beyond];
    return [...all.filter(isPlace), ...all.filter((one) => !isPlace(one))];
  }, [here, told]);
}
