import {
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

/** A visit judged. @param rules those of the shop; common practice while it has set none */
export const assess = (visit: VisitDto, rules: Rules = DEFAULT_RULES) =>
  assessVisit(visitFacts(visit), visitRules(visit, rules));

export type Assessment = VisitAssessment<ReturnType<typeof pressureReading>>;
export type PartedVisit = Parted<VisitDto>;

/** The visit with its unit as a plan leaves it: drive, filters, speed. */
function asLeft(visit: VisitDto, { fan, drive, filterPlace, filters }: System): VisitDto {
  return {
    ...visit,
    tap: fan.tap,
    setup: {
      ...visit.setup,
      filterPlace: filterPlace ?? visit.setup?.filterPlace ?? null,
      bareGrilleCollarIn: filters?.collarIn ?? null,
      drive: drive ? beltDriveInputs(drive) : (visit.setup?.drive ?? null),
    },
  };
}

/** Parts a visit at the plan that stands. */
export const partVisit = (visit: VisitDto): PartedVisit => partVisitOf(visit, asLeft);

/** The part of a visit that says how the unit stands now. */
export const currentPart = (visit: VisitDto): VisitDto => currentPartOf(partVisit(visit));
