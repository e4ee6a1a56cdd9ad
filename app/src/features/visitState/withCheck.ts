import type { VisitDto } from '@huff/contract';
import { checksOf, type Check } from '@huff/core/call';
import { takenBack, withFact } from './newFact';

/** The visit with one more check. */
export const withCheck = (visit: VisitDto, check: Check): VisitDto =>
  withFact(visit, 'check', { ...check }, new Date());

/** The visit without what was answered at a point: its readings stay on record, and nothing goes by them. */
export const withoutAnswer = (visit: VisitDto, point: string): VisitDto =>
  takenBack(
    visit,
    checksOf(visit.facts ?? [])
      .filter((check) => check.point === point)
      .map(({ id }) => id),
    new Date(),
  );
