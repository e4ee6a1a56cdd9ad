import { setTimeout as wait } from 'node:timers/promises';

/** What asks the PostgreSQL server. */
type Ask = (sql: string) => Promise<unknown>;

/** An autovacuum worker is done with a small database in less than this many tries take. */
const TRIES = 20;
const APART_MS = 250;

/**
 * Drops a database, with whatever session of ours is still in it. A plain drop comes first: it ends PostgreSQL's own autovacuum workers, which run as a
 * superuser, so that WITH (FORCE) is refused to a plain role while one of them is there. One may come back before the second drop: it is tried again.
 */
export async function dropDatabase(ask: Ask, name: string, apartMs = APART_MS): Promise<void> {
  const drop = `DROP DATABASE IF EXISTS "${name}"`;
  try {
    await ask(drop);
    return;
  } catch {
    // A session is in it.
  }
  for (let left = TRIES; ; left -= 1) {
    try {
      await ask(`${drop} WITH (FORCE)`);
      return;
    } catch (error) {
      if (left <= 1) throw error;
      await wait(apartMs);
    }
  }
}
