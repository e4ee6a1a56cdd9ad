import type { Query } from './db';

/** How many rows each table has, by its name. */
export async function rowCounts(query: Query): Promise<Record<string, number>> {
  const tables = await query<{ name: string }>(
    `SELECT table_name AS name FROM information_schema.tables
     WHERE table_schema = 'public' AND table_type = 'BASE TABLE' ORDER BY table_name`,
  );
  const counts: Record<string, number> = {};
  for (const { name } of tables) {
    const [row] = await query<{ n: number }>(`SELECT count(*) AS n FROM "${name}"`);
    counts[name] = row?.n ?? 0;
  }
  return counts;
}
