import type { DriveParts } from '../driveBench';
import type { Goal } from '../model';
import { dueMoves, MOVES, type ChosenMove, type MoveContext, type MoveFigures } from '../moves';
import type { Look } from '../../judge/look';
import type { RawInputs } from '../../base/forms';
import type { System } from '../../air/system';
import type { Sureness } from '../../air/flow';
import { readyPlans, type PlanAnswer } from './readyPlans';
import { searchCombinations, type PlanProblem, type SearchProgress } from './search';
import { speedOptions } from './speeds';

/** Everything a plan is made from. Plain data: it goes to a worker or a server as it is, and is kept with the plan. */
export interface PlanRequest {
  readonly system: System;
  readonly goal: Goal;
  readonly looks: readonly Look[];
  /** What the technician typed for moves, by move. */
  readonly typed: Readonly<Record<string, RawInputs>>;
  readonly figures: MoveFigures;
  readonly parts: DriveParts;
  readonly sure: Sureness;
  readonly speedFirst?: boolean;
  /** Why no slower speed may be planned; absent when one may. */
  readonly noSlower?: string;
  /** Fixes that an open question doubts: none of them is planned. */
  readonly doubted?: readonly string[];
  /** Why nothing but what is due is planned, in a sentence: an open question, or a fan in doubt. */
  readonly held?: string;
  /** Why the airflow cannot be judged: “leave it as it is” is no plan then. */
  readonly unsure?: string;
  readonly seed: number;
}

/** A move that makes sense here, with why and what is taken for its fields. */
export interface OfferedMove {
  readonly chosen: ChosenMove;
  readonly why: string;
  /** It fixes a fault that was seen: every plan does it. */
  readonly due: boolean;
}

const SPEEDS = new Set(['changeTap', 'setDrive']);

/** The moves that make sense for a system, in the order of the list, each with its inputs: typed ones go before the usual. */
export function offeredMoves(
  system: System,
  context: MoveContext,
  typed: Readonly<Record<string, RawInputs>> = {},
): OfferedMove[] {
  const due = new Set(dueMoves(system, context));
  return MOVES.flatMap((move): OfferedMove[] => {
    if (SPEEDS.has(move.id)) return [];
    const why =
      move.applies(system, context) ??
      (typed[move.id] ? 'You requested it.' : due.has(move) ? 'You found it.' : undefined);
    if (why === undefined) return [];
    const inputs = { ...move.defaults(system, context), ...typed[move.id] };
    const isDue = due.has(move);
    return [{ why, due: isDue, chosen: { id: move.id, inputs, ...(isDue ? { asSeen: true as const } : {}) } }];
  });
}

/** The problem behind a request. */
export function problemOf(request: PlanRequest): PlanProblem {
  const { system, goal, typed, figures, parts, speedFirst, noSlower } = request;
  const looks = new Map(request.looks.map((look) => [look.item, look]));
  const offered = offeredMoves(system, { goal, looks }, typed).filter(
    ({ chosen }) => !request.doubted?.includes(chosen.id) || typed[chosen.id],
  );
  return {
    system,
    goal,
    figures,
    speedFirst,
    noSlower,
    moves: offered.map((one) => one.chosen),
    due: offered.filter((one) => one.due).map((one) => one.chosen.id),
    held: request.held,
    unsure: request.unsure,
    speeds: speedOptions(system, parts, figures),
  };
}

/**
 * Plans: the search and the three that come out of it, as a generator that tells how far it is. The same on the phone, in a
 * worker and on the server; the same answer for the same request.
 *
 * @param samples draws behind each chance, when the usual number is too many
 */
export function* plans(request: PlanRequest, samples?: number): Generator<SearchProgress, PlanAnswer, undefined> {
  const problem = { ...problemOf(request), samples };
  if (request.held !== undefined && problem.due.length === 0) return { ready: [], evaluated: 0, notes: [request.held] };
  const found = yield* searchCombinations(problem);
  return readyPlans(problem, found, request.sure, request.seed);
}

/** The same in one go. */
export function planNow(request: PlanRequest, samples?: number): PlanAnswer {
  const run = plans(request, samples);
  for (;;) {
    const step = run.next();
    if (step.done) return step.value;
  }
}
