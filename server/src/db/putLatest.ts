import type { Author } from '../http/author';
import { conflict } from '../http/problems';
import type { Query } from './db';

/** A record's columns and values; the column names are our own, never a client's. */
export interface LatestRecord {
  readonly id: string;
  readonly savedAt: string;
  readonly columns: Readonly<Record<string, unknown>>;
}

/**
 * Writes a record that may be written again: of two versions the one saved later on the client stays, so a late repeat of an
 * old version changes nothing. Harmless when sent twice.
 *
 * @throws ProblemError 409 when the id belongs to another shop
 */
export async function putLatest(
  query: Query,
  table: 'blower_tables' | 'shop_figures' | 'sites' | 'units' | 'visits',
  { shopId, personId }: Author,
  { id, savedAt, columns }: LatestRecord,
): Promise<void> {
  const names = Object.keys(columns);
  const all = ['id', 'shop_id', 'written_by', 'saved_at', ...names];
  const rows = await query(
    `INSERT INTO ${table} (${all.join(', ')})
     VALUES (${all.map((_, i) => `$${i + 1}`).join(', ')})
     ON CONFLICT (id) DO UPDATE SET ${['written_by', 'saved_at', ...names].map((c) => `${c} = excluded.${c}`).join(', ')}
     WHERE ${table}.shop_id = excluded.shop_id AND ${table}.saved_at <= excluded.saved_at
     RETURNING id`,
    [id, shopId, personId, savedAt, ...Object.values(columns)],
  );
  if (rows.length > 0) return;
  const [stored] = await query<{ shop_id: string }>(`SELECT shop_id FROM ${table} WHERE id = $1`, [id]);
  if (stored?.shop_id !== shopId) throw conflict('This id is taken. Save it again under a new one.');
}
