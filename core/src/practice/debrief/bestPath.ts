import { normal, seededRandom } from '../../base/numbers/random';
import { boundaryPorts, layoutOf } from '../../air/system';
import { assessPower } from '../../call/power';
import { POWER_SCHEMES } from '../../call/power/schemes';
import { likelyOutcome } from '../../call/power/practice';
import type { Check } from '../../call/checks';
import { causeOf } from '../../fix/causes';
import { instrumentSigma, type Explanation } from '../../fix/explain';
import { placeOf, READING_IDS, type ReadingId } from '../../fix/observe';
import {
  AS_FOUND_RUNNING,
  CASE_MICROFARADS,
  CASE_VOLTS,
  wholeAnswer,
  realUnit,
  requestWith,
  type CaseRequest,
  type PracticeCase,
} from '../cases';

/** One step of a path: what was done, its minutes, and how likely the truth was after it. */
export interface PathStep {
  /** Id of a reading option, "look filter" or "R2"; of a point of power. */
  readonly id: string;
  readonly minutes: number;
  /** 0 to 1. */
  readonly truthShare: number;
}

/** A way to the answer. */
export interface SolvedPath {
  readonly steps: readonly PathStep[];
  readonly minutes: number;
  /** What would be named at its end. */
  readonly named: readonly string[];
}

/** So many steps and no more: a case that is still open then stays open. */
const MOST_STEPS = 16;
const LEAST_BITS = 0.01;
const PORT_MINUTES = 1;
const DROP_MINUTES = 4;
const ABOUT_COOLING: ReadonlySet<string> = new Set(['notCooling', 'blowsWarm', 'freezing']);

/** How likely all of the truth is, by an answer. */
export const truthShareOf = ({ faults }: PracticeCase, { causes }: Explanation): number =>
  faults.length === 0 ? 0 : Math.min(...faults.map(({ cause }) => causes.find(({ id }) => id === cause)?.share ?? 0));

/** In practice the instruments and the table are right: a cause that blames them is not named. */
const isHidden = (id: string) => causeOf(id)?.kind !== 'reading';

/** What an answer would name: one cause, or two where two are hidden. */
function namedBy({ level }: PracticeCase, { causes, explanations }: Explanation): string[] {
  const pair = explanations.find((one) => one.causes.length === 2 && one.causes.every(isHidden));
  if (level === 2 && pair) return [...pair.causes];
  const ranked = causes.filter(({ id }) => isHidden(id)).sort((a, b) => b.share - a.share);
  return ranked.slice(0, level === 2 ? 2 : 1).map(({ id }) => id);
}

/** Over this share a fault is found. (J) */
const FOUND_SHARE = 0.93;

/** Whether nothing is left to find. Who practices knows that something is wrong: "healthy" is no answer, and after the first of two faults one goes on. */
function isDone({ level }: PracticeCase, { causes, healthy }: Explanation): boolean {
  const sick = Math.max(1e-6, 1 - healthy);
  return causes.filter(({ id, share }) => isHidden(id) && share / sick >= FOUND_SHARE).length >= (level === 2 ? 2 : 1);
}

/** The way of somebody who always reads what is expected to tell most for its minutes, in the air and the circuit. */
function airPath(practice: PracticeCase, request: CaseRequest, noiseSeed: number | undefined): SolvedPath {
  const unit = realUnit(practice, request);
  const random = seededRandom(noiseSeed ?? 0);
  // The instrument's own error, drawn once for each reading.
  const errors = READING_IDS.map(() => (noiseSeed === undefined ? 0 : normal(random)));
  const values = new Map<ReadingId, number>();
  const looked = new Set<string>();
  const steps: PathStep[] = [];
  const read = (reading: ReadingId) => {
    const value = unit.read(reading, AS_FOUND_RUNNING);
    if (value !== undefined) values.set(reading, value + errors[placeOf(reading)]! * instrumentSigma(reading, value));
  };
  const boundary = boundaryPorts(layoutOf({ layout: practice.layout }));
  boundary.forEach(read);
  // A unit that does not cool: the drop says whether the circuit is to be looked at at all.
  const asksDrop = practice.kind === 'wholeCall' || ABOUT_COOLING.has(practice.complaint);
  const withDrop = asksDrop && request.system.cooling !== undefined;
  if (withDrop) read('drop');
  let answer = wholeAnswer(requestWith(practice, request, values, looked));
  for (const port of boundary)
    steps.push({ id: port, minutes: PORT_MINUTES, truthShare: truthShareOf(practice, answer) });
  if (withDrop) steps.push({ id: 'drop', minutes: DROP_MINUTES, truthShare: truthShareOf(practice, answer) });
  for (let step = 0; step < MOST_STEPS && !isDone(practice, answer); step += 1) {
    const next = answer.next.find(({ bits }) => bits >= LEAST_BITS)?.option;
    if (!next) break;
    next.readings.forEach(read);
    for (const item of next.looks) looked.add(item);
    answer = wholeAnswer(requestWith(practice, request, values, looked));
    steps.push({ id: next.id, minutes: next.minutes, truthShare: truthShareOf(practice, answer) });
  }
  return { steps, minutes: steps.reduce((sum, { minutes }) => sum + minutes, 0), named: namedBy(practice, answer) };
}

/** The way along the power: the test that parts most for its minutes, until a cause is found. */
function powerPath({ power }: PracticeCase): SolvedPath {
  const scheme = POWER_SCHEMES.find(({ id }) => id === power!.scheme)!;
  const context = { lineVolts: CASE_VOLTS, ratedMicrofarads: CASE_MICROFARADS };
  const checks = new Map<string, Check>();
  const repeated = new Set<string>();
  const steps: PathStep[] = [];
  for (;;) {
    const { found, suspects, next } = assessPower({ scheme, checks, context, staticRead: true, repeated });
    const truthShare = suspects.ranked.find(({ cause }) => cause.id === power!.cause)?.share ?? 0;
    const last = steps.at(-1);
    if (last) steps[steps.length - 1] = { ...last, truthShare };
    const isAgain = next?.again === true && !repeated.has(next.point.id);
    if (found || !next || (checks.has(next.point.id) && !isAgain) || steps.length >= 2 * MOST_STEPS) {
      const named = found?.cause.id ?? suspects.ranked[0]?.cause.id;
      return {
        steps,
        minutes: steps.reduce((sum, { minutes }) => sum + minutes, 0),
        named: named === undefined ? [] : [named],
      };
    }
    if (isAgain) repeated.add(next.point.id);
    else checks.set(next.point.id, likelyOutcome(scheme, power!.cause, next.point.id, context));
    steps.push({ id: next.point.id, minutes: next.point.minutes, truthShare });
  }
}

/**
 * The shortest good way to the truth of a case: what tells most for its minutes is read next, until it is resolved.
 *
 * @param noiseSeed of instruments with their errors; without it they are true
 * @example bestPath(practice, request).named // the hidden fault
 */
export const bestPath = (practice: PracticeCase, request: CaseRequest, noiseSeed?: number): SolvedPath =>
  practice.power ? powerPath(practice) : airPath(practice, request, noiseSeed);

/** Whether an answer names all that is wrong, and no more causes than were asked for. */
export function isRight({ faults, power, level }: PracticeCase, named: readonly string[]): boolean {
  const truth = power ? [power.cause] : faults.map(({ cause }) => cause);
  return truth.every((id) => named.includes(id)) && named.length <= (level === 2 ? 2 : 1);
}
