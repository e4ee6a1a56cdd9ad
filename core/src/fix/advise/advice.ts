import { curveWords, fanRuns, hasSpeed, fanSpeeds, type OffTable } from '../../air/fan';
import { tespAllowedInWc, type Target } from '../../judge/verdicts';
import type { Sourced } from '../../base/numbers';
import type { Verdict } from '../../base/verdict';
import { predictHeating, type Goal } from '../model';
import { crossingOf, operate, type Crossing } from '../../air/operate';
import { DUCT_EXPONENT, pathDropAt, resistanceFromPoint } from '../../air/path';
import type { Stop } from '../../call/stop';
import { onTap, type System } from '../../air/system';
import { flowWords, staticWords, percentText, staticText, sentenceCase } from '../../base/words';
import { awayFrom, isChoked, landingOf, landingScore, tierOf, type Tier } from './landing';
import { speedName, speedOutcomes, type SpeedOutcome } from './speedOutcomes';

/** What to do about the speed, if anything. */
type AdviceKind =
  /** One thing to do, and nothing else until it is done. */
  | 'stop'
  | 'keep'
  | 'change'
  /** Something that was seen is due: do that, then read again. */
  | 'mendFirst'
  | 'restrictionFirst'
  /** A slower speed would do, but the airflow rests on the book alone. */
  | 'confirmFirst'
  | 'betweenTaps'
  | 'noTapFastEnough'
  | 'noTapSlowEnough'
  | 'cantSay';

export interface Advice {
  readonly kind: AdviceKind;
  /** The speed to be on, where there is one. */
  readonly tap?: string;
  /** One line: what to do. */
  readonly headline: string;
  /** One or two sentences: why. */
  readonly reason: string;
  readonly outcomes: readonly SpeedOutcome[];
}

/** Everything advice goes by: the one judgement of a visit. */
export interface AdviceFacts {
  readonly stop?: Stop;
  /** The question that holds the verdict. */
  readonly question?: { readonly sentence: string };
  /** The measured system; absent while it cannot be measured. */
  readonly system?: System;
  readonly goal?: Goal;
  readonly tespInWc?: number;
  readonly airflow: Verdict;
  /** Why there is no system, in a sentence. */
  readonly lacks?: string;
  readonly offTable?: OffTable;
  /** Names of moves that mend what was seen. */
  readonly due: readonly string[];
  /** Why no slower speed is advised; absent when one may be. */
  readonly noSlower?: string;
  /** Two measurements of the air agree: they outweigh the table. */
  readonly measuredTwice?: boolean;
}

type OnCurve = SpeedOutcome & { readonly operation: Crossing };
type Landed = OnCurve & { readonly tier: Tier; readonly score: number };

const says = ({ operation }: OnCurve) => `${flowWords(operation.flowCfm)} at ${staticWords(operation.tespInWc)}`;

/** The best landing first, then the likeliest to stay there. What another beats both by its static and by its distance to the target is out. */
const bestOf = (candidates: readonly Landed[], target: Target): Landed | undefined => {
  const awayOf = ({ operation }: Landed) => awayFrom(operation.flowCfm, target);
  const beats = (a: Landed, b: Landed) =>
    a.tier <= b.tier && awayOf(a) < awayOf(b) && a.operation.tespInWc < b.operation.tespInWc;
  return candidates
    .filter((one) => !candidates.some((other) => beats(other, one)))
    .sort((a, b) => a.tier - b.tier || b.score - a.score)[0];
};

/** The speed that would land nearest the target once the path asks no more than the nameplate allows at the target. */
function speedAfterClearing(system: System, target: Target, maxTesp: Sourced): Crossing | undefined {
  const cleared = [resistanceFromPoint(maxTesp.value, target.flowCfm, DUCT_EXPONENT)];
  return fanSpeeds(system.fan)
    .filter((tap) => hasSpeed(system.fan, tap))
    .map((tap) => crossingOf(tap, fanRuns({ ...system.fan, tap }), cleared))
    .filter((o): o is Crossing => o.kind === 'crossing')
    .filter((o) => o.flowCfm >= target.lowCfm && o.flowCfm <= target.highCfm && o.tespInWc <= maxTesp.value)
    .sort((a, b) => Math.abs(a.flowCfm - target.flowCfm) - Math.abs(b.flowCfm - target.flowCfm))[0];
}

function whyRestricted(system: System, target: Target, maxTesp: Sourced, onCurve: readonly OnCurve[]): string {
  const limit = `${maxTesp.source === 'nameplate' ? 'the nameplate allows' : 'the assumed limit is'} ${staticText(maxTesp.value)}`;
  const path = system.path.map((s) => s.resistance);
  for (const [flowCfm, name] of [
    [target.lowCfm, 'at the low end of the target'],
    [target.flowCfm, 'of the target'],
  ] as const) {
    const asked = pathDropAt(path, flowCfm);
    if (asked > maxTesp.value) {
      return `For the ${flowWords(flowCfm)} ${name} this duct system needs ${staticWords(asked)} and ${limit}: cut ${percentText(1 - maxTesp.value / asked)} of its resistance.`;
    }
  }
  const tooHigh = onCurve.find((o) => o.tesp === 'outside');
  return tooHigh
    ? `${sentenceCase(speedName(system, tooHigh.tap))} would move ${says(tooHigh)} and ${limit}.`
    : 'The speeds that could reach the target end on their curve before they reach this duct system.';
}

