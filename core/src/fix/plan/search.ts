import { awayFrom, isChoked } from '../advise';
import { fanRuns, lagFactors, type CurveRun, type Fan } from '../../air/fan';
import { tespAllowedInWc } from '../../judge/verdicts';
import { motorLoad, powerOf, predictHeating, type Goal } from '../model';
import { applyMoves, effortOf, moveOf, type ChosenMove, type MoveFigures } from '../moves';
import { crossingOf, innerDropInWc, operate, resistancesOf, type Crossing } from '../../air/operate';
import { merged } from '../../air/path';
import type { System } from '../../air/system';
import { Front, type Burden } from './front';
import type { SpeedOption } from './speeds';

/** What is searched: a measured system, the moves that make sense, the speeds it could run at. */
export interface PlanProblem {
  readonly system: System;
  readonly goal: Goal;
  /** Moves other than speed, with their inputs. */
  readonly moves: readonly ChosenMove[];
  /** Those of them that mend a fault that was seen: every combination does them, or another move on the same thing. */
  readonly due: readonly string[];
  readonly speeds: readonly SpeedOption[];
  readonly figures: MoveFigures;
  /** Raise the speed even where the path is choked and nothing is done about it. */
  readonly speedFirst?: boolean;
  /** Why no slower speed may be planned: nothing vouches for the air, or the fan itself is in doubt. */
  readonly noSlower?: string;
  /** Why nothing but what is due is planned. */
  readonly held?: string;
  /** Why the airflow cannot be judged. */
  readonly unsure?: string;
  /** Draws behind each chance; the usual number when it is not said. */
  readonly samples?: number;
}

/** How near the search solves each crossing; what is shown is solved anew to the last digit. */
const SEARCH_TOLERANCE_IN_WC = 1e-6;

/** At most this many moves besides the speed. */
export const MOST_MOVES = 4;

/** A combination that nothing else beats in every way. */
export interface Candidate {
  readonly moves: readonly ChosenMove[];
  readonly burden: Burden;
  readonly flowCfm: number;
}

export interface SearchResult {
  readonly candidates: readonly Candidate[];
  readonly evaluated: number;
  /** Combinations left out because they raise the speed on a choked path and take nothing away from it. */
  readonly refusedSpeed: number;
  /** Combinations left out because they lower the speed while nothing vouches for the air. */
  readonly refusedSlower: number;
  /** Combinations left out because the motor would pass its limit. */
  readonly refusedMotor: number;
}

export interface SearchProgress {
  /** Combinations dealt with, whether they could be done or not. */
  readonly done: number;
  readonly total: number;
}

/** Every set of at most `most` of `n` things, the empty one first, as lists of places. */
export function* subsets(
  n: number,
  most: number,
  from = 0,
  chosen: readonly number[] = [],
): Generator<readonly number[]> {
  yield chosen;
  if (chosen.length === most) return;
  for (let i = from; i < n; i += 1) yield* subsets(n, most, i + 1, [...chosen, i]);
}

/**
 * Every set of moves to try, as places: for each thing that is due one of the moves that touch it, and beside those others up to
 * `MOST_MOVES` in all, no two of which touch the same thing. Many things due leave no room for others, but are all done.
 *
 * @param touches what each move touches
 * @param due places of the moves that are due
 */
export function* combinations(
  touches: readonly (string | undefined)[],
  due: readonly number[],
): Generator<readonly number[]> {
  const owed = new Set(due.map((i) => touches[i]));
  const others = touches.flatMap((touched, i) => (owed.has(touched) ? [] : [i]));
  const room = Math.max(0, MOST_MOVES - owed.size);
  let begun: (readonly number[])[] = [[]];
  for (const touched of owed) {
    const ways = touches.flatMap((one, i) => (one === touched ? [i] : []));
    begun = begun.flatMap((set) => ways.map((way) => [...set, way]));
  }
  for (const set of begun) {
    for (const more of subsets(others.length, room)) {
      const chosen = [...set, ...more.map((i) => others[i]!)];
      if (new Set(chosen.map((i) => touches[i])).size === chosen.length) yield chosen;
    }
  }
}

/** Whether a system would carry its motor past what its nameplate allows, by the law of its kind. */
function overloads(measured: System, now: Crossing, system: System, at: Crossing): boolean {
  const external = { ...at, tespInWc: at.tespInWc - innerDropInWc(system, at.flowCfm) };
  return motorLoad(system, powerOf(system, external, { system: measured, at: now }))?.word === 'outside';
}

/** Distance from the target as a share of it. */

