import {
  applyMoves,
  assessVisit,
  beltDriveInputs,
  DEFAULT_RULES,
  moveOf,
  type PlanRecord,
  type VisitAssessment,
} from '@huff/core';
import type { FactDto } from './fact';
import type { pressureReading, ReadingDto } from './reading';
import { visitFacts, visitRules, type VisitDto } from './visit';

/** A visit judged. */
export const assess = (visit: VisitDto) => assessVisit(visitFacts(visit), visitRules(visit, DEFAULT_RULES));

export type Assessment = VisitAssessment<ReturnType<typeof pressureReading>>;

/** A plan that was decided on a visit, with when. */
export interface DecidedPlan {
  readonly factId: string;
  readonly takenAt: string;
  readonly record: PlanRecord;
}

/** The plan that stands: the last decided one that was not taken back. */
export function standingPlan(visit: VisitDto): DecidedPlan | undefined {
  const last = visit.facts?.findLast((fact) => fact.kind === 'plan');
  if (!last || last.inputs.withdrawn === true) return undefined;
  return { factId: last.id, takenAt: last.takenAt, record: last.inputs as unknown as PlanRecord };
}

const isAfter = (takenAt: string, plan: DecidedPlan) => Date.parse(takenAt) > Date.parse(plan.takenAt);

/** A visit parted at its plan: what was found before, and what was read since. */
export interface PartedVisit {
  readonly before: VisitDto;
  /** The unit as the plan leaves it, with what was read and recorded since; absent before there is a plan. */
  readonly after?: VisitDto;
  readonly plan?: DecidedPlan;
}

/** The unit's setup as the plan leaves it: drive, filters. */
function changedUnit(visit: VisitDto, record: PlanRecord): Pick<VisitDto, 'tap' | 'setup'> {
  const applied = applyMoves(record.from.system, record.moves);
  if (!applied.ok) return { tap: visit.tap, setup: visit.setup };
  const { fan, drive, filterPlace, filters } = applied.system;
  return {
    tap: fan.tap,
    setup: {
      ...visit.setup,
      filterPlace: filterPlace ?? visit.setup?.filterPlace ?? null,
      bareGrilleCollarIn: filters?.patchDiameterIn ?? null,
      drive: drive ? beltDriveInputs(drive) : (visit.setup?.drive ?? null),
    },
  };
}

/** What was seen before, as it stands after the plan: what its moves mend is dealt with, the rest is still there. */
function looksAfter(facts: readonly FactDto[], { record }: DecidedPlan): FactDto[] {
  const mended = new Set(record.moves.map(({ id }) => moveOf(id)?.mends));
  return facts
    .filter((fact) => fact.kind === 'look')
    .map((fact) =>
      mended.has(fact.inputs.item as string) ? { ...fact, inputs: { ...fact.inputs, outcome: 'dealtWith' } } : fact,
    );
}

/** Parts a visit at the plan that stands. Readings and facts are told apart by when they were taken. */
export function partVisit(visit: VisitDto): PartedVisit {
  const plan = standingPlan(visit);
  if (!plan) return { before: visit };
  const later = (one: { takenAt: string }) => isAfter(one.takenAt, plan);
  const facts = visit.facts ?? [];
  const readings = (wanted: boolean): ReadingDto[] => visit.readings.filter((reading) => later(reading) === wanted);
  const earlier = facts.filter((fact) => !later(fact));
  return {
    plan,
    before: { ...visit, readings: readings(false), facts: earlier },
    after: {
      ...visit,
      ...changedUnit(visit, plan.record),
      readings: readings(true),
      facts: [...looksAfter(earlier, plan), ...facts.filter(later)],
    },
  };
}

/**
 * A change made to one part of a visit, brought into the whole of it: new readings and facts are added, what else was changed is
 * taken over.
 */
export function intoWhole(whole: VisitDto, part: VisitDto, changed: VisitDto): VisitDto {
  const added = <T extends { id: string }>(all: readonly T[], mine: readonly T[]) => {
    const known = new Set(all.map((one) => one.id));
    return [...all, ...mine.filter((one) => !known.has(one.id))];
  };
  const others = Object.entries(changed).filter(
    ([key, value]) => key !== 'readings' && key !== 'facts' && value !== part[key as keyof VisitDto],
  );
  return {
    ...whole,
    ...Object.fromEntries(others),
    readings: added(whole.readings, changed.readings),
    facts: added(whole.facts ?? [], changed.facts ?? []),
  };
}

/** The part of a visit that says how the unit stands now: what was read since its plan, once anything was. */
export function currentPart(visit: VisitDto): VisitDto {
  const { before, after } = partVisit(visit);
  return after && after.readings.length > 0 ? after : before;
}
