import { USUAL_SIZE_SIGMA } from '../causes';
import { flowAt, speedSigma, usualPerhaps, type Fan, type FanLag } from '../../air/fan';
import { splitOf, type Sureness } from '../../air/flow';
import { staticSigma } from '../../judge/verdicts';
import { motorLoad, powerOf, predict, predictHeating, type Goal } from '../model';
import { applyMoves, type ChosenMove } from '../moves';
import { normal, seededRandom } from '../../base/numbers/random';
import { innerDropInWc, operate, type Crossing } from '../../air/operate';
import { dropAt } from '../../air/path';
import type { Section, System } from '../../air/system';

/** The chances of a plan: that all of it lands, and each by itself, 0 to 1. */
export interface Odds {
  /** In the band, within the plate, and heating in its range, together. */
  readonly all: number;
  readonly band: number;
  readonly plate: number;
  readonly heat: number;
  /** The motor stays within what its nameplate allows; 1 where plate or load is not known. Plans of before have none. */
  readonly motor?: number;
  /** One standard deviation of the airflow after, CFM; absent where it was not sampled. */
  readonly flowSigmaCfm?: number;
}

/** (J) How far a changed section may turn out other than rated or taken, as one standard deviation, a share. */
export const CHANGED_SIGMA = 0.15;
/** (J) An assumed share of a section that was read as one. */
const SHARE_SIGMA = 0.35;

const SAMPLES = 400;

/** One draw of every error: those common to before and after, and those of the change alone. */
interface Draw {
  readonly flow: number;
  readonly returnStatic: number;
  readonly supplyStatic: number;
  readonly lag: number;
  readonly share: number;
  readonly slope: number;
  readonly changed: number;
  readonly speed: number;
  /** Uniform from 0 to 1: whether a doubted fan is sick, and how badly. */
  readonly sick: number;
  readonly sickness: number;
}

function draw(random: () => number): Draw {
  const z = () => normal(random);
  return {
    flow: z(),
    returnStatic: z(),
    supplyStatic: z(),
    lag: z(),
    share: z(),
    slope: z(),
    changed: z(),
    speed: z(),
    sick: random(),
    sickness: random(),
  };
}

const clamp = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value));

/** The lags as they might be: an assumed one by its loss. */
const lagsPerhaps = (lags: readonly FanLag[] | undefined, z: number): readonly FanLag[] | undefined =>
  lags?.map((lag) =>
    lag.assumed ? { ...lag, factor: clamp(1 - (1 - lag.factor) * (1 + USUAL_SIZE_SIGMA * z), 0.2, 1) } : lag,
  );

/** Shares of a section that was read as one: what the filter takes of it, or the coil, might be more or less, the sum stays. */
function sharesPerhaps(path: readonly Section[], z: number): readonly Section[] {
  const assumed = path.filter((section) => section.assumed !== undefined);
  const lead =
    assumed.find((section) => section.stages[0] === 'filter') ??
    assumed.find((section) => section.stages[0] === 'coil');
  if (!lead) return path;
  const group = assumed.filter((section) => section.assumed === lead.assumed && section.side === lead.side);
  const sum = group.reduce((total, { resistance }) => total + resistance.coefficient, 0);
  const was = lead.resistance.coefficient;
  if (!(sum > was)) return path;
  const then = clamp(was * (1 + SHARE_SIGMA * z), 0.1 * was, 0.9 * sum);
  return path.map((section) => {
    if (!group.includes(section)) return section;
    const factor = section === lead ? then / was : (sum - then) / (sum - was);
    return { ...section, resistance: { ...section.resistance, coefficient: section.resistance.coefficient * factor } };
  });
}

/** The fan on its curve as it might be, before it is set to an airflow. @param lag σ of its assumed losses */
function curvePerhaps(fan: Fan, slope: number, lag: number, staticShare: number): Fan {
  const lags = lagsPerhaps(fan.lags, lag);
  if (!fan.usual) return { ...fan, lags };
  const { usual } = fan;
  return {
    ...fan,
    lags,
    usual: usualPerhaps(fan.motor, { ...usual, anchorStaticInWc: usual.anchorStaticInWc * staticShare }, slope),
  };
}

/** The error of the airflow in a draw: its own to either side, and less air where a doubted fan is really sick. */
function flowError(
  { flowShare, doubtShare = 0, sickOdds = 0.4 }: Sureness,
  { flow, sick, sickness }: Draw,
): { own: number; sick: number } {
  const own = Math.sqrt(Math.max(LEAST_SIGMA ** 2, flowShare ** 2 - doubtShare ** 2)) * flow;
  return { own, sick: sick < sickOdds ? doubtShare * (0.4 + 0.8 * sickness) : 0 };
}

