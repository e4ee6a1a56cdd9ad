import 'reflect-metadata';
import {
  applyMoves,
  moveOf,
  assessVisit,
  beltDriveInputs,
  DEFAULT_RULES,
  type PlanRecord,
  type PlanRequest,
  type RawInputs,
  type VisitAssessment,
} from '@huff/core';
import { IsBoolean, IsOptional, registerDecorator } from 'class-validator';
import type { FactDto } from './fact';
import { LIMITS } from './limits';
import type { pressureReading} from './reading';
import { type ReadingDto } from './reading';
import { shopFigures, shopParts, type ShopDto } from './shop';
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

const isTyped = (value: unknown): value is Record<string, RawInputs> =>
  typeof value === 'object' &&
  value !== null &&
  !Array.isArray(value) &&
  Object.entries(value).every(
    ([id, inputs]) => moveOf(id) !== undefined && typeof inputs === 'object' && inputs !== null,
  ) &&
  JSON.stringify(value).length <= LIMITS.planBytes.max;

function IsTypedMoves(): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'isTypedMoves',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: { validate: isTyped, defaultMessage: () => 'Give the inputs of known moves, by move.' },
    });
}

/** What is said for planning, beside the visit. */
export class PlanWishesDto {
  /** Inputs typed for moves, by move. */
  @IsTypedMoves()
  typed!: Record<string, RawInputs>;

  /** Raise the speed even where the path is choked and nothing is done about it. */
  @IsBoolean({ message: 'speedFirst is true or false.' })
  @IsOptional()
  speedFirst?: boolean;
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

/** Everything a plan is made from, of an assessed visit; undefined while its system or its target is not known. */
export function planRequest(
  visit: VisitDto,
  assessment: Assessment,
  shop: ShopDto,
  { typed, speedFirst }: PlanWishesDto,
): PlanRequest | undefined {
  const { model, judgement, flow, looks } = assessment;
  if (!model || !judgement.target) return undefined;
  const rules = visitRules(visit, DEFAULT_RULES);
  const share = flow ? flow.sigmaCfm / flow.flowCfm : rules.tableFlowSigma;
  return {
    system: model.system,
    goal: { target: judgement.target, maxTesp: judgement.maxTesp, rules },
    looks: [...looks.values()],
    typed,
    figures: shopFigures(shop),
    parts: shopParts(shop),
    sure: { flowShare: share, staticInWc: rules.staticSigmaInWc * Math.SQRT2 },
    speedFirst,
    // The same visit gives the same chances, on the phone and at the desk.
    seed: Number.parseInt(visit.id.slice(0, 8), 16),
  };
}
