import { inSentence } from '../../base/words';
import { checkPoint, checkQuestion, checkText, outcomeOf } from '../points';
import type { Check, CheckContext, CheckPoint } from '../checks';
import type { Look } from '../../judge/look';
import type { Stop } from '../stop';
import { powerReach, type PointStand } from './reach';
import type { PowerCause } from '../electrical/cause';
import { keepOff, needsPower } from './keepOff';
import { unproved } from './proof';
import type { PowerScheme } from '../electrical/scheme';
import { seenFor, seenOdds } from './seenOdds';
import {
  likelihoodsOf,
  nextTests,
  suspects,
  type NextTest,
  type Priors,
  type Repeated,
  type Suspect,
  type Suspects,
} from './suspects';

/** What stands at a point of the drawing. */
interface StandingPoint {
  readonly id: string;
  readonly stand: PointStand;
  /** What was read, in words; undefined where nothing was. */
  readonly text?: string;
  readonly question?: string;
}

/** Everything that can be said of a blower that does not run. */
export interface PowerAssessment {
  readonly scheme: PowerScheme;
  readonly points: readonly StandingPoint[];
  readonly stopsAt?: string;
  readonly suspects: Suspects;
  /** The one test that parts what is left; absent when it is found, or when nothing parts it further. */
  readonly next?: NextTest;
  /** The likeliest cause, when it is as good as found. */
  readonly found?: Suspects['ranked'][number];
  /** What was fixed, where nothing bad was read since. */
  readonly fixed?: PowerCause;
  /** Why its circuit stays off, in a sentence: no test that needs power is offered. */
  readonly keepOff?: string;
  /** Why no motor is replaced yet, in a sentence. */
  readonly motorHold?: string;
  /** What is likely, and what it rests on. */
  readonly sentence: string;
}

/** From so much a cause is named as found, once its own readings prove it. */
export const FOUND_FROM = 0.9;
/** From so much it is, when no test tells more and its own readings prove it. */
const LEFT_FROM = 0.2;

/** From so much a fault that was seen itself is found. */
const SEEN_FROM = 0.5;

/** What readings are held against. */
export interface PowerFacts {
  /** What stops the visit: while it endangers people no test is offered. */
  readonly stop?: Stop;
  readonly scheme: PowerScheme;
  readonly checks: ReadonlyMap<string, Check>;
  readonly context: CheckContext;
  /** Static was read at this visit: what the duct does to a motor is known. */
  readonly staticRead: boolean;
  /** Odds before any test: the shop's, moved by what was seen (`seenOdds`). */
  readonly priors?: Priors;
  /** It is the outdoor unit: the indoor circuit's stops are not its own. */
  readonly isOutdoors?: true;
  /** The cause that was reported as fixed, where nothing bad was read since. */
  readonly fixed?: PowerCause;
  /** The last look at each thing. */
  readonly looks?: readonly Look[];
  /** Points that were read twice and alike. */
  readonly repeated?: Repeated;
}

/** Ratings out of what is known of the unit. @example powerContext({ plateVolts: 230 }).lineVolts // 230 */
export const powerContext = ({
  plateVolts,
  phases,
  ratedMicrofarads,
  capacitorTolerancePercent,
}: {
  readonly plateVolts?: number;
  readonly phases?: 1 | 3;
  readonly ratedMicrofarads?: number;
  readonly capacitorTolerancePercent?: number;
}): CheckContext => ({ lineVolts: plateVolts, phases, ratedMicrofarads, capacitorTolerancePercent });

function holdOnMotor({ checks, staticRead }: PowerFacts, isMotor: boolean): string | undefined {
  if (!isMotor) return undefined;
  const before = checks.get('replacedBefore')?.state;
  const harness = checks.has('harnessWiggled') || checks.has('harnessOhms');
  if (before === 'motor' || before === 'motorTwice')
    return `A motor was replaced here before. Install no other until you measure static and ${harness ? 'the duct is right' : 'the harness was wiggled'}: high static kills motors, and a harness costs little.`;
  if (!staticRead)
    return 'Do not replace the motor without a static reading: high static may kill the next one too. Measure static once air moves, or inspect filter, coil and dampers now.';
  return undefined;
}

