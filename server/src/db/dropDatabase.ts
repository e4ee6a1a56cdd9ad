/** What asks the PostgreSQL server. */
type Ask = (sql: string) => Promise<unknown>;

/**
 * Drops a database, with whatever session of ours is still in it. A plain drop comes first: it ends PostgreSQL's own autovacuum workers, which run as a
 * superuser, so that WITH (FORCE) is refused to a plain role while one of them is there.
 */
export async function dropDatabase(ask: Ask, name: string): Promise<void> {
  const drop = `DROP DATABASE IF EXISTS "${name}"`;
  try {
    await ask(drop);
  } catch {
    await ask(`${drop} WITH (FORCE)`);
  }
}
