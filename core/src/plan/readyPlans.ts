import { predict, type Goal, type Prediction } from '../model';
import { operate } from '../operate';
import { applyMoves, effortOf, type ChosenMove } from '../moves';
import { chanceOf, type Odds, type Sureness } from './chance';
import { explainPlan } from './explain';
import { isChoked, landingOf, landingScore, tierOf, type Tier } from '../advise';
import type { Candidate, PlanProblem, SearchResult } from './search';

export const PLAN_KINDS = ['leastWork', 'lowestStatic', 'lowestCost'] as const;
export type PlanKind = (typeof PLAN_KINDS)[number];

/** A combination of moves with what it does, what it costs, and how likely it lands. */
export interface Plan {
  readonly moves: readonly ChosenMove[];
  readonly prediction: Prediction;
  readonly minutes: number;
  readonly cost: number;
  /** That it lands in the band, within the plate and with the heating in its range, 0 to 1. */
  readonly chance: number;
  /** The same, with the odds of each. */
  readonly odds: Odds;
  /** Two sentences. */
  readonly explanation: string;
}

export interface ReadyPlan extends Plan {
  /** What it is best at; one plan may be best at several. */
  readonly kinds: readonly PlanKind[];
}

export interface PlanAnswer {
  readonly ready: readonly ReadyPlan[];
  readonly evaluated: number;
  /** Sentences: what no plan can do here, what was left out and why. */
  readonly notes: readonly string[];
}

/** A plan of any moves, worked out; or why they cannot be done together. */
export function planOf(
  problem: PlanProblem,
  moves: readonly ChosenMove[],
  sure: Sureness,
  seed: number,
): { ok: true; plan: Plan } | { ok: false; moveId: string; field?: string; why: string } {
  const { system, goal, figures, speeds } = problem;
  const applied = applyMoves(system, moves);
  if (!applied.ok) return applied;
  const prediction = predict(applied.system, goal, system);
  const effort = effortOf(
    moves.filter(({ id }) => id !== 'setDrive').map(({ id }) => id),
    figures,
  );
  const drive = moves.find(({ id }) => id === 'setDrive');
  const option = drive && speeds.find(({ chosen }) => chosen && sameInputs(chosen, drive));
  const driveEffort = option ?? (drive ? effortOf(['setDrive'], figures) : { minutes: 0, cost: 0 });
  const odds = chanceOf(system, moves, sure, goal, seed, problem.samples);
  return {
    ok: true,
    plan: {
      moves,
      prediction,
      chance: odds.all,
      odds,
      minutes: effort.minutes + driveEffort.minutes,
      cost: effort.cost + driveEffort.cost,
      explanation: explainPlan(system, moves, prediction, goal, odds),
    },
  };
}

const sameInputs = (a: ChosenMove, b: ChosenMove) =>
  a.id === b.id && JSON.stringify(a.inputs) === JSON.stringify(b.inputs);

const tierOfCandidate = ({ burden, flowCfm }: Candidate, goal: Goal): Tier =>
  tierOf({ flowCfm, tespInWc: burden.tespInWc }, burden.heat === 1, goal);

/** What each kind of plan wants less of, first things first. @param score the likelier to land, the more */
const LESS: Readonly<Record<PlanKind, (c: Candidate, score: number) => readonly number[]>> = {
  leastWork: ({ burden }, score) => [burden.minutes, burden.cost, burden.atEnd, -score],
  lowestStatic: ({ burden }) => [burden.tespInWc, burden.minutes],
  lowestCost: ({ burden }, score) => [burden.cost, burden.minutes, burden.atEnd, -score],
};

function compare(a: readonly number[], b: readonly number[]): number {
  for (const [i, value] of a.entries()) if (value !== b[i]) return value - b[i]!;
  return 0;
}

/** A plan whose chance is under this is not offered while another of its kind has a better one. */
const FAIR_CHANCE = 0.35;

/** The first that carries its motor and lands fairly often; else the likeliest of those that carry it; else the first. */
function firstFair(
  candidates: readonly Candidate[],
  work: (candidate: Candidate) => Plan | undefined,
): Plan | undefined {
  let likeliest: Plan | undefined;
  let first: Plan | undefined;
  const tried = new Set<string>();
  for (const candidate of candidates) {
    const plan = work(candidate);
    if (!plan) continue;
    first ??= plan;
    if (plan.prediction.motor?.word === 'outside') continue;
    // Of plans of the same work the first stands for all: which speed is then the same choice as advice makes.
    const { minutes, cost } = candidate.burden;
    const sameWork = `${minutes} ${cost}`;
    if (tried.has(sameWork)) continue;
    tried.add(sameWork);
    if (plan.chance >= FAIR_CHANCE) return plan;
    if (!likeliest || plan.chance > likeliest.chance) likeliest = plan;
  }
  return likeliest ?? first;
}

