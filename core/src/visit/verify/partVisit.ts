import { itemToldBy } from '../../call/points';
import { applyMoves, looksSettledBy } from '../../fix/moves';
import { liftPlanRecord, type PlanRecord } from './planRecord';
import { takenMs, type Taken } from '../../air/readings';
import type { System } from '../../air/system';
import type { Fact } from '../../call/facts';

/** A reading as it is kept: with when it was taken. */
interface TakenReading {
  readonly id: string;
  readonly takenAt: string;
  /** What to add to that time, where the clock of the phone was off. */
  readonly clockOffsetMs?: number;
}

/** A fact as it is kept. */
type TakenFact = Fact & { readonly takenAt: string; readonly clockOffsetMs?: number };

/** What of a visit is parted: its readings and facts, each with its time. */
export interface RecordedVisit {
  readonly readings: readonly TakenReading[];
  readonly facts?: readonly TakenFact[];
}

/** A plan that was decided on a visit, with when. */
export interface DecidedPlan {
  readonly factId: string;
  readonly takenAt: string;
  readonly clockOffsetMs?: number;
  readonly record: PlanRecord;
}

/** The plan that stands: the last decided one that was not taken back. */
export function standingPlan({ facts = [] }: RecordedVisit): DecidedPlan | undefined {
  const last = facts.findLast((fact) => fact.kind === 'plan');
  if (!last || last.inputs.withdrawn === true) return undefined;
  return {
    factId: last.id,
    takenAt: last.takenAt,
    clockOffsetMs: last.clockOffsetMs,
    record: liftPlanRecord(last.inputs as unknown as PlanRecord),
  };
}

const isAfter = (one: Taken, plan: DecidedPlan) => takenMs(one) > takenMs(plan);

/** A visit as it is read after a plan: it knows what it follows. */
export interface AfterPlan<V> {
  readonly follows?: { readonly plan: DecidedPlan; readonly before: V };
}

/** A visit parted at its plan: what was found before, and what was read since. */
export interface PartedVisit<V> {
  readonly before: V;
  /** The unit as the plan leaves it, with what was read and recorded since; absent before there is a plan. */
  readonly after?: V & AfterPlan<V>;
  readonly plan?: DecidedPlan;
}

/** What was seen or checked before, as it stands after the plan: what its moves mend is dealt with, the rest is still there. */
function seenAfter<F extends TakenFact>(facts: readonly F[], { record }: DecidedPlan): F[] {
  const fixed = new Set(record.moves.flatMap(({ id }) => looksSettledBy(id)));
  return facts.flatMap((fact): F[] => {
    if (fact.kind === 'look')
      return fixed.has(fact.inputs.item as string)
        ? [{ ...fact, inputs: { ...fact.inputs, outcome: 'dealtWith' } }]
        : [fact];
    if (fact.kind === 'outcome') return [fact];
    // A check of a part that was fixed no longer describes it.
    return fact.kind === 'check' && !fixed.has(itemToldBy(fact.inputs.point as string) ?? '') ? [fact] : [];
  });
}

/**
 * Parts a visit at the plan that stands. Readings and facts are told apart by when they were taken.
 *
 * @param asLeft the visit with its unit as the plan leaves it, from the system it was to the changed one: how a record writes it down is the
 * record's own matter
 */
export function partVisit<V extends RecordedVisit>(
  visit: V,
  asLeft: (visit: V, changed: System, was: System) => V,
): PartedVisit<V> {
  const plan = standingPlan(visit);
  if (!plan) return { before: visit };
  const later = (one: Taken) => isAfter(one, plan);
  const facts = visit.facts ?? [];
  const readings = (wanted: boolean) => visit.readings.filter((reading) => later(reading) === wanted);
  const earlier = facts.filter((fact) => !later(fact));
  const { from, moves } = plan.record;
  const applied = applyMoves(from.system, moves);
  const before = { ...visit, readings: readings(false), facts: earlier };
  return {
    plan,
    before,
    after: {
      ...(applied.ok ? asLeft(visit, applied.system, from.system) : visit),
      readings: readings(true),
      facts: [...seenAfter(earlier, plan), ...facts.filter(later)],
      follows: { plan, before },
    },
  };
}

const isGroup = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The fields of a group that were changed, put into the group as it stands in the whole. */
function groupInto(whole: unknown, part: unknown, changed: unknown): unknown {
  if (!isGroup(whole) || !isGroup(part) || !isGroup(changed)) return changed;
  const keys = new Set([...Object.keys(part), ...Object.keys(changed)]);
  const others = [...keys].filter((key) => changed[key] !== part[key]);
  return { ...whole, ...Object.fromEntries(others.map((key) => [key, changed[key]])) };
}

/**
 * A change made to one part of a visit, brought into the whole of it: new readings and facts are added, what else was changed is
 * taken over field by field, so that what only the plan changed does not become what was there before it.
 */
export function intoWhole<V extends RecordedVisit>(whole: V, part: V, changed: V): V {
  const added = <T extends { readonly id: string }>(all: readonly T[], mine: readonly T[]) => {
    const known = new Set(all.map((one) => one.id));
    return [...all, ...mine.filter((one) => !known.has(one.id))];
  };
  const others = Object.entries(changed).filter(
    ([key, value]) => key !== 'readings' && key !== 'facts' && value !== part[key as keyof V],
  );
  return {
    ...whole,
    ...Object.fromEntries(
      others.map(([key, value]) => [key, groupInto(whole[key as keyof V], part[key as keyof V], value)]),
    ),
    readings: added(whole.readings, changed.readings),
    facts: added(whole.facts ?? [], changed.facts ?? []),
  };
}

/** The part of a visit that says how the unit stands now: what was read since its plan, once anything was. */
export const currentPart = <V extends RecordedVisit>({ before, after }: PartedVisit<V>): V & AfterPlan<V> =>
  after && after.readings.length > 0 ? after : before;