/** (J) No airflow in the field is known better than this, as one σ. Source: a planned traverse. */
const LEAST_SIGMA = 0.05;

type Inside = System['inside'];

/** What is lost inside the cabinet, as it might be. */
const insidePerhaps = (inside: Inside, lag: number): Inside =>
  inside && {
    ...inside,
    resistance: {
      ...inside.resistance,
      coefficient: inside.resistance.coefficient * Math.max(0, 1 + USUAL_SIZE_SIGMA * lag),
    },
  };

/** How much of the airflow one σ of the assumed losses takes, as a share. */
function lossSigma({ fan, inside }: System, now: Crossing): number {
  const flowWith = (lag: number) =>
    flowAt(
      { ...fan, lags: lagsPerhaps(fan.lags, lag) },
      now.tespInWc + innerDropInWc({ inside: insidePerhaps(inside, lag) }, now.flowCfm),
    );
  const [less, more] = [flowWith(0.5), flowWith(-0.5)];
  return less === undefined || more === undefined ? 0 : Math.max(0, more - less) / now.flowCfm;
}

/** A system as it might really be, within the errors of its readings; undefined when it could not run so. @param sigma of its assumed losses, a share */
function perhaps(
  system: System,
  now: Crossing,
  sure: Sureness,
  goal: Goal,
  z: Draw,
  sigma: number,
): System | undefined {
  const path = sharesPerhaps(system.path, z.share);
  const dropOf = (section: Section) => dropAt(section.resistance, now.flowCfm);
  const sideOf = (side: Section['side']) =>
    path.filter((section) => section.side === side).reduce((sum, section) => sum + dropOf(section), 0);
  const factor = (side: Section['side'], error: number) => {
    const p = sideOf(side);
    return p > 0 ? Math.max(0.1, 1 + (staticSigma(p, goal.rules) * error) / p) : 1;
  };
  const factors = { return: factor('return', z.returnStatic), supply: factor('supply', z.supplyStatic) };
  const tesp = path.reduce((sum, section) => sum + dropOf(section) * factors[section.side], 0);
  if (!(tesp > 0)) return undefined;
  const fanWith = (lag: number) => curvePerhaps(system.fan, z.slope, lag, tesp / now.tespInWc);
  const flowOn = (fan: Fan, inside: Inside) => flowAt(fan, tesp + innerDropInWc({ inside }, now.flowCfm));
  const off = flowError(sure, z);
  // An airflow that differs from the table says something of the losses that are assumed, as far as the table is sure.
  const split = splitOf(sigma, system.fan.usual ? undefined : sure.bookShare);
  const lag = sigma > 0 ? -(split.seen * off.own + split.sigmaShare * z.lag) / sigma : 0;
  const inside = insidePerhaps(system.inside, lag);
  const fan = fanWith(lag);
  const onCurve = flowOn(fan, inside);
  const byBook = sure.byBook === true && !fan.usual ? flowOn(fanWith(0), system.inside) : undefined;
  const flowCfm = (byBook ?? now.flowCfm) * Math.max(0.3, 1 + off.own - off.sick);
  const set = onCurve === undefined ? 1 : flowCfm / onCurve;
  return {
    ...system,
    inside,
    fan: { ...fan, lags: [...(fan.lags ?? []), { cause: 'measured', acts: 'flow', factor: set }] },
    path: path.map((section) => ({
      ...section,
      resistance: {
        ...section.resistance,
        coefficient:
          (section.resistance.coefficient * factors[section.side]) /
          Math.pow(flowCfm / now.flowCfm, section.resistance.exponent),
      },
    })),
  };
}

/** The changed system with each section that the moves changed, and a speed they changed, somewhat other than they say. */
function somewhatOther(changed: System, before: System, z: Draw): System {
  const old = new Set(before.path.map((section) => section.resistance));
  const factor = Math.max(0.2, 1 + CHANGED_SIGMA * z.changed);
  const sigma = speedSigma(before.fan, changed.fan.tap);
  const lags =
    sigma === 0
      ? changed.fan.lags
      : [...(changed.fan.lags ?? []), { cause: 'measured', acts: 'flow', factor: 1 + sigma * z.speed } as const];
  return {
    ...changed,
    fan: { ...changed.fan, lags },
    path: changed.path.map((section) =>
      old.has(section.resistance)
        ? section
        : {
            ...section,
            resistance: { ...section.resistance, coefficient: section.resistance.coefficient * factor },
          },
    ),
  };
}

