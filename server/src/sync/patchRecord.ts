import { checkPatched } from '@huff/contract/sync';
import {
  fieldsOf,
  isListItem,
  mergedItem,
  sameValue,
  valuesOf,
  type FieldConflict,
  type Fields,
  type RecordKind,
  type RecordOf,
} from '@huff/contract/spine';
import type { Query } from '../db/db';
import { invalid } from '../http/problems';
import { changesOf, keepChange, type RecordChange } from '../records/history';
import { writeRecord, type Kept } from '../records/records';
import type { Sender } from '../records/sender';
import { withServerTimes } from './serverTimes';

/** What is to be done to a record that is here. */
export interface Patch<K extends RecordKind> {
  readonly operationId: string;
  readonly of: K;
  readonly stored: Kept<RecordOf[K]>;
  /** The revision the sender knew. */
  readonly base: number;
  readonly fields: Fields;
}

export interface Patched {
  readonly revision: number;
  /** Others changed other fields since the sender's revision. */
  readonly merged: boolean;
  readonly conflicts: readonly FieldConflict[];
}

/** The last change of each field by another device. */
function byOthers(changes: readonly RecordChange[], device: string): Map<string, RecordChange> {
  const others = changes.filter((change) => change.device !== device);
  // The last stands first: of two changes of a field it is the one that is told.
  return new Map(
    others.reverse().flatMap((change) => Object.keys(change.fields).map((path) => [path, change] as const)),
  );
}

/** A field as it was when nothing later than the sender's revision was done. */
const baseOf = (changes: readonly RecordChange[], path: string, current: unknown): unknown => {
  const first = changes.findLast(({ fields }) => path in fields);
  return first ? first.fields[path]!.before : current;
};

/**
 * Sets fields of a record. Of a field that another device changed since `base` the first value stands and both are told; all others are
 * set. Items of lists are merged entry by entry: a price set on one phone and a count made on another are both kept.
 *
 * @throws ProblemError 422 when what would be set is not valid
 */
export async function patchRecord<K extends RecordKind>(
  query: Query,
  sender: Sender,
  revision: number,
  { operationId, of, stored, base, fields: sent }: Patch<K>,
): Promise<Patched> {
  const { author, device } = sender;
  const recordId = stored.record.id;
  const current = valuesOf(of, stored.record, Object.keys(sent));
  // The last stands first.
  const changes =
    stored.revision > base ? await changesOf(query, of, author.shopId, recordId, { after: base, length: 10_000 }) : [];
  const known = Object.fromEntries(Object.keys(sent).map((path) => [path, baseOf(changes, path, current[path])]));
  const fields = withServerTimes(of, sent, [known, current], sender.clockOffsetMs);
  const differing = Object.entries(fields).filter(([path, value]) => !sameValue(value, current[path]));
  const taken = byOthers(changes, device);
  // Nothing to do, and yet the sender may not know what others set: it must not take the revision for known.
  if (differing.length === 0) return { revision: stored.revision, merged: taken.size > 0, conflicts: [] };
  const conflicts: FieldConflict[] = [];
  const set: Record<string, unknown> = {};
  for (const [field, value] of differing) {
    const other = taken.get(field);
    const item = other && isListItem(of, field) ? mergedItem(known[field], current[field], value) : undefined;
    if (!other) set[field] = value;
    else if (item && !sameValue(item.merged, current[field])) set[field] = item.merged;
    if (other && item?.differ.length !== 0)
      conflicts.push({
        field,
        yours: item ? item.yours : value,
        theirs: item ? item.merged : current[field],
        by: other.by,
        at: other.at,
      });
  }
  const merged = taken.size > 0;
  if (Object.keys(set).length === 0)
    return { revision: stored.revision, merged: merged && conflicts.length === 0, conflicts };
  const checked = checkPatched(of, stored.record, set);
  if (!checked.ok) throw invalid(checked.errors);
  await writeRecord(query, of, author, checked.value, revision);
  const before = valuesOf(of, stored.record, Object.keys(set));
  const all = fieldsOf(of, checked.value);
  const after = Object.fromEntries(Object.keys(set).map((path) => [path, all[path] ?? null]));
  await keepChange(query, author, { kind: of, recordId, revision, operationId, device, before, after });
  return { revision, merged, conflicts };
}
