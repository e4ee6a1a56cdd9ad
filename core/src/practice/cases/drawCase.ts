import type { MotorKind } from '../../air/fan';
import type { LayoutId } from '../../air/system';
import { normal, seededRandom } from '../../base/numbers/random';
import { POWER_SCHEMES } from '../../call/power/schemes';
import { powerCause } from '../../call/power';
import { ALL_CAUSES, causeOf, type Cause } from '../../fix/causes';
import { caseCode, type CodedCase } from './caseCode';
import { CASE_BLOWERS, type CaseBlower } from './caseUnits';
import { CUSTOMER_WORDS, HISTORIES } from './customerWords';
import { SEASONS, type Season } from './seasons';
import { DRILL_PLANS, type DrillKind } from './kinds';

/** A hidden fault and how bad it is, 0 to 1. */
export interface CaseFault {
  readonly cause: string;
  readonly severity: number;
  /** The other way of a cause that has two: a speed too high. */
  readonly isOpposite: boolean;
}

/** How a hose misleads: it came off, or its other end is on the wrong fitting. */
const HOSE_SLIPS = ['hoseOff', 'wrongPort'] as const;
export type HoseSlip = (typeof HOSE_SLIPS)[number];

/** A unit with what is wrong with it, the customer’s words, and its weather: all from its code. */
export interface PracticeCase extends CodedCase {
  readonly code: string;
  readonly layout: LayoutId;
  readonly motor: MotorKind;
  readonly blower: CaseBlower;
  readonly outdoorF: number;
  readonly roomF: number;
  /** 0 to 1. */
  readonly humidity: number;
  /** What is wrong with the air or the circuit; none where the blower does not run. */
  readonly faults: readonly CaseFault[];
  /** A cause that can be seen and takes nothing: the filter is gray, and passes its air. */
  readonly lookAlike?: string;
  /** What keeps the blower from running. */
  readonly power?: { readonly scheme: string; readonly cause: string };
  readonly complaint: string;
  readonly words: string;
  readonly history: string;
  /** What is wrong with the manometer’s hose when the drill begins. */
  readonly hoseSlip?: HoseSlip;
  /** When in the cooling season it is. */
  readonly season: Season;
}

const AIR_COMPLAINTS = ['notCooling', 'weakRegister', 'noisy', 'freezing'] as const;
const COMPLAINTS: Readonly<Record<DrillKind, readonly string[]>> = {
  filterOrDuct: AIR_COMPLAINTS,
  pickTap: ['startUp', 'notCooling', 'noisy'],
  setBelt: ['startUp', 'notCooling', 'weakRegister'],
  blowerWontRun: ['noRun'],
  noCooling: ['notCooling', 'blowsWarm'],
  wholeCall: AIR_COMPLAINTS,
};
/** Severities are drawn from here up: a fault nobody can measure teaches nothing. */
const LEAST_SEVERITY = 0.4;
/** Of two faults the lesser must not drown in the other. */
const LEAST_OF_TWO = 0.6;
/** A hose misleads in so many of the harder drills. (J) */
const HOSE_SLIP_SHARE = 0.25;

const pick = <T>(random: () => number, from: readonly T[]): T => from[Math.floor(random() * from.length)]!;

/** One of several, by how often they are met. */
function byOdds<T extends { readonly prior: number }>(random: () => number, from: readonly T[]): T {
  let at = random() * from.reduce((sum, { prior }) => sum + prior, 0);
  for (const one of from) if ((at -= one.prior) <= 0) return one;
  return from.at(-1)!;
}

/** The causes a drill of a kind may hide at a unit. */
function possibleAt(kind: DrillKind, unit: { layout: LayoutId; motor: MotorKind }): readonly Cause[] {
  const { causes } = DRILL_PLANS[kind];
  const all = causes ? causes.map((id) => causeOf(id)!) : ALL_CAUSES;
  // Where a reading itself is wrong, the simulated instruments say so by themselves.
  return all.filter((cause) => cause.at(unit) && cause.kind !== 'reading');
}

function drawnFaults(random: () => number, { kind, level }: CodedCase, possible: readonly Cause[]) {
  const least = level === 2 ? LEAST_OF_TWO : LEAST_SEVERITY;
  const sized = ({ id, opposite }: Cause): CaseFault => ({
    cause: id,
    severity: least + (1 - least) * random(),
    isOpposite: opposite !== undefined && kind !== 'noCooling' && random() < 0.4,
  });
  const first = byOdds(random, possible);
  const others = possible.filter(({ id, group }) => id !== first.id && group !== first.group);
  if (level === 1 || others.length === 0) return { faults: [sized(first)] };
  if (level === 2) return { faults: [sized(first), sized(byOdds(random, others))] };
  const seen = others.filter(({ shownBy }) => shownBy.length > 0);
  return { faults: [sized(first)], lookAlike: seen.length > 0 ? byOdds(random, seen).id : undefined };
}

/** One of the ways this motor is switched, and what stops it there. */
function drawnPower(random: () => number, motor: MotorKind) {
  const scheme = pick(
    random,
    POWER_SCHEMES.filter(({ motors, provesOnly }) => motors.includes(motor) && !provesOnly),
  );
  const causes = Object.keys(scheme.causes)
    .map(powerCause)
    .filter(({ runsOn }) => !runsOn);
  return { scheme: scheme.id, cause: byOdds(random, causes).id };
}

/**
 * The case of a code: the same on every phone and every day.
 *
 * @example drawCase({ kind: 'filterOrDuct', level: 1, difficulty: 1, seed: 12 }).faults.length // 1
 */
export function drawCase(coded: CodedCase): PracticeCase {
  const { kind, level, seed } = coded;
  const random = seededRandom(seed);
  const [layout, motor] = pick(random, DRILL_PLANS[kind].units);
  const complaint = pick(random, COMPLAINTS[kind]);
  const hoseSlip = level > 1 && random() < HOSE_SLIP_SHARE ? pick(random, HOSE_SLIPS) : undefined;
  const warmerF = 4 * normal(random);
  const drawn = {
    roomF: Math.round(75 + 1.5 * normal(random)),
    humidity: 0.45 + 0.1 * random(),
    complaint,
    words: pick(random, CUSTOMER_WORDS[complaint]!),
    history: pick(random, HISTORIES),
    ...(kind === 'blowerWontRun'
      ? { faults: [], power: drawnPower(random, motor) }
      : { ...drawnFaults(random, coded, possibleAt(kind, { layout, motor })), hoseSlip }),
  };
  const season = pick(random, SEASONS);
  return {
    ...coded,
    code: caseCode(coded),
    layout,
    motor,
    blower: CASE_BLOWERS[motor],
    season,
    outdoorF: Math.round(season.outdoorF + warmerF),
    ...drawn,
  };
}
