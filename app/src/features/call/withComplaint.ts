import type { VisitDto } from '@huff/contract';
import { complaintOf, type Complaint } from '@huff/core';
import { QUICK_CHECK } from '../visitState/newVisit';
import { withCheck } from './PointSheet';

/** The name of a quick check says what it was called for, so that two open ones can be told apart. @example 'Quick check: not cooling' */
const nameFor = ({ words }: Complaint) => `${QUICK_CHECK}: ${words.split(',')[0]}`;

/** Whether nobody gave the check a name yet. */
const isUnnamed = ({ title }: VisitDto) => title === QUICK_CHECK || title.startsWith(`${QUICK_CHECK}: `);

/** A visit with its complaint. While nothing was read it runs in the mode the call is about: no heat is heating. */
export function withComplaint(visit: VisitDto, id: string): VisitDto {
  const said = withCheck(visit, { point: 'complaint', state: id });
  const complaint = complaintOf(id);
  const title = complaint && isUnnamed(visit) ? nameFor(complaint) : visit.title;
  const mode = complaint?.mode && visit.readings.length === 0 ? complaint.mode : visit.mode;
  return { ...said, title, mode };
}
