import type { Problem } from '@huff/contract';
import { isSyncAnswer, type SyncAnswer, type SyncRequest } from '@huff/contract/spine';

/** What came back of a request. */
export type Outcome =
  | { readonly kind: 'answer'; readonly answer: SyncAnswer }
  /** No signal, or nothing within the time. */
  | { readonly kind: 'noAnswer' }
  /** Something else answers in the server's place: a network's sign-in page. */
  | { readonly kind: 'notHuff' }
  | { readonly kind: 'problem'; readonly status: number; readonly problem?: Problem; readonly retryAfterMs?: number };

export type Post = (request: SyncRequest) => Promise<Outcome>;

/** A request that is not answered for so long is given up; a picture over a poor signal takes its time. */
const TIMEOUT_MS = 30_000;

const retryAfterMs = (answer: Response) => {
  const seconds = Number(answer.headers.get('Retry-After'));
  return seconds > 0 && seconds < 3600 ? seconds * 1000 : undefined;
};

/** Sends to the server of this page. */
export const postSync: Post = async (request) => {
  let answer: Response;
  let body: unknown;
  try {
    answer = await fetch('/api/sync', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(request),
      signal: AbortSignal.timeout(TIMEOUT_MS),
    });
    body = await answer.text().then((text): unknown => {
      try {
        return JSON.parse(text);
      } catch {
        return undefined;
      }
    });
  } catch {
    return { kind: 'noAnswer' };
  }
  if (answer.ok) return isSyncAnswer(body) ? { kind: 'answer', answer: body } : { kind: 'notHuff' };
  const isProblem = (answer.headers.get('Content-Type') ?? '').includes('problem+json');
  // A gateway between speaks for nobody.
  if (!isProblem && answer.status < 500 && answer.status !== 401 && answer.status !== 429) return { kind: 'notHuff' };
  return {
    kind: 'problem',
    status: answer.status,
    ...(isProblem ? { problem: body as Problem } : {}),
    retryAfterMs: retryAfterMs(answer),
  };
};
