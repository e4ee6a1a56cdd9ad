import { powerCause } from '../../call/power';
import { causeTitle } from '../../fix/explain';
import { cabinetAfter, cabinetNow, cabinetOf, conditionOf, type TimedAct } from '../cabinet';
import { DRILL_PLANS, realUnit, type CaseRequest, type PracticeCase, type Skill } from '../cases';
import { bestPath, isRight, type PathStep, type SolvedPath } from './bestPath';
import { playedPath, type Odds } from './playedPath';
import { stepWords } from './stepWords';

/** How a drill went, against what was possible. */
export interface Debrief {
  /** What was wrong, in words. */
  readonly truth: readonly string[];
  readonly lookAlike?: string;
  readonly named: readonly string[];
  readonly isHit: boolean;
  /** Why it was stopped. */
  readonly stop?: string;
  readonly steps: readonly PathStep[];
  readonly best: readonly PathStep[];
  readonly minutes: number;
  readonly bestMinutes: number;
  readonly cost: number;
  readonly hints: number;
  /** The steps that told most, in words. */
  readonly toldMost: readonly string[];
  /** What was passed over, in sentences. */
  readonly skipped: readonly string[];
  readonly then: readonly Odds[];
  readonly now: readonly Odds[];
  /** The work against its goal; absent while none was done. */
  readonly fix?: {
    readonly isOnTarget: boolean;
    readonly flowCfm: number;
    readonly targetCfm: number;
    /** What was predicted before the work. */
    readonly predictedCfm?: number;
  };
  /** One thing to do differently. */
  readonly differently: string;
  readonly skills: Readonly<Partial<Record<Skill, 'hit' | 'miss'>>>;
}

/** Airflow lands within so much of its target. */
const IN_RANGE = 0.1;
const LEAST_SHARE = 1e-4;
const TOLD = 2;
/** What is named under this share is a guess. (J) */
const GUESS_SHARE = 0.6;
/** A path this much longer than the best one has something to learn. */
const LONGER = 1.5;

const MISREAD = 'A reading was made with a panel off, the filter out or the blower stopped.';
const FILTER_OUT = 'The filter was left out.';
const HOSE_SLIP = 'Static was recorded with the hose off, or on the wrong fitting.';
const PANEL_OFF = 'A panel was left off.';
const POWER_OFF = 'The power was left off.';

/** What to do instead of what was passed over. */
const INSTEAD: Readonly<Record<string, string>> = {
  [MISREAD]: 'Read with every panel on, the filter in and the blower running.',
  [HOSE_SLIP]: 'Check the hoses when a static is near zero, or does not fit the others.',
  [FILTER_OUT]: 'Put the filter back before you leave.',
  [PANEL_OFF]: 'Put every panel back on before you leave.',
  [POWER_OFF]: 'Switch the power back on, and see that it runs.',
};

/** A cause by its title, of the air or of the power. */
export const titleOf = (practice: Pick<PracticeCase, 'power'>, id: string): string =>
  practice.power ? powerCause(id).name : causeTitle(id);

/** How much each step moved the truth, as bits. */
const bitsOf = (steps: readonly PathStep[], first: number) =>
  steps.map(({ truthShare }, i) =>
    Math.log2(Math.max(LEAST_SHARE, truthShare) / Math.max(LEAST_SHARE, i === 0 ? first : steps[i - 1]!.truthShare)),
  );

const isPort = (what: string) => /^[RS]\d$/.test(what);

/** Readings that were made while the unit was not as it runs, and what was left as it should not be. */
function leftUndone(
  practice: PracticeCase,
  acts: readonly TimedAct[],
): { readonly skipped: string[]; readonly misread: boolean } {
  const skipped: string[] = [];
  let misread = false;
  // What is read again with the hose right is no longer wrong: finding it out is the skill.
  const bySlip = new Set<string>();
  let cabinet = cabinetOf(practice);
  for (const act of acts) {
    if (act.kind === 'read' && isPort(act.what))
      if (cabinet.hoseSlip) bySlip.add(act.what);
      else bySlip.delete(act.what);
    if (act.kind === 'read' && act.what !== 'other' && act.what !== 'volts' && act.what !== 'microfarads') {
      const { runs, isOpen, isFilterIn } = conditionOf(practice, cabinet);
      if (!practice.power && (!runs || isOpen || (!isFilterIn && !act.what.endsWith('filterOut')))) misread = true;
    }
    cabinet = cabinetAfter(cabinet, practice, act);
  }
  if (misread) skipped.push(MISREAD);
  if (bySlip.size > 0) skipped.push(HOSE_SLIP);
  skipped.push(...cabinet.passedOver);
  if (!cabinet.isFilterIn) skipped.push(FILTER_OUT);
  if (cabinet.open.has('blowerDoor') || cabinet.open.has('filterDoor') || cabinet.open.has('coilPanel'))
    skipped.push(PANEL_OFF);
  if (!cabinet.isPowered) skipped.push(POWER_OFF);
  return { skipped, misread: misread || bySlip.size > 0 };
}

