import type { Problem } from '@huff/contract';

/** The server was asked and could not be reached. */
export class NotReached extends Error {}

/** What the server has at an address, with its revision; undefined when it says that there is nothing. */
export async function ask<T>(address: string): Promise<{ readonly body: T; readonly revision: number } | undefined> {
  const answer = await fetch(address, { signal: AbortSignal.timeout(20_000) }).catch(() => undefined);
  const isProblem = answer?.headers.get('Content-Type')?.includes('problem+json');
  const body = (await answer?.json().catch(() => undefined)) as T | Problem | undefined;
  if (answer?.status === 404 && isProblem) return undefined;
  if (!answer?.ok || body === undefined) throw new NotReached();
  return { body: body as T, revision: Number(/\d+/.exec(answer.headers.get('ETag') ?? '')?.[0] ?? 0) };
}

/** What came of asking the server to do something: what it says, or why not, in a sentence. */
export type Answered<T> = { readonly ok: true; readonly body: T } | { readonly ok: false; readonly why: string };

const NOT_REACHED = 'The server could not be reached. Try again with a signal.';

/** Asks the server to do something. @param send as JSON; nothing when absent */
export async function tell<T>(
  method: 'POST' | 'PUT' | 'DELETE',
  address: string,
  send?: object,
  withinMs = 20_000,
): Promise<Answered<T>> {
  const answer = await fetch(address, {
    method,
    ...(send ? { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(send) } : {}),
    signal: AbortSignal.timeout(withinMs),
  }).catch(() => undefined);
  if (!answer) return { ok: false, why: NOT_REACHED };
  const body = answer.status === 204 ? undefined : ((await answer.json().catch(() => undefined)) as unknown);
  if (answer.ok) return { ok: true, body: body as T };
  return { ok: false, why: (body as Partial<Problem> | undefined)?.detail ?? NOT_REACHED };
}
