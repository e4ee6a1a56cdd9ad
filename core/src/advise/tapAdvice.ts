import type { Judgement, Rules, Sourced, Target } from '../judge';
import { fanRuns } from '../fan';
import { crossingOf, type Crossing } from '../operate';
import { DUCT_EXPONENT, pathDropAt, resistanceFromPoint } from '../path';
import type { System } from '../system';
import { flowText, percentText, staticText } from '../words';
import { tapOutcomes, type TapOutcome } from './tapOutcomes';

/** What to do about the speed, if anything. */
export type TapAdviceKind =
  'keep' | 'change' | 'restrictionFirst' | 'betweenTaps' | 'noTapFastEnough' | 'noTapSlowEnough' | 'cantSay';

export interface TapAdvice {
  readonly kind: TapAdviceKind;
  /** The tap to be on, where there is one. */
  readonly tap?: string;
  /** One line: what to do. */
  readonly headline: string;
  /** One or two sentences: why. */
  readonly reason: string;
  readonly outcomes: readonly TapOutcome[];
}

type Landed = TapOutcome & { readonly operation: Crossing };

const landed = (outcome: TapOutcome): outcome is Landed => outcome.operation.kind === 'crossing';
const says = ({ operation }: Landed) =>
  `${flowText(operation.flowCfm)} CFM at ${staticText(operation.tespInWc)} in. w.c.`;

/** "tap 4"; of a belt drive "900 RPM". */
const speedName = ({ fan }: System, tap: string) =>
  fan.motor === 'beltDrive' ? `${Math.round(Number(tap))} RPM` : `tap ${tap}`;
const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

/** Lower static verdict first, then the airflow verdict, then the nearer to the target. */
function bestOf(candidates: readonly Landed[], target: Target): Landed | undefined {
  const rank = (o: Landed) => [o.tesp === 'inside' ? 0 : 1, o.airflow === 'inside' ? 0 : 1];
  const away = (o: Landed) => Math.abs(o.operation.flowCfm - target.flowCfm);
  return [...candidates].sort((a, b) => {
    const [at, aa] = rank(a) as [number, number];
    const [bt, ba] = rank(b) as [number, number];
    return at - bt || aa - ba || away(a) - away(b);
  })[0];
}

/** The tap that would land nearest the target once the path asks no more than the plate allows at the target. */
function tapAfterClearing(system: System, target: Target, maxTesp: Sourced): Crossing | undefined {
  const cleared = [resistanceFromPoint(maxTesp.value, target.flowCfm, DUCT_EXPONENT)];
  return system.fan.table.taps
    .map(({ tap }) => crossingOf(tap, fanRuns({ ...system.fan, tap }), cleared))
    .filter((o): o is Crossing => o.kind === 'crossing')
    .filter((o) => o.flowCfm >= target.lowCfm && o.flowCfm <= target.highCfm && o.tespInWc <= maxTesp.value)
    .sort((a, b) => Math.abs(a.flowCfm - target.flowCfm) - Math.abs(b.flowCfm - target.flowCfm))[0];
}

function whyRestricted(system: System, target: Target, maxTesp: Sourced, onCurve: readonly Landed[]): string {
  const limit = `${maxTesp.source === 'nameplate' ? 'the plate allows' : 'the limit is taken as'} ${staticText(maxTesp.value)}`;
  const path = system.path.map((s) => s.resistance);
  for (const [flowCfm, name] of [
    [target.lowCfm, 'at the foot of the band'],
    [target.flowCfm, 'of the target'],
  ] as const) {
    const asked = pathDropAt(path, flowCfm);
    if (asked > maxTesp.value) {
      return `For the ${flowText(flowCfm)} CFM ${name} this path asks ${staticText(asked)} in. w.c. and ${limit}: it must lose ${percentText(1 - maxTesp.value / asked)} of its resistance.`;
    }
  }
  const tooHigh = onCurve.find((o) => o.tesp === 'outside');
  return tooHigh
    ? `${capital(speedName(system, tooHigh.tap))} would move ${says(tooHigh)} and ${limit}.`
    : 'The taps that could bring the air end in the maker’s table before they meet this path.';
}

function restrictionFirst(
  system: System,
  target: Target,
  maxTesp: Sourced,
  outcomes: readonly TapOutcome[],
): TapAdvice {
  const then = tapAfterClearing(system, target, maxTesp);
  const after = then
    ? ` Cleared to the plate, ${speedName(system, then.tap)} would land at ${flowText(then.flowCfm)} CFM.`
    : '';
  return {
    kind: 'restrictionFirst',
    outcomes,
    headline: 'No tap can do it: clear the restriction first',
    reason: whyRestricted(system, target, maxTesp, outcomes.filter(landed)) + after,
  };
}

