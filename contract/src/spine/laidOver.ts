import type { PhotoDto } from '../photo';
import type { VisitDto } from '../visit';
import type { Operation } from './operation';
import { fieldsOf, withFields } from './recordFields';
import type { RecordKind, RecordOf } from '../records';
import { withVisitChange } from './visitChange';

const NOTHING_ADDED = { fields: {}, readings: [], facts: [] };

/**
 * A record as it stands with operations done that the server has not told of yet, in the order they were made.
 *
 * @param told what the server told; undefined when it never told of this record
 * @returns undefined while nobody made the record
 */
export function recordWith<K extends RecordKind>(
  kind: K,
  told: RecordOf[K] | undefined,
  operations: readonly Operation[],
): RecordOf[K] | undefined {
  return operations.reduce<RecordOf[K] | undefined>((record, operation) => {
    if (operation.kind === 'add' || operation.of !== kind) return record;
    if (operation.kind === 'patch') return record && withFields(kind, record, operation.fields);
    const made = operation.record as RecordOf[K];
    return record ? withFields(kind, record, fieldsOf(kind, made)) : made;
  }, told);
}

/** A whole visit with operations done that the server has not told of yet. */
export function visitWith(told: VisitDto | undefined, operations: readonly Operation[]): VisitDto | undefined {
  return operations.reduce<VisitDto | undefined>((visit, operation) => {
    if (operation.kind !== 'add') {
      if (operation.of !== 'visit') return visit;
      const head = recordWith('visit', visit, [operation]);
      return head && { ...head, readings: visit?.readings ?? [], facts: visit?.facts ?? [] };
    }
    if (!visit) return visit;
    if (operation.of === 'reading') return withVisitChange(visit, { ...NOTHING_ADDED, readings: [operation.record] });
    if (operation.of === 'fact') return withVisitChange(visit, { ...NOTHING_ADDED, facts: [operation.record] });
    return visit;
  }, told);
}

/** The photos of a record with those that wait to be sent. */
export function photosWith(told: readonly PhotoDto[], operations: readonly Operation[]): PhotoDto[] {
  const waiting = operations.flatMap((op) => (op.kind === 'add' && op.of === 'photo' ? [op.record] : []));
  const ids = new Set(waiting.map((photo) => photo.id));
  return [...told.filter((photo) => !ids.has(photo.id)), ...waiting];
}
