import type { Person, PersonDto } from '@huff/contract';
import type { Query } from '../db/db';
import { moment } from '../db/moment';
import { DEMO_AUTHOR, type Author } from '../http/author';
import { conflict, notFound } from '../http/problems';
import { endSessions } from './sessions';

/** What the first owner is called until the passphrase is set. */
const UNNAMED = 'Technician';

const PEOPLE = `SELECT p.id, p.name, p.role, p.sign_in_name AS "signInName", p.passphrase_hash IS NOT NULL AS "hasPassphrase",
  (SELECT count(*) FROM passkeys k WHERE k.shop_id = p.shop_id AND k.person_id = p.id) AS passkeys,
  ${moment('p.left_at')} AS "leftAt" FROM people p`;

/** The people of a shop: those who are there first, by name. */
export const peopleOf = (query: Query, shopId: string): Promise<Person[]> =>
  query<Person & Record<string, unknown>>(
    `${PEOPLE} WHERE p.shop_id = $1 ORDER BY p.left_at IS NOT NULL, lower(p.name), p.id`,
    [shopId],
  );

export async function personOf(query: Query, { shopId, personId }: Omit<Author, 'role'>): Promise<Person | undefined> {
  const [person] = await query<Person & Record<string, unknown>>(`${PEOPLE} WHERE p.shop_id = $1 AND p.id = $2`, [
    shopId,
    personId,
  ]);
  return person;
}

/** Whether the computer itself asks who sits at it: from the moment an owner of the first shop, whose computer it is, can sign in. */
export async function isSignInOn(query: Query): Promise<boolean> {
  const [owner] = await query(
    `SELECT 1 AS there FROM people p WHERE p.shop_id = $1 AND p.role = 'owner' AND p.left_at IS NULL AND (p.passphrase_hash IS NOT NULL
       OR EXISTS (SELECT 1 FROM passkeys k WHERE k.shop_id = p.shop_id AND k.person_id = p.id)) LIMIT 1`,
    [DEMO_AUTHOR.shopId],
  );
  return owner !== undefined;
}

/** A shop without an owner who is there lets nobody in any more. */
async function ensureOwner(query: Query, shopId: string): Promise<void> {
  const owners = await query("SELECT id FROM people WHERE shop_id = $1 AND role = 'owner' AND left_at IS NULL", [
    shopId,
  ]);
  if (owners.length === 0)
    throw conflict('The shop needs an owner. Make somebody else an owner first, then change this person.');
}

export async function addPerson(query: Query, shopId: string, id: string, { name, role }: PersonDto): Promise<void> {
  await query(
    `INSERT INTO people (shop_id, id, name, role) VALUES ($1, $2, $3, $4)
     ON CONFLICT (shop_id, id) DO NOTHING`,
    [shopId, id, name, role],
  );
}

/** Changes a person's name and role. Within a transaction. */
export async function changePerson(query: Query, shopId: string, id: string, { name, role }: PersonDto): Promise<void> {
  const changed = await query('UPDATE people SET name = $3, role = $4 WHERE shop_id = $1 AND id = $2 RETURNING id', [
    shopId,
    id,
    name,
    role,
  ]);
  if (changed.length === 0) throw notFound('person');
  await ensureOwner(query, shopId);
}

/** A person leaves: every session and way in ends, what was written stays. Within a transaction. */
export async function leave(query: Query, shopId: string, id: string): Promise<void> {
  const left = await query(
    `UPDATE people SET left_at = coalesce(left_at, now()), passphrase_hash = NULL, sign_in_name = NULL
     WHERE shop_id = $1 AND id = $2 RETURNING id`,
    [shopId, id],
  );
  if (left.length === 0) throw notFound('person');
  await query('DELETE FROM passkeys WHERE shop_id = $1 AND person_id = $2', [shopId, id]);
  await query('DELETE FROM entry_codes WHERE shop_id = $1 AND person_id = $2 AND used_at IS NULL', [shopId, id]);
  await endSessions(query, { shopId, personId: id });
  await ensureOwner(query, shopId);
}

/** A person who left comes back; a new code lets him in. */
export async function comeBack(query: Query, shopId: string, id: string): Promise<void> {
  await query('UPDATE people SET left_at = NULL WHERE shop_id = $1 AND id = $2', [shopId, id]);
}

/** Who signs in by a name, of all shops of the server. Their case does not matter. */
export async function personNamed(query: Query, name: string) {
  const [found] = await query<{ shopId: string; personId: string; hash: string | null }>(
    `SELECT shop_id AS "shopId", id AS "personId", passphrase_hash AS hash FROM people
     WHERE lower(sign_in_name) = lower($1) AND left_at IS NULL`,
    [name],
  );
  return found;
}

/** What a person's passphrase hashes to; null while there is none. */
export async function passphraseOf(query: Query, { shopId, personId }: Author): Promise<string | null> {
  const [own] = await query<{ hash: string | null }>(
    'SELECT passphrase_hash AS hash FROM people WHERE shop_id = $1 AND id = $2',
    [shopId, personId],
  );
  return own?.hash ?? null;
}

const UNIQUE_VIOLATION = '23505';

/** Sets by what a person signs in. Until then the first owner has no name either: from now on this one. @throws ProblemError 409 for a name that another has */
export async function setPassphrase(query: Query, { shopId, personId }: Author, name: string, hash: string) {
  try {
    await query(
      `UPDATE people SET sign_in_name = $3, passphrase_hash = $4, name = CASE WHEN name = $5 THEN $3 ELSE name END
       WHERE shop_id = $1 AND id = $2`,
      [shopId, personId, name, hash, UNNAMED],
    );
  } catch (error) {
    // Names are of all shops of a server: who has this one is not said.
    if ((error as { code?: string }).code === UNIQUE_VIOLATION)
      throw conflict('Somebody signs in by this name already. Choose another one.');
    throw error;
  }
}
