import { isListItem, type Fields, type RecordKind } from '@huff/contract/spine';
import { offsetToKeep } from '../records/sender';

interface Counted {
  readonly countedAt?: unknown;
}

const isTime = (of: RecordKind, path: string) => of === 'visit' && path === 'startedAt';

/** The time a field holds that the phone read off its own clock. */
function timeIn(of: RecordKind, path: string, value: unknown): string | undefined {
  const at = isTime(of, path)
    ? value
    : isListItem(of, path)
      ? (value as Counted | null | undefined)?.countedAt
      : undefined;
  return typeof at === 'string' ? at : undefined;
}

/**
 * Fields as they are sent, with the start of a visit and the time of each new count by the server's clock: a phone that is 400 days ahead
 * must neither hide a later look nor hold a count for 400 days. A time the server gave out itself stays as it is.
 *
 * @param known versions of the fields that hold times by the server's clock already
 * @example withServerTimes('visit', { startedAt: '2027-01-05T10:00:00.000Z' }, [], -86_400_000).startedAt // '2027-01-04T10:00:00.000Z'
 */
export function withServerTimes(
  of: RecordKind,
  fields: Fields,
  known: readonly Fields[],
  clockOffsetMs: number,
  nowMs = Date.now(),
): Fields {
  const offsetMs = offsetToKeep(clockOffsetMs);
  if (offsetMs === null) return fields;
  return Object.fromEntries(
    Object.entries(fields).map(([path, value]) => {
      const at = timeIn(of, path, value);
      if (at === undefined || known.some((one) => timeIn(of, path, one[path]) === at)) return [path, value];
      const ms = Math.min(Date.parse(at) + offsetMs, nowMs);
      // What is no time is told at its field when the record is checked.
      if (!Number.isFinite(ms)) return [path, value];
      const corrected = new Date(ms).toISOString();
      return [path, isTime(of, path) ? corrected : { ...(value as object), countedAt: corrected }];
    }),
  );
}
