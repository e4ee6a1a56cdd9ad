import { withCheck } from '../visitState/withCheck';
import { isUnnamed, namedByComplaint, type VisitDto } from '@huff/contract';
import { complaintOf } from '@huff/core';

/**
 * A visit with its complaint, which names it until somebody else does. While nothing was read it runs in the mode the call is about: no heat is
 * heating.
 */
export function withComplaint(visit: VisitDto, id: string): VisitDto {
  const said = withCheck(visit, { point: 'complaint', state: id });
  const complaint = complaintOf(id);
  const title = complaint && isUnnamed(visit.title) ? namedByComplaint(visit.title, complaint.words) : visit.title;
  const mode = complaint?.mode && visit.readings.length === 0 ? complaint.mode : visit.mode;
  return { ...said, title, mode };
}
