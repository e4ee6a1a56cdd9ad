import { predict, type Goal, type Prediction } from '../model';
import { operate } from '../../air/operate';
import { applyMoves, effortOf, type ChosenMove } from '../moves';
import type { Sureness } from '../../air/flow';
import { chanceOf, type Odds } from './chance';
import { explainFixFirst, explainPlan } from './explain';
import { isChoked, landingOf, landingScore, tierOf, type Tier } from '../advise';
import type { Candidate, PlanProblem, SearchResult } from './search';

/** What a searched plan may be best at. */
const SEARCHED_KINDS = ['leastWork', 'lowestStatic', 'lowestCost'] as const;
type SearchedKind = (typeof SEARCHED_KINDS)[number];
/** Fixing what was found, and nothing else, leads wherever something is due. */
export type PlanKind = 'fixFirst' | SearchedKind;

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
  /** It is only for after the fix that leads, if the air is still not right when it was measured again. */
  readonly ifStillOff?: true;
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
const LESS: Readonly<Record<SearchedKind, (c: Candidate, score: number) => readonly number[]>> = {
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
/** A plan whose chance is under this is no plan. */
const LEAST_CHANCE = 0.03;

/** The first that carries its motor and lands fairly often; else the likeliest of those that carry it and are a plan at all. */
function firstFair(
  candidates: readonly Candidate[],
  work: (candidate: Candidate) => Plan | undefined,
): Plan | undefined {
  let likeliest: Plan | undefined;
  const tried = new Set<string>();
  for (const candidate of candidates) {
    const plan = work(candidate);
    if (!plan || plan.prediction.motor?.word === 'outside') continue;
    // Of plans of the same work the first stands for all: which speed is then the same choice as advice makes.
    const { minutes, cost } = candidate.burden;
    const sameWork = `${minutes} ${cost}`;
    if (tried.has(sameWork)) continue;
    tried.add(sameWork);
    if (plan.chance >= FAIR_CHANCE) return plan;
    if (!likeliest || plan.chance > likeliest.chance) likeliest = plan;
  }
  return likeliest && likeliest.chance >= LEAST_CHANCE ? likeliest : undefined;
}

/** What was found, fixed and nothing else: cheap, sure, and what everything after it must be measured on. */
function fixFirst(problem: PlanProblem, sure: Sureness, seed: number): ReadyPlan | undefined {
  const due = problem.moves.filter(({ id }) => problem.due.includes(id));
  if (due.length === 0) return undefined;
  const planned = planOf(problem, due, sure, seed);
  if (!planned.ok) return undefined;
  const { plan } = planned;
  const { prediction, odds } = plan;
  const explanation = explainFixFirst(problem.system, due, prediction, odds, plan.chance >= LEAST_CHANCE);
  return { ...plan, kinds: ['fixFirst'], explanation };
}

/** Plans whose airflows lie nearer to each other than the spread of each: none of them lands surer than another. */
function cannotBeTold(plans: readonly Plan[]): boolean {
  const flows = plans.flatMap(({ prediction: { operation } }) =>
    operation.kind === 'crossing' ? [operation.flowCfm] : [],
  );
  const spread = Math.min(...plans.map(({ odds }) => odds.flowSigmaCfm ?? 0));
  return plans.length > 1 && flows.length === plans.length && Math.max(...flows) - Math.min(...flows) < spread;
}

const LEAVE_AND_READ = 'Leave it as it is. It is in range but close to its limits. Measure static and airflow again.';

/** Why a search left no plan, in a sentence. */
function whyNone(problem: PlanProblem, found: SearchResult): string {
  const { system, goal } = problem;
  if (found.refusedMotor > 0)
    return 'No good plan: reaching the target would overload the motor. Use a larger motor, or lower the resistance.';
  if (isChoked(system, goal))
    return 'No good plan: the duct system needs more static than the blower allows, and no measured section explains it. Measure the ports between.';
  return 'No good plan: no combination of these fixes has even a 3 % chance of meeting every target. Measure more ports, or airflow a second way.';
}

/** What there is to say beside the plans of a search. */
function notesOf(
  problem: PlanProblem,
  found: SearchResult,
  best: number,
  tier: readonly Candidate[],
  plans: readonly Plan[],
): string[] {
  const { system, goal } = problem;
  const notes: string[] = [];
  if (best === 3 && plans.length > 0)
    notes.push('No combination of these fixes hits the target. The closest is shown.');
  if (system.fan.usual && cannotBeTold(plans))
    notes.push('With a typical curve these plans are too close to rank by airflow. Choose by work, cost and static.');
  if (best === 1)
    notes.push(
      'The plan that hits the target is over the nameplate static by less than measurement error. Re-measure static after it.',
    );
  if (best === 2)
    notes.push(
      tier.some((c) => c.burden.heat === 0)
        ? 'The plan that hits the target stays over the nameplate static. The ducts need more than these fixes.'
        : 'The plan that hits the cooling target puts heating out of range. See its line.',
    );
  if (isChoked(system, goal) && found.refusedSpeed > 0)
    notes.push(
      'Raising the speed alone is left out: static is already over the nameplate. More speed costs static, watts, noise and motors.',
    );
  if (found.refusedMotor > 0) notes.push('Speeds that would overload the motor are left out.');
  const now = operate(system);
  // Said where less air is what is wanted.
  const tooMuch = now.kind === 'crossing' && now.flowCfm > goal.target.highCfm;
  if (tooMuch && found.refusedSlower > 0 && problem.noSlower)
    notes.push(`Slower speeds are left out. ${problem.noSlower}`);
  return notes;
}

/**
 * The plans a search leaves. Where something that was found is due, fixing it alone leads, and what a search adds to it is only for
 * afterwards, if it is still off; while a question is open, or where the fix alone lands fairly, nothing is added. Else least work, lowest
 * static, lowest cost in the band. A plan that overloads the motor, or that lands less than three times in a hundred, is none.
 */
export function readyPlans(problem: PlanProblem, found: SearchResult, sure: Sureness, seed: number): PlanAnswer {
  const { goal, system, unsure, held } = problem;
  const { evaluated } = found;
  const first = fixFirst(problem, sure, seed);
  if (first && (held !== undefined || first.chance >= FAIR_CHANCE))
    return {
      ready: [first],
      evaluated,
      notes: held === undefined ? [] : [held],
    };
  // What is in the band within the plate is left alone: the middle of the band is never left for a static that is well already.
  if (!first && landingOf(system, goal) < 2) {
    // “Leave it” on an airflow this unsure would be a promise.
    if (unsure !== undefined) return { ready: [], evaluated, notes: [unsure] };
    const kept = planOf(problem, [], sure, seed);
    return kept.ok && kept.plan.chance >= LEAST_CHANCE
      ? { ready: [{ ...kept.plan, kinds: SEARCHED_KINDS }], evaluated, notes: [] }
      : { ready: [], evaluated, notes: [LEAVE_AND_READ] };
  }
  const best = Math.min(...found.candidates.map((c) => tierOfCandidate(c, goal)));
  // Where it stands now does not land: leaving it as it is answers nothing.
  const asIs = found.candidates.find((c) => c.moves.length === 0)?.burden.away ?? Infinity;
  const tier = found.candidates.filter(
    (c) => c.moves.length > 0 && tierOfCandidate(c, goal) === best && (best < 3 || c.burden.away < asIs),
  );
  const pool = best === 3 ? [...tier].sort((a, b) => a.burden.away - b.burden.away).slice(0, 12) : tier;
  const worked = new Map<Candidate, Plan | undefined>();
  const work = (candidate: Candidate) => {
    if (!worked.has(candidate)) {
      const planned = planOf(problem, candidate.moves, sure, seed);
      worked.set(candidate, planned.ok ? planned.plan : undefined);
    }
    return worked.get(candidate);
  };
  const byPlan = new Map<Plan, SearchedKind[]>();
  for (const kind of SEARCHED_KINDS) {
    const less = (c: Candidate) =>
      LESS[kind](c, landingScore({ flowCfm: c.flowCfm, tespInWc: c.burden.tespInWc }, sure.flowShare, goal));
    const order = [...pool].sort((a, b) => compare(less(a), less(b)));
    if (best === 3) order.sort((a, b) => a.burden.away - b.burden.away);
    const pick = firstFair(order.slice(0, best === 3 ? 6 : 24), work);
    if (pick) byPlan.set(pick, [...(byPlan.get(pick) ?? []), kind]);
  }
  const searched = [...byPlan].map(([plan, kinds]): ReadyPlan => ({ ...plan, kinds }));
  const notes = notesOf(problem, found, best, tier, [...byPlan.keys()]);
  if (first) {
    const more = searched.filter((plan) => plan.moves.length > first.moves.length);
    return { ready: [first, ...more.map((plan) => ({ ...plan, ifStillOff: true as const }))], evaluated, notes };
  }
  return { ready: searched, evaluated, notes: searched.length === 0 ? [whyNone(problem, found), ...notes] : notes };
}