/** Whether a change carries the motor past what its nameplate allows, by the law of its kind. @param at where the changed system runs */
export function isOverloaded(before: System, changed: System, at: Crossing): boolean {
  const was = operate(before);
  if (was.kind !== 'crossing') return false;
  return motorLoad(changed, powerOf(changed, at, { system: before, at: was }))?.word === 'outside';
}

/** One way a plan may turn out; undefined figures where the fan leaves its curve. */
export interface Outcome {
  readonly flowCfm?: number;
  readonly tespInWc?: number;
  readonly heatOutside?: boolean;
  readonly motorOutside?: boolean;
}

/**
 * What a set of moves may bring, given how sure the readings are: the same moves done to the system as it might be. Errors of book,
 * probes, assumed sizes and shares are common to before and after; those of what is changed are its own.
 *
 * @param samples draws; those that leave the fan's curve have no figures
 * @returns one outcome a draw, the same for the same seed
 */
export function sampledOutcomes(
  system: System,
  moves: readonly ChosenMove[],
  sure: Sureness,
  goal: Goal,
  seed: number,
  samples: number = SAMPLES,
): Outcome[] {
  const random = seededRandom(seed);
  const outcomes: Outcome[] = [];
  const now = operate(system);
  const sigma = now.kind === 'crossing' ? lossSigma(system, now) : 0;
  const knowsMotor = moves.length > 0 && predict(system, goal).motor !== undefined;
  for (let i = 0; i < samples; i += 1) {
    const z = draw(random);
    const drawn = now.kind === 'crossing' ? perhaps(system, now, sure, goal, z, sigma) : undefined;
    const done = drawn && applyMoves(drawn, moves);
    if (!done?.ok) {
      outcomes.push({});
      continue;
    }
    const changed = somewhatOther(done.system, drawn!, z);
    const found = operate(changed);
    if (found.kind === 'offTable') {
      outcomes.push({});
      continue;
    }
    outcomes.push({
      flowCfm: found.flowCfm,
      tespInWc: found.tespInWc,
      motorOutside: knowsMotor && isOverloaded(drawn!, changed, found),
      heatOutside: changed.heating !== undefined && predictHeating(changed)?.word === 'outside',
    });
  }
  return outcomes;
}

const inBand = ({ flowCfm }: Outcome, { target }: Goal) =>
  flowCfm !== undefined && flowCfm >= target.lowCfm && flowCfm <= target.highCfm;
const inPlate = ({ tespInWc }: Outcome, { maxTesp }: Goal) => tespInWc !== undefined && tespInWc <= maxTesp.value;

/** Whether one outcome is a landing: band, plate, heat and motor together. */
export const isLanding = (outcome: Outcome, goal: Goal): boolean =>
  inBand(outcome, goal) && inPlate(outcome, goal) && outcome.heatOutside !== true && outcome.motorOutside !== true;

/** One standard deviation of what was sampled; undefined of fewer than two. */
function spreadOf(values: readonly number[]): number | undefined {
  if (values.length < 2) return undefined;
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  return Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (values.length - 1));
}

/** The odds behind sampled outcomes; those of the band can only grow with its width. */
export function oddsOf(outcomes: readonly Outcome[], goal: Goal): Odds {
  const share = (is: (outcome: Outcome) => boolean) => outcomes.filter(is).length / outcomes.length;
  return {
    all: share((o) => isLanding(o, goal)),
    band: share((o) => inBand(o, goal)),
    plate: share((o) => inPlate(o, goal)),
    heat: share((o) => o.flowCfm !== undefined && o.heatOutside !== true),
    motor: share((o) => o.flowCfm !== undefined && o.motorOutside !== true),
    flowSigmaCfm: spreadOf(outcomes.flatMap(({ flowCfm }) => (flowCfm === undefined ? [] : [flowCfm]))),
  };
}

/**
 * The chances that moves land in the band, within the plate, with the heating in its range and the motor within its limit.
 * @example chanceOf(exampleA, [], { flowShare: 0.1, staticInWc: 0.025 }, goal, 1).band // about 0.07: 940 of 1,080
 */
export const chanceOf = (
  system: System,
  moves: readonly ChosenMove[],
  sure: Sureness,
  goal: Goal,
  seed: number,
  samples?: number,
): Odds => oddsOf(sampledOutcomes(system, moves, sure, goal, seed, samples), goal);