function restrictionFirst(system: System, goal: Goal, outcomes: readonly SpeedOutcome[]): Advice {
  const { target, maxTesp } = goal;
  const then = speedAfterClearing(system, target, maxTesp);
  const after = then
    ? ` With the restriction cleared, ${speedName(system, then.tap)} would give ${flowWords(then.flowCfm)}.`
    : '';
  return {
    kind: 'restrictionFirst',
    outcomes,
    headline: 'No speed can do it: clear the restriction first',
    reason: whyRestricted(system, target, maxTesp, outcomes.filter(isLanded)) + after,
  };
}

const isLanded = (outcome: SpeedOutcome): outcome is OnCurve => outcome.operation.kind === 'crossing';

const pastTheTable = ({ airflow }: AdviceFacts, outcomes: readonly SpeedOutcome[]): Advice => ({
  kind: 'restrictionFirst',
  outcomes,
  headline: 'Past the end of the table: clear the restriction first',
  reason: airflow.sentence,
});

function withoutSystem(facts: AdviceFacts): Advice {
  const { offTable, airflow, lacks, due } = facts;
  if (due.length > 0) return mendFirst(due, []);
  if (facts.question)
    return {
      kind: 'cantSay',
      outcomes: [],
      headline: 'Answer the open question first',
      reason: facts.question.sentence,
    };
  if (offTable?.side === 'aboveTable') return pastTheTable(facts, []);
  return { kind: 'cantSay', outcomes: [], headline: 'No advice yet', reason: lacks ?? airflow.sentence };
}

const listed = (names: readonly string[]) => names.map((name) => `“${name}”`).join(', ');

const mendFirst = (due: readonly string[], outcomes: readonly SpeedOutcome[]): Advice => ({
  kind: 'mendFirst',
  outcomes,
  headline: 'Fix what you found first, then re-measure',
  reason: `${listed(due)}. What you found distorts these readings, so no speed is recommended yet.`,
});

/**
 * What to do about the speed, in cooling or heating.
 *
 * What was seen is fixed first. Where the airflow is too unsure there is no advice but what would settle it. A path that asks more
 * than the plate at the foot of the band is cleared first: speed on a choked path costs static, watts, noise and motors. What is in
 * the band within the plate's error is left alone. Else the speed that lands best by `tierOf`, a slower one only where RPM, amps
 * or a second method vouch for the air.
 *
 * @returns always an answer; `cantSay` with what is missing when the system is not known
 * @example worked example A → restrictionFirst: 1,080 CFM asks 0.77 in. w.c. of a 0.50 plate
 */
export function advise(facts: AdviceFacts): Advice {
  const { stop, question, system, goal, tespInWc, airflow, due, noSlower } = facts;
  if (stop) return { kind: 'stop', outcomes: [], headline: `Stop: ${stop.name}`, reason: `${stop.why} ${stop.first}` };
  if (!system || !goal || tespInWc === undefined) return withoutSystem(facts);
  const { target } = goal;
  const outcomes = speedOutcomes(system, tespInWc, goal);
  if (due.length > 0) return mendFirst(due, outcomes);
  if (question)
    return { kind: 'cantSay', outcomes, headline: 'Answer the open question first', reason: question.sentence };
  // Past the end of its row the manufacturer does not allow it, whatever the air is.
  if (airflow.word === 'cantSay' && facts.offTable?.side === 'aboveTable') return pastTheTable(facts, outcomes);
  if (airflow.word === 'cantSay')
    return {
      kind: 'cantSay',
      outcomes,
      headline: 'Airflow is too uncertain to pick a speed',
      reason: airflow.sentence,
    };
  if (isChoked(system, goal)) return restrictionFirst(system, goal, outcomes);
  const now = operate(system);
  const nowTier = landingOf(system, goal);
  if (now.kind === 'crossing' && nowTier < 2)
    return {
      kind: 'keep',
      tap: system.fan.tap,
      outcomes,
      headline: `Stay on ${speedName(system, system.fan.tap)}`,
      reason: `It moves ${flowWords(now.flowCfm)} at ${staticWords(now.tespInWc)}, within target and ${nowTier === 0 ? 'within the limit' : 'over the limit by less than measurement error'}.`,
    };
  const flowNow = now.kind === 'crossing' ? now.flowCfm : now.edgeFlowCfm;
  const onCurve = outcomes.filter(isLanded).map((o) => {
    const heat = predictHeating(onTap(system, o.tap))?.word === 'outside';
    return {
      ...o,
      tier: o.motor === 'outside' ? (3 as const) : tierOf(o.operation, heat, goal),
      score: landingScore(o.operation, goal.flowShare ?? 0, goal),
    };
  });
  const best = bestOf(
    onCurve.filter((o) => o.tier < 2),
    target,
  );
  if (best && best.operation.flowCfm < flowNow && noSlower)
    return {
      kind: 'confirmFirst',
      outcomes,
      headline: 'Confirm airflow before you slow it down',
      reason: `${sentenceCase(speedName(system, best.tap))} would move ${says(best)} ${noSlower}`,
    };
  if (best) {
    const usual = system.fan.usual ? ` That is ${curveWords(system.fan)}. Measure again after it.` : '';
    return {
      kind: 'change',
      tap: best.tap,
      outcomes,
      headline: `Change to ${speedName(system, best.tap)}`,
      reason: `On this duct system it moves ${says(best)}, within target and within the limit.${usual}`,
    };
  }
  return noneLands(facts, { system, goal, outcomes, onCurve, flowNow });
}

