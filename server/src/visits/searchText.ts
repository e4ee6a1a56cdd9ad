import { notedAt, type VisitDto } from '@huff/contract';
import { readKept } from '@huff/core';
import type { KeptItem } from '@huff/core/call';
import type { Query } from '../db/db';

/** Words shorter than this are met everywhere. */
const LEAST_WORD = 3;
const MOST_WORD = 40;

/** What a visit is found by, in small letters: its title, what was found, what was noted and agreed, the parts that were used. */
export function searchTextOf(visit: VisitDto, found: readonly KeptItem[]): string {
  const own = found.filter(({ since }) => since === visit.startedAt).map(({ words }) => readKept(words));
  return [visit.title, ...own, ...notedAt(visit)].join(' · ').toLowerCase();
}

/** The words of a text, each once. @example wordsOf('Belt A48, slack') // ['belt', 'a48', 'slack'] */
export const wordsOf = (text: string): string[] => [
  ...new Set(
    text
      .toLowerCase()
      .split(/[^\p{L}\p{N}]+/u)
      .filter(({ length }) => length >= LEAST_WORD && length <= MOST_WORD),
  ),
];

/** Keeps what a visit is found by. */
export async function keepSearchText(query: Query, shopId: string, visitId: string, text: string): Promise<void> {
  await query(
    `INSERT INTO search_texts (shop_id, visit_id, text) VALUES ($1, $2, $3)
     ON CONFLICT (shop_id, visit_id) DO UPDATE SET text = excluded.text WHERE search_texts.text <> excluded.text`,
    [shopId, visitId, text],
  );
}

/** Keeps the words that visits are found by, so that a slip of the finger is sought among few. */
export async function keepWords(query: Query, shopId: string, words: readonly string[]): Promise<void> {
  if (words.length === 0) return;
  await query(
    'INSERT INTO search_words (shop_id, word) SELECT $1, word FROM unnest($2::text[]) AS word ORDER BY word ON CONFLICT (shop_id, word) DO NOTHING',
    [shopId, words],
  );
}
