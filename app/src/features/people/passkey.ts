import type { SessionState } from '@huff/contract';
import { tell, type Answered } from '../../data/ask';

interface Challenge {
  readonly id: string;
  readonly options: never;
}

/** Passkeys hold for a name: at an address of figures, or without a secure page, a browser makes none. */
export function canUsePasskeys(): boolean {
  const { hostname } = globalThis.location ?? { hostname: '' };
  return globalThis.isSecureContext && 'PublicKeyCredential' in globalThis && !/^[\d.]+$|:/.test(hostname);
}

const CANCELLED = 'The passkey was not used. Try again, or use the passphrase.';

/** Asks the phone's own lock to sign what the server wants signed. */
async function signed(
  address: string,
  sign: (options: never) => Promise<object>,
): Promise<Answered<{ readonly id: string; readonly response: object }>> {
  const asked = await tell<Challenge>('POST', `${address}/options`);
  if (!asked.ok) return asked;
  try {
    return { ok: true, body: { id: asked.body.id, response: await sign(asked.body.options) } };
  } catch {
    return { ok: false, why: CANCELLED };
  }
}

export async function signInByPasskey(): Promise<Answered<SessionState>> {
  const { startAuthentication } = await import('@simplewebauthn/browser');
  const answer = await signed('/api/session/passkey', (optionsJSON) => startAuthentication({ optionsJSON }));
  return answer.ok ? tell('POST', '/api/session/passkey', answer.body) : answer;
}

export async function makePasskey(): Promise<Answered<SessionState>> {
  const { startRegistration } = await import('@simplewebauthn/browser');
  const answer = await signed('/api/me/passkeys', (optionsJSON) => startRegistration({ optionsJSON }));
  return answer.ok ? tell('POST', '/api/me/passkeys', answer.body) : answer;
}
