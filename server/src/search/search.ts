import type { Query } from '../db/db';

/** A site or a unit that was found. */
export interface Found {
  readonly of: 'site' | 'unit';
  readonly id: string;
  readonly name: string;
  /** The site of a unit. */
  readonly siteName: string | null;
}

/** How much of a word's groups of three letters must be met: one wrong letter of six passes. */
const LEAST_LIKENESS = 0.45;

export const SEARCH_LIMITS = { textLength: { min: 1, max: 80 }, found: 30 } as const;

/**
 * Sites and units by name, address, contact, notes, model and serial number: each word must be met, whole, in part, or nearly.
 *
 * @param text words, in any order
 */
export async function search(query: Query, shopId: string, text: string): Promise<Found[]> {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean).slice(0, 8);
  if (words.length === 0) return [];
  return query<Found & Record<string, unknown>>(
    `WITH texts AS (
       SELECT 'site' AS of, id, name, NULL AS site_name,
         lower(concat_ws(' ', name, address, contact, access_notes)) AS text
       FROM sites WHERE shop_id = $1 AND archived_at IS NULL
       UNION ALL
       SELECT 'unit', u.id, u.name, s.name,
         lower(concat_ws(' ', u.name, s.name, u.plate->>'model', u.plate->>'serial', u.notes))
       FROM units u LEFT JOIN sites s ON s.shop_id = u.shop_id AND s.id = u.site_id
       WHERE u.shop_id = $1 AND u.archived_at IS NULL
     ), scored AS (
       SELECT *, (
         SELECT min(CASE WHEN position(word IN text) > 0 THEN 1 ELSE word_similarity(word, text) END)
         FROM unnest($2::text[]) AS word
       ) AS score FROM texts
     )
     SELECT of, id, name, site_name AS "siteName" FROM scored WHERE score >= $3
     ORDER BY score DESC, of, name, id LIMIT $4`,
    [shopId, words, LEAST_LIKENESS, SEARCH_LIMITS.found],
  );
}
