/** What a clean filter of a kind takes, and how fast the air may go through it. */
export interface FilterMedia {
  readonly id: FilterMediaId;
  readonly text: string;
  /** a of Δp = a·(v/300)^1.3, in. w.c. */
  readonly dropAt300InWc: number;
  /** Face velocity it is good for, fpm. */
  readonly mostFpm: number;
}

export const FILTER_MEDIA_IDS = ['fibreglass1', 'merv8x1', 'merv11x1', 'merv13x1', 'merv8x4', 'merv13x4'] as const;
export type FilterMediaId = (typeof FILTER_MEDIA_IDS)[number];

/** (J) Clean filters by kind and depth. Source: typical of manufacturers' sheets; the depth decides the face velocity. */
export const FILTER_MEDIA: readonly FilterMedia[] = [
  { id: 'fibreglass1', text: '1 in. fiberglass', dropAt300InWc: 0.1, mostFpm: 300 },
  { id: 'merv8x1', text: '1 in. MERV 8', dropAt300InWc: 0.14, mostFpm: 300 },
  { id: 'merv11x1', text: '1 in. MERV 11', dropAt300InWc: 0.2, mostFpm: 300 },
  { id: 'merv13x1', text: '1 in. MERV 13', dropAt300InWc: 0.27, mostFpm: 300 },
  { id: 'merv8x4', text: '4–5 in. MERV 8–11', dropAt300InWc: 0.08, mostFpm: 500 },
  { id: 'merv13x4', text: '4–5 in. MERV 13', dropAt300InWc: 0.11, mostFpm: 500 },
];

/** The kind of an id, or undefined. */
export const filterMedia = (id: string | undefined): FilterMedia | undefined =>
  FILTER_MEDIA.find((media) => media.id === id);

/** A filter that takes this many times its clean drop is loaded. (J) */
export const LOADED_FACTOR = 1.8;
