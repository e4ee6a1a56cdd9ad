import type { Query } from '../db/db';
import type { Found } from './found';
import { literal, visitsFound } from './visitsFound';

/** How much of two words' groups of three letters must be the same: one wrong letter of six passes. */
const LEAST_LIKENESS = 0.4;
/** A slip leaves out or adds no more letters than this: all other words need no closer look. */
const SLIP = 2;
/** How many words of the shop may stand for one that was typed. */
const STAND_INS = 12;

export const SEARCH_LIMITS = { textLength: { min: 1, max: 80 }, found: 30 } as const;

/** Everything of a shop that is a place or a part, with what it is found by. */
const TEXTS = `SELECT 'site' AS of, id, name, NULL AS site_name, search_text AS text
  FROM sites WHERE shop_id = $1 AND archived_at IS NULL
  UNION ALL
  SELECT 'unit', u.id, u.name, s.name, u.search_text || ' ' || coalesce(lower(s.name), '')
  FROM units u LEFT JOIN sites s ON s.shop_id = u.shop_id AND s.id = u.site_id
  WHERE u.shop_id = $1 AND u.archived_at IS NULL
  UNION ALL
  SELECT 'part', f.id, 'Belt ' || (b->>'mark'), NULL, lower('belt ' || (b->>'mark'))
  FROM shop_figures f, jsonb_array_elements(f.belts) b WHERE f.shop_id = $1
  UNION ALL
  SELECT 'part', (p->>'id')::uuid, p->>'name', NULL, lower(concat_ws(' ', p->>'kind', p->>'name'))
  FROM shop_figures f, jsonb_array_elements(f.sheaves || coalesce(f.parts, '[]')) p WHERE f.shop_id = $1`;

/** Those of the words that nothing of the shop begins with: a slip of the finger, or nowhere. */
async function mistypedOf(query: Query, shopId: string, words: readonly string[]): Promise<string[]> {
  const rows = await query<{ word: string }>(
    `SELECT word FROM unnest($2::text[], $3::text[]) AS t(word, begins)
     WHERE NOT EXISTS (SELECT 1 FROM (${TEXTS}) texts WHERE position(' ' || word IN ' ' || text) > 0)
       AND NOT EXISTS (SELECT 1 FROM search_words k WHERE k.shop_id = $1 AND k.word LIKE t.begins)`,
    [shopId, words, words.map((word) => `${literal(word)}%`)],
  );
  return rows.map(({ word }) => word);
}

/** Places and parts that have each word, whole or in part. */
const havingAll = (query: Query, shopId: string, words: readonly string[]): Promise<Found[]> =>
  query<Found & Record<string, unknown>>(
    `SELECT of, id, name, site_name AS "siteName" FROM (${TEXTS}) texts
     WHERE text LIKE ALL ($2::text[]) ORDER BY of = 'part', of, name, id LIMIT $3`,
    [shopId, words.map((word) => `%${literal(word)}%`), SEARCH_LIMITS.found],
  );

/** The same where some words were mistyped: they are sought among the words the shop has, which are few, and not in every text. */
const havingNearly = (
  query: Query,
  shopId: string,
  words: readonly string[],
  mistyped: readonly string[],
): Promise<Found[]> =>
  query<Found & Record<string, unknown>>(
    `WITH texts AS MATERIALIZED (
       -- What has the words that were typed right: the others are looked for in those few alone.
       SELECT * FROM (${TEXTS}) all_texts WHERE text LIKE ALL ($7::text[])
     ), typed AS (
       SELECT DISTINCT word FROM unnest($2::text[]) AS word
     ), mistyped AS (
       SELECT unnest($6::text[]) AS word
     ), terms AS (
       SELECT DISTINCT unnest(string_to_array(text, ' ')) AS term FROM texts
     ), near AS MATERIALIZED (
       SELECT word, term, likeness FROM (
         SELECT word, term, similarity(word, term) AS likeness,
           row_number() OVER (PARTITION BY word ORDER BY similarity(word, term) DESC, term) AS place
         FROM mistyped JOIN terms ON abs(length(term) - length(word)) <= ${SLIP} AND similarity(word, term) >= $3
       ) AS ranked WHERE place <= $5
     ), met AS (
       SELECT t.of, t.id, t.name, w.word, max(CASE WHEN position(w.word IN t.text) > 0 THEN 1 ELSE n.likeness END) AS score
       FROM texts t CROSS JOIN typed w
       LEFT JOIN near n ON n.word = w.word AND position(n.term IN t.text) > 0
       WHERE position(w.word IN t.text) > 0 OR n.term IS NOT NULL
       GROUP BY t.of, t.id, t.name, w.word
     ), whole AS (
       SELECT of, id, name, min(score) AS score FROM met GROUP BY of, id, name HAVING count(*) = (SELECT count(*) FROM typed)
     )
     SELECT of, id, name, site_name AS "siteName" FROM whole JOIN texts USING (of, id, name)
     ORDER BY score DESC, of = 'part', of, name, id LIMIT $4`,
    [
      shopId,
      words,
      LEAST_LIKENESS,
      SEARCH_LIMITS.found,
      STAND_INS,
      mistyped,
      words.filter((word) => !mistyped.includes(word)).map((word) => `%${literal(word)}%`),
    ],
  );

/** What has every word stands alone; only where nothing has is a slip looked for. */
async function placesFound(query: Query, shopId: string, words: readonly string[]): Promise<Found[]> {
  const whole = await havingAll(query, shopId, words);
  if (whole.length > 0) return whole;
  const mistyped = await mistypedOf(query, shopId, words);
  return mistyped.length === 0 ? [] : havingNearly(query, shopId, words, mistyped);
}

/**
 * Sites, units and parts by name, address, contact, notes, model and serial number, and visits by findings and notes: each word must be met, whole, in part, or nearly. What is nearly
 * a word is sought among the words the shop has, which are few, and not in every text.
 *
 * @param text words, in any order
 */
export async function search(query: Query, shopId: string, text: string): Promise<Found[]> {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean).slice(0, 8);
  if (words.length === 0) return [];
  const [places, visits] = await Promise.all([placesFound(query, shopId, words), visitsFound(query, shopId, words)]);
  return [...places, ...visits];
}
