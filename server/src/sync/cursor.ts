import { RESTORED_DATA, UNKNOWN_CURSOR } from '@huff/contract/spine';
import { ProblemError } from '../http/problems';
import type { ShopState } from '../records/revision';

/** A run of pages that is not at its end. */
interface Run {
  /** Up to here the phone knew everything when the run began; −1 for one that knew nothing. What was added since is told, whatever the page. */
  readonly known: number;
  /** Where the shop stood when the run began. */
  readonly until: number;
}

/** Where a phone stands in its shop's counter; within a run of pages, with where that began. */
export interface Cursor {
  readonly revision: number;
  readonly run?: Run;
}

const short = (shopId: string) => shopId.replace(/-/g, '');

/** So much of an epoch tells it from another. */
const EPOCH_LETTERS = 12;
const epochMark = (epoch: string) => short(epoch).slice(0, EPOCH_LETTERS);

export const cursorText = (shopId: string, epoch: string, { revision, run }: Cursor): string =>
  [`${short(shopId)}-${epochMark(epoch)}`, revision, ...(run ? [run.known, run.until] : [])].join('.');

/** Up to which revision a phone with this cursor knows everything. */
export const knownTo = ({ revision, run }: Cursor): number => run?.known ?? revision;

/**
 * @param now where the shop is
 * @throws ProblemError 409 for a cursor of another shop, one this server never gave, or one of before a restore: the phone begins anew
 */
export function readCursor(
  text: string | null | undefined,
  shopId: string,
  { revision: now, epoch }: ShopState,
): Cursor {
  if (text === null || text === undefined) return { revision: -1, run: { known: -1, until: now } };
  const [, shop, mark, at, known, until] =
    /^([0-9a-f]{32})(?:-([0-9a-f]{12}))?\.(\d{1,15})(?:\.(-1|\d{1,15})\.(\d{1,15}))?$/.exec(text) ?? [];
  // A cursor of an earlier Huff has no epoch: it is read as before.
  if (shop === short(shopId) && mark !== undefined && mark !== epochMark(epoch))
    throw new ProblemError(
      409,
      RESTORED_DATA,
      'The server’s data was restored. Start again with a cursor of null, and send again what is missing there.',
    );
  const revision = Number(at);
  const run = known === undefined ? undefined : { known: Number(known), until: Number(until) };
  if (shop !== short(shopId) || revision > now || (run && (run.until > now || run.known > revision))) {
    throw new ProblemError(409, UNKNOWN_CURSOR, 'This cursor is not valid here. Start again with a cursor of null.');
  }
  return { revision, ...(run ? { run } : {}) };
}
