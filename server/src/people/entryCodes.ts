import type { Query } from '../db/db';
import { moment } from '../db/moment';
import type { Author } from '../http/author';
import { codeTyped, keyOf, newCode } from './secrets';

/** For a phone at the desk it is scanned at once; an invitation waits until it is read. */
const MINUTES = { phone: 15, invitation: 7 * 24 * 60 } as const;

export interface MadeCode {
  readonly code: string;
  readonly expiresAt: string;
}

/** Makes a code that lets a person in once. One that was made before for the same person holds no more. */
export async function makeCode(
  query: Query,
  { shopId, personId: madeBy }: Author,
  personId: string,
  kind: keyof typeof MINUTES,
): Promise<MadeCode> {
  await query('DELETE FROM entry_codes WHERE shop_id = $1 AND person_id = $2 AND used_at IS NULL', [shopId, personId]);
  const code = newCode();
  const [row] = await query<{ expiresAt: string }>(
    `INSERT INTO entry_codes (shop_id, key, person_id, made_by, expires_at)
     VALUES ($1, $2, $3, $4, now() + make_interval(mins => $5)) RETURNING ${moment('expires_at')} AS "expiresAt"`,
    [shopId, keyOf(codeTyped(code)), personId, madeBy, MINUTES[kind]],
  );
  return { code, expiresAt: row!.expiresAt };
}

/** Uses a code up. @returns whom it lets in; undefined for one that nobody made, that is used or over, or whose person left */
export async function useCode(query: Query, typed: string): Promise<Omit<Author, 'role'> | undefined> {
  const [used] = await query<{ shopId: string; personId: string }>(
    `UPDATE entry_codes c SET used_at = now() FROM people p
     WHERE c.key = $1 AND c.used_at IS NULL AND c.expires_at > now()
       AND p.shop_id = c.shop_id AND p.id = c.person_id AND p.left_at IS NULL
     RETURNING c.shop_id AS "shopId", c.person_id AS "personId"`,
    [keyOf(codeTyped(typed))],
  );
  return used;
}
