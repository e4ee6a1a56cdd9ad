import { assessPower } from '../../call/power';
import { POWER_SCHEMES } from '../../call/power/schemes';
import { likelyOutcome } from '../../call/power/practice';
import type { Check } from '../../call/checks';
import type { ReadingId } from '../../fix/observe';
import type { TimedAct } from '../cabinet';
import {
  AS_FOUND_RUNNING,
  CASE_MICROFARADS,
  CASE_VOLTS,
  realUnit,
  requestWith,
  singlesAnswer,
  wholeAnswer,
  type CaseRequest,
  type PracticeCase,
} from '../cases';
import { truthShareOf, type PathStep } from './bestPath';

/** Readings that one act takes together. */
const GAUGES: readonly ReadingId[] = ['evaporating', 'condensing', 'superheat', 'subcooling'];

/** What was likely at a moment, likeliest first. */
export interface Odds {
  readonly id: string;
  readonly share: number;
}

/** The path of a drill: each act that told something, and how likely the truth was after it. */
interface PlayedPath {
  readonly steps: readonly PathStep[];
  /** After the first reading, and at the end. */
  readonly then: readonly Odds[];
  readonly now: readonly Odds[];
}

const SHOWN = 3;

function playedInAir(practice: PracticeCase, request: CaseRequest, acts: readonly TimedAct[]): PlayedPath {
  const unit = realUnit(practice, request);
  const values = new Map<ReadingId, number>();
  const looked = new Set<string>();
  const answerNow = () =>
    (practice.level === 2 ? wholeAnswer : singlesAnswer)(requestWith(practice, request, values, looked));
  const oddsNow = (answer = answerNow()): Odds[] =>
    [...answer.causes].sort((a, b) => b.share - a.share).slice(0, SHOWN);
  const steps: PathStep[] = [];
  let then: readonly Odds[] = [];
  let answer = answerNow();
  for (const act of acts) {
    const before = values.size + looked.size;
    if (act.kind === 'look') looked.add(act.item);
    else if (act.kind === 'read' && act.what !== 'other')
      for (const reading of act.what === 'gauges' ? GAUGES : [act.what]) {
        const value = unit.read(reading, AS_FOUND_RUNNING);
        if (value !== undefined) values.set(reading, value);
      }
    // After the answer, and after the work, nothing is looked for any more.
    if (act.kind === 'answer' || act.kind === 'work') break;
    if (values.size + looked.size === before) continue;
    answer = answerNow();
    if (steps.length === 0) then = oddsNow(answer);
    const id = act.kind === 'look' ? `look ${act.item}` : act.kind === 'read' ? act.what : act.kind;
    steps.push({ id, minutes: act.kind === 'read' ? act.minutes : 1, truthShare: truthShareOf(practice, answer) });
  }
  return { steps, then, now: oddsNow(answer) };
}

function playedOnPower({ power }: PracticeCase, acts: readonly TimedAct[]): PlayedPath {
  const scheme = POWER_SCHEMES.find(({ id }) => id === power!.scheme)!;
  const context = { lineVolts: CASE_VOLTS, ratedMicrofarads: CASE_MICROFARADS };
  const checks = new Map<string, Check>();
  const has = new Set([...scheme.steps, ...scheme.beside].map(({ point }) => point));
  const oddsNow = () => {
    const { ranked } = assessPower({ scheme, checks, context, staticRead: true }).suspects;
    return ranked.map(({ cause, share }): Odds => ({ id: cause.id, share }));
  };
  const steps: PathStep[] = [];
  let then: readonly Odds[] = [];
  for (const act of acts) {
    if (act.kind === 'answer' || act.kind === 'work') break;
    if (act.kind !== 'meter' || !has.has(act.point) || checks.has(act.point)) continue;
    checks.set(act.point, likelyOutcome(scheme, power!.cause, act.point, context));
    const odds = oddsNow();
    if (steps.length === 0) then = odds.slice(0, SHOWN);
    steps.push({ id: act.point, minutes: 1, truthShare: odds.find(({ id }) => id === power!.cause)?.share ?? 0 });
  }
  return { steps, then, now: oddsNow().slice(0, SHOWN) };
}

/** The path of a drill, with what each act could tell. @example playedPath(practice, request, acts).now[0] // the likeliest cause at the end */
export const playedPath = (practice: PracticeCase, request: CaseRequest, acts: readonly TimedAct[]): PlayedPath =>
  practice.power ? playedOnPower(practice, acts) : playedInAir(practice, request, acts);