/** Plans whose airflows lie nearer to each other than the spread of each: none of them lands surer than another. */
function cannotBeTold(plans: readonly Plan[]): boolean {
  const flows = plans.flatMap(({ prediction: { operation } }) =>
    operation.kind === 'crossing' ? [operation.flowCfm] : [],
  );
  const spread = Math.min(...plans.map(({ odds }) => odds.flowSigmaCfm ?? 0));
  return plans.length > 1 && flows.length === plans.length && Math.max(...flows) - Math.min(...flows) < spread;
}

/**
 * Three plans out of what a search left: least work, lowest static, lowest cost in the band. A plan that overloads the motor, or
 * that lands too seldom, gives way to the next.
 */
export function readyPlans(problem: PlanProblem, found: SearchResult, sure: Sureness, seed: number): PlanAnswer {
  const { goal, system } = problem;
  // What is in the band within the plate is left alone: the middle of the band is never left for a static that is well already.
  if (problem.due.length === 0 && landingOf(system, goal) < 2) {
    const kept = planOf(problem, [], sure, seed);
    if (kept.ok) return { ready: [{ ...kept.plan, kinds: PLAN_KINDS }], evaluated: found.evaluated, notes: [] };
  }
  const best = Math.min(...found.candidates.map((c) => tierOfCandidate(c, goal)));
  const tier = found.candidates.filter((c) => tierOfCandidate(c, goal) === best);
  const pool = best === 3 ? [...tier].sort((a, b) => a.burden.away - b.burden.away).slice(0, 12) : tier;
  const worked = new Map<Candidate, Plan | undefined>();
  const work = (candidate: Candidate) => {
    if (!worked.has(candidate)) {
      const planned = planOf(problem, candidate.moves, sure, seed);
      worked.set(candidate, planned.ok ? planned.plan : undefined);
    }
    return worked.get(candidate);
  };
  const byPlan = new Map<Plan, PlanKind[]>();
  for (const kind of PLAN_KINDS) {
    const less = (c: Candidate) =>
      LESS[kind](c, landingScore({ flowCfm: c.flowCfm, tespInWc: c.burden.tespInWc }, sure.flowShare, goal));
    const order = [...pool].sort((a, b) => compare(less(a), less(b)));
    if (best === 3) order.sort((a, b) => a.burden.away - b.burden.away);
    const pick = firstFair(order.slice(0, best === 3 ? 6 : 24), work);
    if (pick) byPlan.set(pick, [...(byPlan.get(pick) ?? []), kind]);
  }
  const notes: string[] = [];
  if (best === 3 && byPlan.size > 0)
    notes.push('No combination of these moves lands in the band on the measured path; what comes nearest is shown.');
  if (system.fan.usual && cannotBeTold([...byPlan.keys()]))
    notes.push(
      'By a usual curve these plans cannot be told apart by where they land: the spread of each is wider than what parts them. Choose by work, cost and static.',
    );
  if (best === 1)
    notes.push(
      'What lands in the band stands over the plate by less than the readings’ error: read the static again after it.',
    );
  if (best === 2)
    notes.push(
      tier.some((c) => c.burden.heat === 0)
        ? 'What lands in the band stays over the plate’s static: the ducts need more than these moves.'
        : 'What lands in the band for cooling puts the heating out of its range: see its line.',
    );
  if (isChoked(system, goal) && found.refusedSpeed > 0)
    notes.push(
      'Raising the speed alone is left out: the path asks more than the plate allows already, and speed on a choked path costs static, watts, noise and motors.',
    );
  const now = operate(system);
  // Said where less air is what is wanted.
  const tooMuch = now.kind === 'crossing' && now.flowCfm > goal.target.highCfm;
  if (tooMuch && found.refusedSlower > 0 && problem.noSlower)
    notes.push(`Slower speeds are left out. ${problem.noSlower}`);
  return { ready: [...byPlan].map(([plan, kinds]) => ({ ...plan, kinds })), evaluated: found.evaluated, notes };
}
