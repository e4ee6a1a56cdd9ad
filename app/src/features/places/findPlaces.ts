import type { SiteDto, UnitDto } from '@huff/contract';
import { readKept, type KeptText } from '@huff/core/first';
import { fieldsOf, searchedOf, type VisitSummary } from '@huff/contract/spine';
import MiniSearch from 'minisearch';

/** A visit with what was written at it, as far as this phone has it whole. */
export type HeldVisit = Pick<VisitSummary, 'id' | 'title' | 'startedAt' | 'found'> & {
  /** What the list says of it, once the server told. */
  readonly headline?: KeptText;
  readonly noted?: readonly string[];
};

/** Sites and units of the shop, its parts, and visits with what was found at them, as this phone holds them. */
export interface Places {
  readonly sites: readonly SiteDto[];
  readonly units: readonly UnitDto[];
  readonly parts?: readonly { readonly key: string; readonly kind: string; readonly name: string }[];
  readonly visits?: readonly HeldVisit[];
}

/** Something that was found. */
export interface FoundPlace {
  readonly of: 'site' | 'unit' | 'part' | 'visit';
  readonly id: string;
  readonly name: string;
  /** The site of a unit. */
  readonly siteName?: string;
  /** What a visit said, or what a part is. */
  readonly words?: string;
  /** When a visit was. */
  readonly at?: string;
}

const FIELDS = ['name', 'siteName', 'told', 'found'] as const;

/** What of a record is searched beside its name, as its description says. */
function toldOf(kind: 'site' | 'unit', record: object): string {
  const fields = fieldsOf(kind, record);
  return searchedOf(kind)
    .filter((path) => path !== 'name')
    .flatMap((path) => (typeof fields[path] === 'string' ? [fields[path]] : []))
    .join(' ');
}

function indexOf({ sites, units, parts = [], visits = [] }: Places): MiniSearch {
  const index = new MiniSearch({
    fields: [...FIELDS],
    storeFields: ['of', 'name', 'siteName', 'words', 'at', 'found'],
    searchOptions: {
      combineWith: 'AND',
      prefix: true,
      // One slip of the finger in a word of four letters or more, two from eight on.
      fuzzy: (term) => (term.length < 4 ? false : term.length < 8 ? 1 : 2),
      boost: { name: 3 },
    },
  });
  const siteNames = new Map(sites.map(({ id, name }) => [id, name]));
  index.addAll([
    ...sites
      .filter((site) => !site.archivedAt)
      .map((site) => ({ id: site.id, of: 'site', name: site.name, told: toldOf('site', site) })),
    ...units
      .filter((unit) => !unit.archivedAt)
      .map((unit) => ({
        id: unit.id,
        of: 'unit',
        name: unit.name,
        siteName: siteNames.get(unit.siteId),
        told: toldOf('unit', unit),
      })),
    ...parts.map(({ key, kind, name }) => ({ id: key, of: 'part', name, words: kind, told: kind })),
    ...visits.map(({ id, title, startedAt, headline, found, noted = [] }) => ({
      id,
      of: 'visit',
      name: title,
      words: headline && readKept(headline),
      at: startedAt,
      found: [...(found ?? []).map(({ words }) => readKept(words)), ...noted].join('\n'),
    })),
  ]);
  return index;
}

let last: { readonly places: Places; readonly index: MiniSearch } | undefined;

/**
 * Sites, units and parts by name, address, contact, notes, model and serial number, and visits by what was found and noted, as one types and with slips forgiven; the best first. The
 * index is made once for a list.
 */
export function findPlaces(places: Places, sought: string): FoundPlace[] {
  if (sought.trim() === '') return [];
  if (last?.places !== places) last = { places, index: indexOf(places) };
  return last.index.search(sought).map(({ id, of, name, siteName, words: says, at, found, terms }) => {
    // Of what was found at a visit that which was sought is said.
    const met =
      typeof found === 'string' &&
      found.split('\n').find((one) => terms.some((term) => one.toLowerCase().includes(term)));
    const words = met || (says as string | undefined);
    return {
      of: of as FoundPlace['of'],
      id: id as string,
      name: name as string,
      ...(siteName ? { siteName: siteName as string } : {}),
      ...(words ? { words } : {}),
      ...(at ? { at: at as string } : {}),
    };
  });
}
