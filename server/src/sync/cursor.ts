import { UNKNOWN_CURSOR } from '@huff/contract/spine';
import { ProblemError } from '../http/problems';

/** Where a phone stands. While `until` is set it gathers its first working set: visits of before the week are passed over up to there. */
export interface Cursor {
  readonly revision: number;
  readonly until?: number;
}

const short = (shopId: string) => shopId.replace(/-/g, '');

export const cursorText = (shopId: string, { revision, until }: Cursor): string =>
  [short(shopId), revision, ...(until === undefined ? [] : [until])].join('.');

/**
 * @param now the shop's revision
 * @throws ProblemError 409 for a cursor of another shop, or one this server never gave: the phone begins anew
 */
export function readCursor(text: string | null | undefined, shopId: string, now: number): Cursor {
  if (text === null || text === undefined) return { revision: -1, until: now };
  const [, shop, revision, until] = /^([0-9a-f]{32})\.(-?\d{1,15})(?:\.(\d{1,15}))?$/.exec(text) ?? [];
  const cursor = { revision: Number(revision), ...(until === undefined ? {} : { until: Number(until) }) };
  if (shop !== short(shopId) || cursor.revision > now || (cursor.until ?? 0) > now) {
    throw new ProblemError(
      409,
      UNKNOWN_CURSOR,
      'This cursor is not of this shop, or of a state this server never had. Begin again with a cursor of null.',
    );
  }
  return cursor;
}
