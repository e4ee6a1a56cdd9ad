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
