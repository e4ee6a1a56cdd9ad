import type { FactDto } from '../fact';
import type { ReadingDto } from '../reading';
import type { VisitDto, VisitHeadDto } from '../visit';
import { changedFields, withFields, type Fields } from './recordFields';

/** What was done to a visit between two versions of it: fields set, readings and facts added. */
export interface VisitChange {
  readonly fields: Fields;
  readonly readings: readonly ReadingDto[];
  readonly facts: readonly FactDto[];
}

/** Those of `all` that are not among `known`, by id. */
function added<T extends { readonly id: string }>(known: readonly T[], all: readonly T[]): T[] {
  const ids = new Set(known.map((one) => one.id));
  return all.filter((one) => !ids.has(one.id));
}

/** The change that leads from one version of a visit to another. */
export const visitChange = (from: VisitDto, to: VisitDto): VisitChange => ({
  fields: changedFields('visit', from, to),
  readings: added(from.readings, to.readings),
  facts: added(from.facts ?? [], to.facts ?? []),
});

export const isNoChange = ({ fields, readings, facts }: VisitChange): boolean =>
  Object.keys(fields).length + readings.length + facts.length === 0;

/** A visit with a change that was made to another version of it: only what was changed is taken over. */
export function withVisitChange(visit: VisitDto, { fields, readings, facts }: VisitChange): VisitDto {
  const known = visit.facts ?? [];
  return {
    ...withFields('visit', visit, fields),
    readings: [...visit.readings, ...added(visit.readings, readings)],
    facts: [...known, ...added(known, facts)],
  };
}

/** A visit without what is added to it. */
export function headOf({ readings: _r, facts: _f, ...head }: VisitDto): VisitHeadDto {
  return head;
}
