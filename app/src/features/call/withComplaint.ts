import type { VisitDto } from '@huff/contract';
import { complaintOf } from '@huff/core';
import { withCheck } from './PointSheet';

/** A visit with its complaint. While nothing was read it runs in the mode the call is about: no heat is heating. */
export function withComplaint(visit: VisitDto, id: string): VisitDto {
  const said = withCheck(visit, { point: 'complaint', state: id });
  const mode = complaintOf(id)?.mode;
  return mode && visit.readings.length === 0 ? { ...said, mode } : said;
}
