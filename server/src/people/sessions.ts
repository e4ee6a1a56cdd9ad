import type { SignedInDevice } from '@huff/contract';
import type { Query } from '../db/db';
import { moment } from '../db/moment';
import type { Author } from '../http/author';
import { keyOf, newToken } from './secrets';

/** A phone that was not here for so long is asked again; one in use never is, until the longest time. */
const IDLE_DAYS = 30;
const LONGEST_DAYS = 180;
/** Use is noted so often. */
const NOTED_EVERY = `interval '1 hour'`;

const MOST_LABEL = 80;

/** Lets a person in. @param label what the browser says it is @returns the token for the browser alone */
export async function openSession(query: Query, { shopId, personId }: Author, label: string): Promise<string> {
  const token = newToken();
  await query(
    `INSERT INTO sessions (shop_id, key, person_id, label, expires_at)
     VALUES ($1, $2, $3, $4, now() + interval '${LONGEST_DAYS} days')`,
    [shopId, keyOf(token), personId, label.slice(0, MOST_LABEL)],
  );
  return token;
}

type Session = Author & { readonly isStale: boolean };

/** Whose token this is; undefined for one that nobody gave, that is over, or whose person left. */
export async function sessionOf(query: Query, token: string): Promise<Author | undefined> {
  const key = keyOf(token);
  const [found] = await query<Session & Record<string, unknown>>(
    `SELECT s.shop_id AS "shopId", s.person_id AS "personId", p.role, s.used_at < now() - ${NOTED_EVERY} AS "isStale"
     FROM sessions s JOIN people p ON p.shop_id = s.shop_id AND p.id = s.person_id
     WHERE s.key = $1 AND s.expires_at > now() AND s.used_at > now() - interval '${IDLE_DAYS} days' AND p.left_at IS NULL`,
    [key],
  );
  if (!found) return undefined;
  if (found.isStale) await query('UPDATE sessions SET used_at = now() WHERE key = $1', [key]);
  return { shopId: found.shopId, personId: found.personId, role: found.role };
}

export async function endSession(query: Query, token: string): Promise<void> {
  await query('DELETE FROM sessions WHERE key = $1', [keyOf(token)]);
}

/** Ends the sessions of a person. @param but the token of one that stays */
export async function endSessions(
  query: Query,
  { shopId, personId }: Omit<Author, 'role'>,
  but?: string,
): Promise<void> {
  await query('DELETE FROM sessions WHERE shop_id = $1 AND person_id = $2 AND key <> $3', [
    shopId,
    personId,
    but === undefined ? '' : keyOf(but),
  ]);
}

export async function endDevice(query: Query, { shopId, personId }: Author, id: string): Promise<boolean> {
  const gone = await query('DELETE FROM sessions WHERE shop_id = $1 AND person_id = $2 AND id = $3 RETURNING id', [
    shopId,
    personId,
    id,
  ]);
  return gone.length > 0;
}

/** Where a person is signed in, the last used first. */
export const devicesOf = (query: Query, { shopId, personId }: Author, token?: string): Promise<SignedInDevice[]> =>
  query<SignedInDevice & Record<string, unknown>>(
    `SELECT id, label, ${moment('used_at')} AS "usedAt", key = $3 AS "isThis" FROM sessions
     WHERE shop_id = $1 AND person_id = $2 AND expires_at > now() ORDER BY used_at DESC, id`,
    [shopId, personId, token === undefined ? '' : keyOf(token)],
  );