const percent = (share: number) => `${Math.round(100 * share)} %`;

function sentenceOf(
  { looks = [] }: PowerFacts,
  { ranked, told, somethingElse }: Suspects,
  stopsAt: string | undefined,
  found: Suspect | undefined,
): string {
  const [first, second] = ranked;
  if (told === 0)
    return `Nothing tested yet. Before any test: ${ranked
      .slice(0, 3)
      .map(({ cause, share }) => `${inSentence(cause.name)} ${percent(share)}`)
      .join(', ')}.`;
  const seen = first ? seenFor(first.cause.id, looks) : [];
  const takeFirst = seen.length > 0 ? `Found here: ${seen.join(', ')}. Fix that first.` : undefined;
  if (found)
    return [`${found.cause.name} ${percent(found.share)}. ${found.cause.toDo}.`, takeFirst].filter(Boolean).join(' ');
  if (somethingElse > (first?.share ?? 0))
    return 'These readings match no cause on the list. Test the last ones again.';
  const rest = second && second.share >= 0.03 ? `, ${inSentence(second.cause.name)} ${percent(second.share)}` : '';
  const why =
    takeFirst ?? (stopsAt ? `No power at “${inSentence(checkPoint(stopsAt)!.name)}”.` : 'Based on readings so far.');
  return `${first!.cause.name} ${percent(first!.share)}${rest}. ${why}`;
}

/** A find that would be less sure than this without one of its readings rests on that reading. */
const CARRIED_FROM = 0.75;

/** A suspicion as strong as this is proved with power off, where it can be, before anything is read or tried under power. */
const STRONG_FROM = 0.4;

const provesDead = ({ share }: Suspect, unread: readonly string[], { id, power }: CheckPoint, told: number): boolean =>
  told > 0 && share >= STRONG_FROM && power === 'dead' && unread.includes(id);

/** The one reading without which it would not be likely enough; undefined where none carries it alone, or each that does was read twice and alike. */
function restsOn({ scheme, checks, context, priors, repeated }: PowerFacts, { cause }: Suspect): string | undefined {
  for (const [point] of checks) {
    // The complaint, and what was looked up, is not read again.
    if (repeated?.has(point) || !likelihoodsOf(scheme).at.has(point)) continue;
    const others = [...checks.values()].filter((check) => check.point !== point);
    const { ranked } = suspects(scheme, others, context, priors, repeated);
    const mine = ranked.find((one) => one.cause === cause)!;
    const isFirst = ranked.every((one) => one === mine || one.sure <= mine.sure);
    if (!isFirst || mine.sure < CARRIED_FROM) return point;
  }
  return undefined;
}

/**
 * What is found, or the test that comes next: the one that proves what is as good as sure, else the one that tells most per minute. Where nothing
 * tells more, what its own readings prove is found though another fault is there as well.
 */