/** The speeds of a system whose air is not in its band, none of which lands in it. */
interface NoneLands {
  readonly system: System;
  readonly goal: Goal;
  readonly outcomes: readonly SpeedOutcome[];
  readonly onCurve: readonly Landed[];
  readonly flowNow: number;
}

/** What to do where no speed lands: the nearest one, or what the speeds on either side point at. */
function noneLands(facts: AdviceFacts, { system, goal, outcomes, onCurve, flowNow }: NoneLands): Advice {
  const { target, maxTesp } = goal;
  const { noSlower } = facts;
  const allowed = onCurve.filter(
    (o) => o.operation.tespInWc <= tespAllowedInWc(maxTesp.value, goal.rules) && (o.inUse || o.motor !== 'outside'),
  );
  const under = allowed
    .filter((o) => o.operation.flowCfm < target.lowCfm)
    .sort(byFlow)
    .at(-1);
  const over = allowed.filter((o) => o.operation.flowCfm > target.highCfm).sort(byFlow)[0];
  if (over && under) {
    const nearer = [under, over].sort((a, b) => away(a, target) - away(b, target))[0]!;
    const slower = nearer.operation.flowCfm < flowNow && noSlower !== undefined;
    return {
      kind: 'betweenTaps',
      tap: slower ? undefined : nearer.tap,
      outcomes,
      headline: `No speed hits the target; ${speedName(system, nearer.tap)} is closest`,
      reason: `${sentenceCase(speedName(system, under.tap))} moves ${says(under)}, ${speedName(system, over.tap)} ${says(over)}${slower ? ` ${noSlower}` : ''}`,
    };
  }
  if (over && outcomes.some((o) => o.operation.kind === 'offTable' && o.operation.side === 'belowTable')) {
    return {
      kind: 'cantSay',
      outcomes,
      headline: `Too much air, and slower speeds are off their curve`,
      reason: `${sentenceCase(speedName(system, over.tap))} moves ${says(over)} Slower speeds run below the lowest static of their curve. Look for an open duct or missing filter first.`,
    };
  }
  if (over) {
    return {
      kind: 'noTapSlowEnough',
      tap: over.inUse || !noSlower ? over.tap : undefined,
      outcomes,
      headline: `Even ${speedName(system, over.tap)} moves too much air`,
      reason: `It moves ${says(over)} Look for an open duct or missing filter, and check that the table is for this blower.`,
    };
  }
  const stopped = outcomes.some((o) =>
    o.operation.kind === 'crossing' ? o.tesp === 'outside' : o.operation.side !== 'belowTable',
  );
  if (stopped && under && under.operation.flowCfm > flowNow * 1.002)
    return {
      kind: 'betweenTaps',
      tap: under.tap,
      outcomes,
      headline: `No speed hits the target; ${speedName(system, under.tap)} is closest`,
      reason: `It moves ${says(under)} ${whyRestricted(system, target, maxTesp, outcomes.filter(isLanded))}`,
    };
  if (stopped || !under) return restrictionFirst(system, goal, outcomes);
  return {
    kind: 'noTapFastEnough',
    tap: under.operation.flowCfm < flowNow ? undefined : under.tap,
    outcomes,
    headline: `Even ${speedName(system, under.tap)} moves too little air`,
    reason: `It moves ${says(under)} ${whyTooLittle(facts, outcomes)}`,
  };
}

/** What to suspect where even the fastest speed that is allowed moves too little on a path that is open. */
function whyTooLittle({ measuredTwice, system }: AdviceFacts, outcomes: readonly SpeedOutcome[]): string {
  const held = outcomes.filter(({ motor }) => motor === 'outside');
  if (system && held.length > 0)
    return `${sentenceCase(held.map(({ name }) => name).join(', '))} would overload the motor. Use a larger motor, or lower the resistance.`;
  if (measuredTwice)
    return 'Two measurements agree, so suspect the blower or its table. Check speed in use, wheel, inside coil and table.';
  return 'The ducts are not the cause. Check the wheel, the coil inside the cabinet, and that the table is for this blower.';
}

const byFlow = (a: Landed, b: Landed) => a.operation.flowCfm - b.operation.flowCfm;
const away = (o: Landed, target: Target) => Math.abs(o.operation.flowCfm - target.flowCfm);
