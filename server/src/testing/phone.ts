import type { Operation, OperationResult, SyncAnswer } from '@huff/contract/spine';
import { randomUUID } from 'node:crypto';
import type { Response } from 'supertest';
import type { testServer } from './testServer';

type Http = Awaited<ReturnType<typeof testServer>>['http'];
/** An operation without what every one has. */
type Deed = Operation extends infer O
  ? O extends Operation
    ? Omit<O, 'id' | 'madeAt'> & { id?: string }
    : never
  : never;

/** A phone as the server sees it: with an id, a clock and a cursor. */
export function phoneOn(http: Http, { aheadMs = 0 }: { readonly aheadMs?: number } = {}) {
  const device = randomUUID();
  const now = () => new Date(Date.now() + aheadMs).toISOString();
  let cursor: string | null = null;
  const operation = (deed: Deed): Operation => ({ id: randomUUID(), madeAt: now(), ...deed });
  const post = (operations: readonly unknown[], from = cursor, pull?: boolean): Promise<Response> =>
    Promise.resolve(http.post('/api/sync').send({ device, phoneTime: now(), cursor: from, operations, pull }));
  return {
    device,
    operation,
    post,
    /** Sends operations and gives what the server said; keeps the cursor. */
    async sync(operations: readonly unknown[] = []): Promise<SyncAnswer> {
      const { status, text } = await post(operations);
      if (status !== 200) throw new Error(`The server answered ${status}: ${text}`);
      const answer = JSON.parse(text) as SyncAnswer;
      cursor = answer.cursor;
      return answer;
    },
    /** Does one thing and gives what became of it. */
    async do(deed: Deed): Promise<OperationResult> {
      const { results } = await this.sync([operation(deed)]);
      return results[0]!;
    },
    cursor: () => cursor,
  };
}
