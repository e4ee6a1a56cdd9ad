import { checkPatched } from '@huff/contract/sync';
import {
  fieldsOf,
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

/**
 * Sets fields of a record. Of a field that another device changed since `base` the first value stands and both are told; all others are
 * set.
 *
 * @throws ProblemError 422 when what would be set is not valid
 */
export async function patchRecord<K extends RecordKind>(
  query: Query,
  { author, device }: Sender,
  revision: number,
  { operationId, of, stored, base, fields }: Patch<K>,
): Promise<Patched> {
  const recordId = stored.record.id;
  const current = valuesOf(of, stored.record, Object.keys(fields));
  const differing = Object.entries(fields).filter(([path, value]) => !sameValue(value, current[path]));
  const changes =
    stored.revision > base ? await changesOf(query, of, author.shopId, recordId, { after: base, length: 10_000 }) : [];
  const taken = byOthers(changes, device);
  // Nothing to do, and yet the sender may not know what others set: it must not take the revision for known.
  if (differing.length === 0) return { revision: stored.revision, merged: taken.size > 0, conflicts: [] };
  const conflicts = differing.flatMap(([field, yours]): FieldConflict[] => {
    const other = taken.get(field);
    return other ? [{ field, yours, theirs: current[field], by: other.by, at: other.at }] : [];
  });
  const free = Object.fromEntries(differing.filter(([path]) => !taken.has(path)));
  if (Object.keys(free).length === 0) return { revision: stored.revision, merged: false, conflicts };
  const checked = checkPatched(of, stored.record, free);
  if (!checked.ok) throw invalid(checked.errors);
  await writeRecord(query, of, author, checked.value, revision);
  const before = valuesOf(of, stored.record, Object.keys(free));
  const all = fieldsOf(of, checked.value);
  const after = Object.fromEntries(Object.keys(free).map((path) => [path, all[path] ?? null]));
  await keepChange(query, author, { kind: of, recordId, revision, operationId, device, before, after });
  return { revision, merged: taken.size > 0, conflicts };
}