/** Gauges before a static reading: the charge judged before the air. */
function isOutOfOrder(acts: readonly TimedAct[]): boolean {
  const gauges = acts.findIndex((act) => act.kind === 'read' && act.what === 'gauges');
  const air = acts.findIndex((act) => act.kind === 'read' && isPort(act.what));
  return gauges >= 0 && (air < 0 || gauges < air);
}

/** The one thing that would have helped most. */
function differently(
  { stop, isHit, steps, best, minutes, bestMinutes, skipped, fix }: Omit<Debrief, 'differently' | 'skills'>,
  outOfOrder: boolean,
): string {
  if (stop !== undefined) return 'Lock out and verify dead before hands go in.';
  const done = new Set(steps.map(({ id }) => id));
  const missed = best
    .map((step, i) => ({ ...step, gain: step.truthShare - (best[i - 1]?.truthShare ?? 0) }))
    .filter(({ id }) => !done.has(id))
    .sort((a, b) => b.gain - a.gain)[0];
  if (!isHit && missed) return `Take this before you decide: ${stepWords(missed.id)}.`;
  if (!isHit) return 'The readings were there. Compare what each cause predicts before you name one.';
  const known = steps.at(-1)?.truthShare ?? 0;
  if (known < GUESS_SHARE && best.length > 0)
    return `It was a guess: ${Math.round(100 * known)} % likely when you named it. ${missed ? `Take this first: ${stepWords(missed.id)}.` : 'Measure more first.'}`;
  if (outOfOrder) return 'Read static before the gauges go on: a starved coil looks like a wrong charge.';
  const [caution] = skipped;
  if (caution !== undefined) return INSTEAD[caution] ?? caution;
  if (fix && !fix.isOnTarget) return 'Predict the airflow of a fix before you do it.';
  if (minutes > LONGER * bestMinutes && best.length > 0)
    return `Begin with what tells most: ${best
      .slice(0, 3)
      .map(({ id }) => stepWords(id))
      .join(', ')}.`;
  return 'Nothing. Take a harder one.';
}

/**
 * How a drill went: the truth, the path beside the shortest good one, what told most, what was passed over, and the one thing to do differently.
 *
 * @param acts everything that was done, in order
 * @param best the shortest good path, where it was computed before
 */
export function debrief(
  practice: PracticeCase,
  request: CaseRequest,
  acts: readonly TimedAct[],
  best: SolvedPath = bestPath(practice, request),
): Debrief {
  const cabinet = cabinetNow(practice, acts);
  const truth = practice.power ? [practice.power.cause] : practice.faults.map(({ cause }) => cause);
  const named = cabinet.answers.at(-1) ?? [];
  const isHit = cabinet.stop === undefined && isRight(practice, named);
  const { steps, then, now } = playedPath(practice, request, acts);
  const { skipped, misread } = leftUndone(practice, acts);
  const bits = bitsOf(steps, LEAST_SHARE * 100);
  const toldMost = steps
    .map(({ id }, i) => ({ id, bits: bits[i]! }))
    .filter((one) => one.bits > 0.1)
    .sort((a, b) => b.bits - a.bits)
    .slice(0, TOLD)
    .map(({ id }) => stepWords(id));
  const targetCfm = request.conditions.usualCfm;
  const hasWorked = cabinet.done.length + cabinet.repaired.length > 0;
  const flowCfm = realUnit(practice, request).flowCfm({
    ...conditionOf(practice, cabinet),
    runs: true,
    isOpen: false,
    isFilterIn: true,
  });
  const isRefrigerant = truth.some((id) => DRILL_PLANS.noCooling.causes!.includes(id));
  const gone = truth.every((id) => cabinet.repaired.includes(id));
  const isInRange = Math.abs(flowCfm / targetCfm - 1) <= IN_RANGE;
  const fix = hasWorked
    ? {
        isOnTarget: practice.power || isRefrigerant ? gone || (isInRange && !practice.power) : isInRange,
        flowCfm,
        targetCfm,
        predictedCfm: acts.findLast((act) => act.kind === 'work')?.predictedCfm,
      }
    : undefined;
  const bare = {
    truth: truth.map((id) => titleOf(practice, id)),
    lookAlike: practice.lookAlike === undefined ? undefined : titleOf(practice, practice.lookAlike),
    named: named.map((id) => titleOf(practice, id)),
    isHit,
    stop: cabinet.stop,
    steps,
    best: best.steps,
    minutes: cabinet.minutes,
    bestMinutes: best.minutes,
    cost: cabinet.cost,
    hints: cabinet.hints,
    toldMost,
    skipped,
    then,
    now,
    fix,
  };
  const outOfOrder = isOutOfOrder(acts);
  const isSafe = cabinet.stop === undefined && cabinet.passedOver.length === 0;
  const skills: Partial<Record<Skill, 'hit' | 'miss'>> = { safety: isSafe ? 'hit' : 'miss' };
  for (const skill of DRILL_PLANS[practice.kind].skills) {
    if (skill === 'safety') continue;
    const isGood = skill === 'places' ? !misread : skill === 'order' ? !outOfOrder && isHit : isHit;
    skills[skill] = isGood ? 'hit' : 'miss';
  }
  return { ...bare, differently: differently(bare, outOfOrder), skills };
}