function foundOrNext(facts: PowerFacts, { ranked, told }: Suspects): Pick<PowerAssessment, 'found' | 'next'> {
  const { scheme, checks, context, priors, repeated, looks = [] } = facts;
  const isOff = keepOff(checks, facts.stop, facts.isOutdoors) !== undefined;
  const isOffered = (point: string) => !isOff || !needsPower(point);
  const asTest = (point: string, more: Partial<NextTest> = {}): NextTest => ({
    point: checkPoint(point)!,
    bits: 0,
    perMinute: 0,
    parts: [],
    ...more,
  });
  /** Found, unless one reading alone carries it: that one is read again first. */
  const named = (one: Suspect): Pick<PowerAssessment, 'found' | 'next'> => {
    // What was seen at the unit and what was read do not rest on one reading.
    const alone = seenFor(one.cause.id, looks).length > 0 ? undefined : restsOn(facts, one);
    return alone === undefined || !isOffered(alone)
      ? { found: one }
      : { next: asTest(alone, { again: true, parts: [one.cause.name] }) };
  };
  const open = new Map(ranked.map((one) => [one, unproved(one.cause, scheme, checks, context)]));
  const sure = told > 0 ? ranked.filter((one) => one.sure >= FOUND_FROM) : [];
  const found = sure.find((one) => open.get(one)!.length === 0);
  if (found) return named(found);
  // A wheel that is seized and a tube that is plugged are seen, not concluded: no other test comes before them.
  const seen = ranked.find(
    (one) => told > 0 && one.cause.isSeenItself && one.sure >= SEEN_FROM && open.get(one)!.length === 0,
  );
  if (seen) return named(seen);
  const tests = nextTests(scheme, checks, context, priors, repeated).filter(({ point }) => isOffered(point.id));
  for (const one of sure) {
    const wanted = open.get(one)!.find((point) => !checks.has(point) && isOffered(point));
    if (wanted === undefined) continue;
    const test = tests.find(({ point }) => point.id === wanted);
    return { next: test ?? asTest(wanted, { parts: [one.cause.name] }) };
  }
  const [top] = tests;
  const dead =
    top && needsPower(top.point.id)
      ? tests.find(({ point }) => provesDead(ranked[0]!, open.get(ranked[0]!)!, point, told))
      : undefined;
  if (top) return { next: dead ?? top };
  const left = told > 0 ? ranked.filter((one) => one.sure >= LEFT_FROM) : [];
  const proved = left.find((one) => open.get(one)!.length === 0);
  if (proved) return named(proved);
  const unread = left.flatMap((one) => open.get(one)!).find((point) => !checks.has(point) && isOffered(point));
  return unread === undefined ? {} : { next: asTest(unread) };
}

/**
 * Assesses a blower that does not run: how far power was shown to come, where it stops, what is most likely broken, and the one test that parts what
 * is left for the least work and danger. Never surer than the tests allow.
 *
 * @example assessPower({ scheme: pscBoard, checks: new Map(), context: {}, staticRead: false }).found // undefined
 */
export function assessPower(read: PowerFacts): PowerAssessment {
  const { looks = [] } = read;
  const facts = { ...read, priors: seenOdds(Object.keys(read.scheme.causes), looks, read.priors ?? {}) };
  const { scheme, checks, context, priors, stop } = facts;
  const { stand, stopsAt } = powerReach(scheme, checks, context);
  const ranking = suspects(scheme, checks.values(), context, priors, facts.repeated);
  const { found, next }: Pick<PowerAssessment, 'found' | 'next'> = facts.fixed ? {} : foundOrNext(facts, ranking);
  const points = [...scheme.steps, ...scheme.beside].flatMap(({ point: id }): StandingPoint[] => {
    const check = checks.get(id);
    const missing = checkPoint(id)?.from?.ask?.(checks);
    if (!check) return stand.has(id) ? [{ id, stand: stand.get(id)!, question: missing }] : [];
    const question = missing ?? checkQuestion(check, context);
    return [{ id, stand: stand.get(id) ?? outcomeOf(check, context) ?? 'untested', text: checkText(check), question }];
  });
  const likely = ranking.ranked.filter(({ share }) => share >= 0.25);
  return {
    scheme,
    points,
    stopsAt,
    suspects: ranking,
    next: stop?.isDanger ? undefined : next,
    found,
    fixed: facts.fixed,
    keepOff: keepOff(checks, stop, facts.isOutdoors),
    motorHold: holdOnMotor(facts, !facts.fixed && likely.some(({ cause }) => cause.isMotor)),
    sentence: stop?.isDanger
      ? `${stop.why} ${stop.first}`
      : facts.fixed
        ? `${facts.fixed.name}: fixed. Start it, then measure amps with the doors on.`
        : sentenceOf(facts, ranking, stopsAt, found),
  };
}
