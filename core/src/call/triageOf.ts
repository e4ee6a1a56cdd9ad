import type { BuildingNet } from '../building';
import { checkPoint, outcomeOf, type Check, type CheckContext } from '../checks';
import { carriedOver } from '../handover';
import { gasFurnace, type HeatSequence, type KitReading } from '../heat';
import type { VerdictWord } from '../judge';
import type { PowerAssessment, PowerCause } from '../power';
import type { Effort } from '../triage/effort';
import { LOOK_EFFORT } from '../triage/lookEffort';
import { inTriageOrder, type TriageItem } from '../triage/triage';
import type { outcomesOf } from './callFacts';
import type { CallFacts } from './callInput';
import type { Circuit } from './circuits';

/** A sentence about something that was read, with how it stands. */
export interface CallLine {
  readonly id: string;
  readonly word: VerdictWord;
  readonly sentence: string;
}

/** What the stations found, each by its own rules. */
export interface Found {
  readonly checks: ReadonlyMap<string, Check>;
  readonly power: PowerAssessment;
  readonly gas: PowerAssessment;
  readonly heat: HeatSequence;
  readonly kit?: KitReading;
  readonly circuits: readonly Circuit[];
  readonly building?: BuildingNet;
  readonly makeUp: readonly CallLine[];
  readonly amps: readonly CallLine[];
}

const OPEN = { outcome: 'open' } as const;

const USUAL_EFFORT: Effort = { area: 'power', minutes: 20, money: 15 };
/** Causes that are mended at the blower, though no motor is bought. */
const BLOWER_CAUSES: ReadonlySet<string> = new Set(['capacitor', 'overloadHot', 'seized', 'beltOff']);

/** From so much a pattern is named as found. */
const PATTERN_FROM = 0.5;
/** From so much a cause is listed as likely. */
const LIKELY_FROM = 0.5;

const byEffort = (point: string) => checkPoint(point)?.effort ?? USUAL_EFFORT;

/** Causes that are one thing with a point: what was found there says them already. */
const SAME_AS_POINT: Readonly<Record<string, string>> = {
  overloadTripped: 'overloadRelay',
  beltOff: 'belt',
  seized: 'wheel',
  harness: 'harnessWiggled',
  floatSwitch: 'floatSwitch',
  rollOut: 'limitCircuit',
  pressureTube: 'pressureTube',
  provingTube: 'provingTube',
  gasOff: 'gasOn',
};

/** The line of a finding is not written a second time as the likely cause. */
function isListed(cause: PowerCause, { checks }: Found, context: CheckContext): boolean {
  const check = checks.get(SAME_AS_POINT[cause.id] ?? '');
  return check !== undefined && outcomeOf(check, context) === 'bad' && findingOf(check) !== undefined;
}

const findingOf = (check: Check) => checkPoint(check.point)?.states?.find(({ id }) => id === check.state)?.finding;

/** Everything found at any station, in the order it is taken, with what became of it. */
export function triageOf(call: CallFacts, found: Found, outcomes: ReturnType<typeof outcomesOf>): TriageItem[] {
  const { checks, power, gas, heat, circuits, building, kit, amps, makeUp } = found;
  const items: TriageItem[] = call.findings.map((finding) => ({
    id: `look-${finding.item}`,
    ...(LOOK_EFFORT[finding.item] ?? { area: 'blower', minutes: 20, money: 0 }),
    words: `${finding.name}: ${finding.text}`,
    ...(finding.outcome ? { outcome: finding.outcome } : (outcomes.get(`look-${finding.item}`) ?? OPEN)),
    look: finding.item,
  }));
  const add = (item: Omit<TriageItem, 'outcome'>) => items.push({ ...item, ...(outcomes.get(item.id) ?? OPEN) });
  for (const [id, check] of checks) {
    const words = findingOf(check);
    if (!words || outcomeOf(check, call.context) === 'good') continue;
    add({ id: `check-${id}`, ...byEffort(id), words });
  }
  for (const { found: sure, motorHold, suspects, scheme } of [power, gas]) {
    const likely = suspects.told > 0 ? (sure ?? suspects.ranked.find(({ share }) => share >= LIKELY_FROM)) : undefined;
    if (likely && (motorHold || !isListed(likely.cause, found, call.context)))
      add({
        id: `cause-${likely.cause.id}`,
        area:
          scheme === gasFurnace
            ? 'heat'
            : BLOWER_CAUSES.has(likely.cause.id) || likely.cause.isMotor
              ? 'blower'
              : 'power',
        words: sure
          ? likely.cause.name
          : `Likely: ${likely.cause.name.toLowerCase()}, ${Math.round(100 * likely.share)} %`,
        toDo: motorHold ?? likely.cause.toDo,
        minutes: likely.cause.minutes,
        money: likely.cause.money,
      });
  }
  if (building?.word === 'outside')
    add({ id: 'building-net', area: 'building', words: building.sentence, minutes: 30, money: 0 });
  if (heat.word === 'outside')
    add({ id: 'heat-sequence', area: heat.isStop ? 'safety' : 'heat', words: heat.sentence, minutes: 30, money: 40 });
  for (const { id, patterns, ladder, cold } of circuits) {
    for (const words of cold) add({ id: `circuit-${id}-cold`, area: 'refrigerant', words, minutes: 45, money: 90 });
    const first = patterns?.ranked[0];
    if (first && first.pattern.id !== 'sound' && first.share >= PATTERN_FROM)
      add({
        id: `circuit-${id}-${first.pattern.id}`,
        area: 'refrigerant',
        words: circuits.length > 1 ? `Circuit ${id}: ${first.pattern.name}` : first.pattern.name,
        toDo: first.pattern.toDo,
        minutes: 60,
        money: 0,
      });
    for (const [i, note] of (ladder?.notes ?? []).entries())
      if (note.word === 'outside')
        add({ id: `circuit-${id}-note-${i}`, area: 'refrigerant', words: note.sentence, minutes: 30, money: 0 });
  }
  for (const { id, word, sentence } of kit?.lines ?? [])
    if (word === 'outside') add({ id: `kit-${id}`, area: 'heat', words: sentence, minutes: 45, money: 60 });
  for (const { id, word, sentence } of [...amps, ...makeUp])
    if (word === 'outside')
      add({ id, area: id.startsWith('makeUp') ? 'building' : 'blower', words: sentence, minutes: 20, money: 0 });
  for (const { id, area, words } of call.air) add({ id: `air-${id}`, area, words, minutes: 0, money: 0 });
  const seen = { looks: new Map(call.looks.map((look) => [look.item, look])), checks, context: call.context };
  for (const item of carriedOver(call.carried ?? [], items, seen)) {
    const settled = outcomes.get(item.id);
    items.push({ ...item, ...settled });
  }
  return inTriageOrder(items);
}
