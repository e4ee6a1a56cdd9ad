import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type AuthenticatorTransport,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server';
import { randomUUID } from 'node:crypto';
import type { Query } from '../db/db';
import type { Author } from '../http/author';
import { invalid, ProblemError } from '../http/problems';

/** Where a passkey holds: the name of the page, and its whole address. */
export interface Place {
  readonly name: string;
  readonly origin: string;
}

const wrongPasskey = () =>
  new ProblemError(401, 'Not signed in', 'This passkey is not known here. Use the passphrase, or ask for a code.');
const noPasskey = () => invalid([{ field: 'response', message: 'The browser’s answer is incomplete. Try again.' }]);

/** A challenge holds so long. */
const MINUTES = 5;

async function keepChallenge(query: Query, challenge: string): Promise<string> {
  const id = randomUUID();
  await query('DELETE FROM challenges WHERE expires_at < now()');
  await query(
    `INSERT INTO challenges (id, challenge, expires_at) VALUES ($1, $2, now() + interval '${MINUTES} minutes')`,
    [id, challenge],
  );
  return id;
}

/** Each is used once, whatever comes of it. */
async function takeChallenge(query: Query, id: string): Promise<string> {
  const [row] = await query<{ challenge: string }>(
    'DELETE FROM challenges WHERE id = $1 AND expires_at > now() RETURNING challenge',
    [id],
  );
  if (!row) throw new ProblemError(401, 'Not signed in', 'That took too long. Try again.');
  return row.challenge;
}

interface KeptPasskey {
  readonly id: string;
  readonly transports: AuthenticatorTransport[];
}

/** What a browser needs to make a passkey for a person. */
export async function newPasskeyOptions(query: Query, { shopId, personId }: Author, name: string, place: Place) {
  const known = await query<KeptPasskey & Record<string, unknown>>(
    'SELECT id, transports FROM passkeys WHERE shop_id = $1 AND person_id = $2',
    [shopId, personId],
  );
  const options = await generateRegistrationOptions({
    rpName: 'Huff',
    rpID: place.name,
    userName: name,
    userDisplayName: name,
    userID: new TextEncoder().encode(personId),
    attestationType: 'none',
    excludeCredentials: known.map(({ id, transports }) => ({ id, transports })),
    authenticatorSelection: { residentKey: 'required', userVerification: 'preferred' },
  });
  return { id: await keepChallenge(query, options.challenge), options };
}

export async function keepPasskey(
  query: Query,
  { shopId, personId }: Author,
  { id, response }: { readonly id: string; readonly response: unknown },
  place: Place,
): Promise<void> {
  const expectedChallenge = await takeChallenge(query, id);
  const { registrationInfo } = await verifyRegistrationResponse({
    response: response as RegistrationResponseJSON,
    expectedChallenge,
    expectedOrigin: place.origin,
    expectedRPID: place.name,
    requireUserVerification: false,
  }).catch(() => {
    throw noPasskey();
  });
  if (!registrationInfo) throw noPasskey();
  const { credential } = registrationInfo;
  await query(
    `INSERT INTO passkeys (shop_id, id, person_id, public_key, counter, transports) VALUES ($1, $2, $3, $4, $5, $6)
     ON CONFLICT DO NOTHING`,
    [
      shopId,
      credential.id,
      personId,
      credential.publicKey,
      credential.counter,
      JSON.stringify(credential.transports ?? []),
    ],
  );
}

/** What a browser needs to sign in by a passkey: whose, the passkey says. */
export async function passkeyOptions(query: Query, place: Place) {
  const options = await generateAuthenticationOptions({ rpID: place.name, userVerification: 'preferred' });
  return { id: await keepChallenge(query, options.challenge), options };
}

/** Whose passkey answered. @throws ProblemError 401 for one that is not known, or did not sign */
export async function personOfPasskey(
  query: Query,
  { id, response }: { readonly id: string; readonly response: unknown },
  place: Place,
): Promise<Omit<Author, 'role'>> {
  const expectedChallenge = await takeChallenge(query, id);
  const answer = response as Partial<AuthenticationResponseJSON> | null;
  if (typeof answer !== 'object' || typeof answer?.id !== 'string') throw noPasskey();
  const [known] = await query<{ shopId: string; personId: string; key: Uint8Array; counter: number }>(
    `SELECT k.shop_id AS "shopId", k.person_id AS "personId", k.public_key AS key, k.counter FROM passkeys k
     JOIN people p ON p.shop_id = k.shop_id AND p.id = k.person_id WHERE k.id = $1 AND p.left_at IS NULL`,
    [answer.id],
  );
  if (!known) throw wrongPasskey();
  const { verified, authenticationInfo } = await verifyAuthenticationResponse({
    response: answer as AuthenticationResponseJSON,
    expectedChallenge,
    expectedOrigin: place.origin,
    expectedRPID: place.name,
    requireUserVerification: false,
    credential: { id: answer.id, publicKey: new Uint8Array(known.key), counter: known.counter },
  }).catch(() => {
    throw wrongPasskey();
  });
  if (!verified) throw wrongPasskey();
  await query('UPDATE passkeys SET counter = $3 WHERE shop_id = $1 AND id = $2', [
    known.shopId,
    answer.id,
    authenticationInfo.newCounter,
  ]);
  return { shopId: known.shopId, personId: known.personId };
}