function cantSay(judgement: Judgement, outcomes: readonly TapOutcome[] = []): TapAdvice {
  const { offTable, airflow } = judgement;
  if (offTable?.side === 'aboveTable') {
    return {
      kind: 'restrictionFirst',
      outcomes,
      headline: 'Past the end of the table: clear the restriction first',
      reason: airflow.sentence,
    };
  }
  return { kind: 'cantSay', outcomes, headline: 'No advice yet', reason: airflow.sentence };
}

/**
 * Which speed tap to be on, if any.
 *
 * A tap will do when it lands in the target band with TESP not above the maximum, both on the measured path. Among those,
 * lower static goes before nearer flow. When only more static than the maximum could bring the air, the answer is to
 * clear the restriction first: speed on a choked path costs static, watts, noise and motors.
 *
 * @param judgement of the same readings and rules
 * @returns always an answer; `cantSay` with what is missing when the system is not known
 * @example worked example A → restrictionFirst: 1,080 CFM asks 0.77 in. w.c. of a 0.50 plate
 */
export function tapAdvice(judgement: Judgement, rules: Rules): TapAdvice {
  const { system, target, maxTesp, tespInWc } = judgement;
  if (!system || !target || tespInWc === undefined) return cantSay(judgement);
  const outcomes = tapOutcomes(system, tespInWc, target, maxTesp, rules);
  const onCurve = outcomes.filter(landed);
  const allowed = onCurve.filter((o) => o.tesp !== 'outside');
  const doing = allowed.filter((o) => o.airflow !== 'outside');
  const best = bestOf(doing, target);
  if (best) {
    const now = doing.find((o) => o.inUse);
    if (now && (now.tap === best.tap || (now.airflow === 'inside' && now.tesp === best.tesp))) {
      return {
        kind: 'keep',
        tap: now.tap,
        outcomes,
        headline: `Stay on ${speedName(system, now.tap)}`,
        reason: `It moves ${says(now)}, in the band and within the limit.`,
      };
    }
    return {
      kind: 'change',
      tap: best.tap,
      outcomes,
      headline: `Move to ${speedName(system, best.tap)}`,
      reason: `On this path it moves ${says(best)}, in the band and within the limit.${now ? ` ${capital(speedName(system, now.tap))} would do, with less room.` : ''}`,
    };
  }
  const under = allowed
    .filter((o) => o.operation.flowCfm < target.lowCfm)
    .sort(byFlow)
    .at(-1);
  const over = allowed.filter((o) => o.operation.flowCfm > target.highCfm).sort(byFlow)[0];
  if (over && under) {
    const nearer = [under, over].sort((a, b) => away(a, target) - away(b, target))[0]!;
    return {
      kind: 'betweenTaps',
      tap: nearer.tap,
      outcomes,
      headline: `No tap lands in the band; ${speedName(system, nearer.tap)} is nearest`,
      reason: `${capital(speedName(system, under.tap))} moves ${says(under)}, ${speedName(system, over.tap)} ${says(over)}`,
    };
  }
  if (over && outcomes.some((o) => o.operation.kind === 'offTable' && o.operation.side === 'belowTable')) {
    return {
      kind: 'cantSay',
      outcomes,
      headline: `Too much air, and the slower taps are off the table`,
      reason: `${capital(speedName(system, over.tap))} moves ${says(over)} Slower taps would run below the lowest static the maker lists: look for an open or missing duct or filter first.`,
    };
  }
  if (over) {
    return {
      kind: 'noTapSlowEnough',
      tap: over.tap,
      outcomes,
      headline: `Even ${speedName(system, over.tap)} moves too much air`,
      reason: `It moves ${says(over)} Look for an open or missing duct or filter, and check the tons and the table.`,
    };
  }
  const stopped = outcomes.some((o) =>
    o.operation.kind === 'crossing' ? o.tesp === 'outside' : o.operation.side !== 'belowTable',
  );
  if (stopped || !under) return restrictionFirst(system, target, maxTesp, outcomes);
  return {
    kind: 'noTapFastEnough',
    tap: under.tap,
    outcomes,
    headline: `Even ${speedName(system, under.tap)} moves too little air`,
    reason: `It moves ${says(under)} The ducts are not the cause: check that the table is this blower’s, and the tons.`,
  };
}

const byFlow = (a: Landed, b: Landed) => a.operation.flowCfm - b.operation.flowCfm;
const away = (o: Landed, target: Target) => Math.abs(o.operation.flowCfm - target.flowCfm);