/** Curves by tap and lags: the search asks each of them very often. */
function curves() {
  const kept = new Map<string, readonly CurveRun[]>();
  return (fan: Fan): readonly CurveRun[] => {
    const factors = lagFactors(fan);
    const key = `${fan.tap} ${factors.speed} ${factors.flow} ${factors.static}`;
    let runs = kept.get(key);
    if (!runs) kept.set(key, (runs = fanRuns(fan)));
    return runs;
  };
}

/**
 * Tries every combination of at most four moves with every speed, and keeps those that nothing else beats in every way: distance
 * from the target, static, minutes, money, heating in its range.
 *
 * A generator, so that whoever runs it may show how far it is, and stop: it yields after each `step` combinations.
 *
 * Raising the speed on a choked path, or past the plate and its error, is left out unless something also lowers the static
 * (`speedFirst` lifts that).
 */
export function* searchCombinations(
  problem: PlanProblem,
  step = 2000,
): Generator<SearchProgress, SearchResult, undefined> {
  const { system, goal, moves, speeds, figures, speedFirst, noSlower } = problem;
  const runsOf = curves();
  const choked = isChoked(system, goal);
  const mostTesp = tespAllowedInWc(goal.maxTesp.value, goal.rules);
  const base = resistancesOf(system);
  const flowOn = (fan: Fan) => {
    const found = crossingOf(fan.tap, runsOf(fan), base);
    return found.kind === 'crossing' ? found.flowCfm : found.edgeFlowCfm;
  };
  const flowNow = flowOn(system.fan);
  const raises = speeds.map((speed) => speed.chosen !== undefined && flowOn(speed.fan) > flowNow * 1.002);
  const slows = speeds.map((speed) => speed.chosen !== undefined && flowOn(speed.fan) < flowNow * 0.998);
  const lowers = moves.map(({ id }) => moveOf(id)?.does === 'lowersStatic');
  const touches = moves.map(({ id }) => moveOf(id)?.touches);
  const all = [
    ...combinations(
      touches,
      problem.due.map((id) => moves.findIndex((move) => move.id === id)),
    ),
  ];
  const total = all.length * speeds.length;
  const front = new Front<Candidate>();
  const hasHeating = system.heating !== undefined;
  let done = 0;
  let evaluated = 0;
  let refusedSpeed = 0;
  let refusedSlower = 0;
  let refusedMotor = 0;
  const now = operate(system);
  const knowsMotor = system.motor?.plateAmps !== undefined || system.motor?.ratedHp !== undefined;
  let next = step;
  for (const set of all) {
    const chosen = set.map((i) => moves[i]!);
    const applied = applyMoves(system, chosen);
    done += speeds.length;
    if (!applied.ok) continue;
    const effort = effortOf(
      chosen.map(({ id }) => id),
      figures,
    );
    const lowersStatic = set.some((i) => lowers[i]);
    const resistances = merged(resistancesOf(applied.system));
    const { inside } = applied.system;
    const { lags } = applied.system.fan;
    for (let s = 0; s < speeds.length; s += 1) {
      const speed = speeds[s]!;
      if (choked && raises[s] && !lowersStatic && !speedFirst) {
        refusedSpeed += 1;
        continue;
      }
      if (noSlower !== undefined && slows[s]) {
        refusedSlower += 1;
        continue;
      }
      evaluated += 1;
      const fan = { ...applied.system.fan, tap: speed.fan.tap, lags };
      const found = crossingOf(fan.tap, runsOf(fan), resistances, SEARCH_TOLERANCE_IN_WC);
      if (found.kind === 'offTable') continue;
      const tespInWc = found.tespInWc - innerDropInWc({ inside }, found.flowCfm);
      if (raises[s] && !lowersStatic && !speedFirst && tespInWc > mostTesp) {
        refusedSpeed += 1;
        continue;
      }
      const burden = {
        away: awayFrom(found.flowCfm, goal.target),
        tespInWc,
        minutes: effort.minutes + speed.minutes,
        cost: effort.cost + speed.cost,
        heat: 0,
        atEnd: speed.atEnd ? 1 : 0,
      };
      if (!front.wants(burden)) continue;
      if (
        knowsMotor &&
        now.kind === 'crossing' &&
        found.flowCfm > flowNow * 1.002 &&
        overloads(system, now, { ...applied.system, fan }, found)
      ) {
        refusedMotor += 1;
        continue;
      }
      if (hasHeating && predictHeating({ ...applied.system, fan })?.word === 'outside') burden.heat = 1;
      if (burden.heat === 1 && !front.wants(burden)) continue;
      front.add({
        burden,
        flowCfm: found.flowCfm,
        moves: speed.chosen ? [...chosen, speed.chosen] : chosen,
      });
    }
    if (done >= next) {
      next = done + step;
      yield { done, total };
    }
  }
  return { candidates: front.items, evaluated, refusedSpeed, refusedSlower, refusedMotor };
}
