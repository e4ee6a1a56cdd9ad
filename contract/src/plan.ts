import {
  type AfterPlan,
  assessAfter,
  assessVisit,
  beltDriveInputs,
  currentPart as currentPartOf,
  DEFAULT_RULES,
  partVisit as partVisitOf,
  type PartedVisit as Parted,
  type Rules,
  type System,
  type VisitAssessment,
} from '@huff/core';
import type { VisitDto } from './visit';
import { visitFacts, visitRules, type pressureReading } from './visitFacts';

export { intoWhole, standingPlan, type DecidedPlan } from '@huff/core';

/** A visit, or a part of one that knows the plan it follows. */
export type JudgedVisit = VisitDto & AfterPlan<VisitDto>;

/** A visit judged. @param rules those of the shop; common practice while it has set none */
export function assess(visit: JudgedVisit, rules: Rules = DEFAULT_RULES): Assessment {
  const [facts, own, { follows }] = [visitFacts(visit), visitRules(visit, rules), visit];
  return follows
    ? assessAfter(follows.plan.record, assess(follows.before, rules), facts, own)
    : assessVisit(facts, own);
}

export type Assessment = VisitAssessment<ReturnType<typeof pressureReading>>;
export type PartedVisit = Parted<VisitDto>;

/** The visit with its unit as a plan leaves it: what the plan changes of drive, filters and speed. All else stays as the visit says it. */
function asLeft(visit: VisitDto, { fan, drive, filterPlace, filters }: System, was: System): VisitDto {
  const setup = {
    ...visit.setup,
    ...(filterPlace !== was.filterPlace && { filterPlace: filterPlace ?? null }),
    ...(filters?.collarIn !== was.filters?.collarIn && { bareGrilleCollarIn: filters?.collarIn ?? null }),
    ...(drive !== was.drive && drive && { drive: beltDriveInputs(drive) }),
  };
  return { ...visit, tap: fan.tap === was.fan.tap ? visit.tap : fan.tap, setup };
}

/** Parts a visit at the plan that stands. */
export const partVisit = (visit: VisitDto): PartedVisit => partVisitOf(visit, asLeft);

/** The part of a visit that says how the unit stands now. */
export const currentPart = (visit: VisitDto): JudgedVisit => currentPartOf(partVisit(visit));
