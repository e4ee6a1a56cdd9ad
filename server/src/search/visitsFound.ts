import type { Query } from '../db/db';
import { moment } from '../db/moment';
import { RESULTS_OF } from '../visits/summaries';
import type { Found } from './found';

/** How much of two words' groups of three letters must be the same. */
const LEAST_LIKENESS = 0.4;
const STAND_INS = 6;
const MOST_VISITS = 20;

/** A word as a pattern that means nothing but itself. */
export const literal = (word: string) => word.replace(/[\\%_]/g, '\\$&');
const pattern = (word: string) => `%${literal(word)}%`;

/** For each typed word what is sought: itself, where some word of the shop's visits begins with it, or the words that are nearly it. */
async function soughtWords(query: Query, shopId: string, words: readonly string[]): Promise<string[][]> {
  // What stands for a slip is sought for that word alone: it takes ten times as long.
  const rows = await query<{ known: boolean; near: string[] | null }>(
    `SELECT known, CASE WHEN known THEN NULL ELSE (SELECT array_agg(n.word) FROM (
          SELECT s.word FROM search_words s WHERE s.shop_id = $1 AND s.word % t.word AND similarity(s.word, t.word) >= $3
          ORDER BY similarity(s.word, t.word) DESC, s.word LIMIT ${STAND_INS}) n) END AS near
     FROM (
       SELECT t.*, EXISTS (SELECT 1 FROM search_words k WHERE k.shop_id = $1 AND k.word LIKE t.begins) AS known
       FROM unnest($2::text[], $4::text[]) WITH ORDINALITY AS t(word, begins, n)
     ) t ORDER BY t.n`,
    [shopId, words, LEAST_LIKENESS, words.map((word) => `${literal(word)}%`)],
  );
  return rows.map(({ known, near }, i) => (known ? [words[i]!] : [words[i]!, ...(near ?? [])]).map(pattern));
}

/** Visits by their findings, notes and parts, the newest first. @param words in small letters */
export async function visitsFound(query: Query, shopId: string, words: readonly string[]): Promise<Found[]> {
  const sought = await soughtWords(query, shopId, words);
  const params: unknown[] = [shopId];
  const met = sought.map((patterns) => `AND t.text LIKE ANY ($${params.push(patterns)}::text[])`);
  // First the few that are told, the newest first: of a word that every visit has, most are never looked at.
  return query<Found & Record<string, unknown>>(
    `WITH found AS MATERIALIZED (
       SELECT v.shop_id, v.id, v.title, v.unit_id, v.started_at
       FROM visits v JOIN search_texts t ON t.shop_id = v.shop_id AND t.visit_id = v.id
       WHERE v.shop_id = $1 AND t.shop_id = $1 ${met.join(' ')} ORDER BY v.started_at DESC, v.id DESC LIMIT ${MOST_VISITS}
     )
     SELECT 'visit' AS of, v.id, v.title AS name, s.name AS "siteName", ${moment('v.started_at')} AS at,
       coalesce((SELECT f->>'words' FROM jsonb_array_elements(r.found) f WHERE lower(f->>'words') LIKE ANY ($2::text[]) LIMIT 1), r.headline) AS words
     FROM found v LEFT JOIN ${RESULTS_OF}
     LEFT JOIN units u ON u.shop_id = v.shop_id AND u.id = v.unit_id
     LEFT JOIN sites s ON s.shop_id = u.shop_id AND s.id = u.site_id
     ORDER BY v.started_at DESC, v.id DESC`,
    params,
  );
}
