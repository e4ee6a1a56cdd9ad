import type { BuildingNet } from '../building';
import { checkPoint, outcomeOf, type Check, type CheckContext } from '../checks';
import { ownFindings } from '../finding';
import { carriedOver, outcomeBefore } from '../handover';
import { gasFurnace, type HeatSequence, type KitReading } from '../heat';
import type { VerdictWord } from '../judge';
import { outdoorUnit } from '../outdoor';
import { isPowerCause, powerCause, type PowerAssessment, type PowerCause } from '../power';
import type { Stop } from '../stop';
import type { Effort } from '../triage/effort';
import { LOOK_EFFORT } from '../triage/lookEffort';
import { inTriageOrder, type TriageItem } from '../triage/triage';
import { inSentence, sentenceCase } from '../words';
import type { outcomesOf, Settled } from './callFacts';
import type { CallFacts } from './callInput';
import type { Circuit } from './circuits';
import { oneACause } from './oneACause';

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
  readonly outdoor: PowerAssessment;
  readonly heat: HeatSequence;
  readonly kit?: KitReading;
  readonly circuits: readonly Circuit[];
  readonly building?: BuildingNet;
  readonly makeUp: readonly CallLine[];
  readonly amps: readonly CallLine[];
}

/** What was measured at this visit: an earlier finding of it gives way to what was found now. */
function measuredAt(
  call: CallFacts,
  { power, gas, outdoor, heat, kit, circuits, building, makeUp, amps }: Found,
): ReadonlySet<string> {
  const all: readonly (readonly [string, boolean])[] = [
    ['air', call.staticRead],
    ['power', power.suspects.told > 0],
    ['gas', gas.suspects.told > 0],
    ['outdoor', outdoor.suspects.told > 0],
    ['heat', heat.word !== 'cantSay'],
    ['kit', kit !== undefined],
    ['building', building !== undefined && building.word !== 'cantSay'],
    ['makeUp', makeUp.length > 0],
    ['amps', amps.length > 0],
    ...circuits.map(({ id, ladder }) => [`circuit-${id}`, (ladder?.gaps.size ?? 0) > 0] as const),
  ];
  return new Set(all.flatMap(([name, is]) => (is ? [name] : [])));
}

const OPEN = { outcome: 'open' } as const;

const USUAL_EFFORT: Effort = { area: 'power', minutes: 20, money: 15 };
/** Causes that are mended at the blower, though no motor is bought. */
const BLOWER_CAUSES: ReadonlySet<string> = new Set(['capacitor', 'overloadHot', 'seized', 'beltOff']);

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
  return check !== undefined && outcomeOf(check, context) === 'bad' && findingOf(check, context) !== undefined;
}

/** What a cause is on the list: its place in the order of work, its name, what it takes. */
const causeLine = (cause: PowerCause, isGas: boolean): Pick<TriageItem, 'area' | 'words' | 'minutes' | 'money'> => ({
  area: isGas ? 'heat' : BLOWER_CAUSES.has(cause.id) || cause.isMotor ? 'blower' : 'power',
  words: cause.name,
  minutes: cause.minutes,
  money: cause.money,
});

const settledAs = (outcome: Settled | undefined) => (outcome && outcome.outcome !== 'open' ? outcome : {});

function findingOf(check: Check, context: CheckContext): string | undefined {
  const point = checkPoint(check.point);
  if (check.value !== undefined && point?.number) return point.number.finding?.(check.value, context);
  return point?.states?.find(({ id }) => id === check.state)?.finding;
}

/**
 * Everything found at any station, in the order it is taken, with what became of it.
 *
 * @param closed readings of a fault that was fixed, or of a motor that was taken out: their findings are settled
 */
export function triageOf(
  call: CallFacts,
  found: Found,
  outcomes: ReturnType<typeof outcomesOf>,
  closed: readonly Check[] = [],
): TriageItem[] {
  const { checks, power, gas, outdoor, heat, circuits, building, kit, amps, makeUp } = found;
  const { carried = [] } = call;
  const becameOf = (id: string) => ({ ...OPEN, ...(outcomes.get(id) ?? outcomeBefore(carried, id)) });
  const items: TriageItem[] = call.findings.map((finding) => ({
    id: `look-${finding.item}`,
    ...(LOOK_EFFORT[finding.item] ?? { area: 'blower', minutes: 20, money: 0 }),
    words: `${finding.name}: ${finding.text}`,
    ...(finding.outcome ? { outcome: finding.outcome } : becameOf(`look-${finding.item}`)),
    look: finding.item,
    looked: finding.state,
  }));
  const add = (item: Omit<TriageItem, 'outcome'>) => items.push({ ...item, ...becameOf(item.id) });
  for (const [id, check] of checks) {
    const words = findingOf(check, call.context);
    if (!words || outcomeOf(check, call.context) === 'good') continue;
    add({ id: `check-${id}`, ...byEffort(id), words });
  }
  for (const check of closed) {
    const words = findingOf(check, call.context);
    const id = `check-${check.point}`;
    if (!words || items.some((item) => item.id === id) || outcomeOf(check, call.context) === 'good') continue;
    items.push({ id, ...byEffort(check.point), words, outcome: 'dealtWith', ...settledAs(outcomes.get(id)) });
  }
  for (const { found: sure, motorHold, suspects, scheme, fixed } of [power, gas, outdoor]) {
    const likely =
      suspects.told > 0 && !fixed ? (sure ?? suspects.ranked.find(({ share }) => share >= LIKELY_FROM)) : undefined;
    if (likely && (motorHold || !isListed(likely.cause, found, call.context))) {
      const id = `cause-${likely.cause.id}`;
      const became = becameOf(id);
      items.push({
        // Found again after it was reported as fixed: it is open.
        ...(became.outcome === 'dealtWith' ? OPEN : became),
        id,
        measuredBy: scheme === gasFurnace ? 'gas' : scheme === outdoorUnit ? 'outdoor' : 'power',
        ...causeLine(likely.cause, scheme === gasFurnace),
        words: sure
          ? likely.cause.name
          : `Likely: ${inSentence(likely.cause.name)}, ${Math.round(100 * likely.share)} %`,
        toDo: motorHold ?? likely.cause.toDo,
      });
    }
    // What was fixed stays on the list and on the report.
    for (const id of Object.keys(scheme.causes))
      if (outcomes.get(`cause-${id}`)?.outcome === 'dealtWith' && !items.some((item) => item.id === `cause-${id}`))
        add({ id: `cause-${id}`, ...causeLine(powerCause(id), scheme === gasFurnace) });
  }
  // Also where another kind of motor was put in, whose scheme has no such cause.
  for (const [id, { outcome }] of outcomes) {
    const cause = id.startsWith('cause-') ? id.slice(6) : '';
    if (outcome === 'dealtWith' && isPowerCause(cause) && !items.some((item) => item.id === id))
      add({ id, ...causeLine(powerCause(cause), false) });
  }
  if (building?.word === 'outside')
    add({
      id: 'building-net',
      measuredBy: 'building',
      area: 'building',
      words: building.sentence,
      minutes: 30,
      money: 0,
    });
  if (heat.word === 'outside')
    add({
      id: 'heat-sequence',
      measuredBy: 'heat',
      area: heat.isStop ? 'safety' : 'heat',
      words: heat.sentence,
      minutes: 30,
      money: 40,
    });
  for (const { id, patterns, ladder, cold, heating, unsure, outdoorSide } of circuits) {
    const measuredBy = `circuit-${id}`;
    for (const words of cold)
      add({ id: `circuit-${id}-cold`, measuredBy, area: 'refrigerant', words, minutes: 45, money: 90 });
    for (const line of heating)
      if (line.word === 'outside')
        add({
          id: `circuit-${id}-${line.id}`,
          measuredBy,
          area: 'refrigerant',
          words: line.sentence,
          minutes: 45,
          money: 0,
        });
    const first = patterns?.named;
    if (first && first.pattern.id !== 'sound')
      add({
        id: `circuit-${id}-${first.pattern.id}`,
        measuredBy,
        area: 'refrigerant',
        words: [
          circuits.length > 1 ? `Circuit ${id}: ${first.pattern.name}` : first.pattern.name,
          ...(unsure === undefined ? [] : ['unsure']),
        ].join(', '),
        toDo: patterns?.first ?? first.pattern.toDo,
        minutes: 60,
        money: 0,
      });
    const [head] = patterns ? [] : outdoorSide.filter(({ word }) => word === 'outside');
    if (head)
      add({ id: `circuit-${id}-outdoor`, measuredBy, area: 'coil', words: head.sentence, minutes: 45, money: 5 });
    for (const [i, note] of (ladder?.notes ?? []).entries())
      if (note.word === 'outside')
        add({
          id: `circuit-${id}-note-${i}`,
          measuredBy,
          area: 'refrigerant',
          words: note.sentence,
          minutes: 30,
          money: 0,
        });
  }
  for (const { id, word, sentence } of kit?.lines ?? [])
    if (word === 'outside')
      add({ id: `kit-${id}`, measuredBy: 'kit', area: 'heat', words: sentence, minutes: 45, money: 60 });
  for (const [lines, measuredBy, area] of [
    [amps, 'amps', 'blower'],
    [makeUp, 'makeUp', 'building'],
  ] as const)
    for (const { id, word, sentence } of lines)
      if (word === 'outside') add({ id, measuredBy, area, words: sentence, minutes: 20, money: 0 });
  for (const { id, area, words, toDo } of call.air)
    add({ id: `air-${id}`, measuredBy: 'air', area, words, toDo, minutes: 0, money: 0 });
  for (const { id, factId, words, concern, area, toDo, minutes, price } of ownFindings(call.facts))
    items.push({
      id: `own-${id}`,
      ownFact: factId,
      concern,
      area,
      words,
      toDo,
      minutes,
      money: price,
      ...(concern === 'watch' ? { outcome: 'watch' as const } : OPEN),
      ...(outcomes.get(`own-${id}`) ?? outcomeBefore(carried, `own-${id}`)),
    });
  const looks = new Map(call.looks.map((look) => [look.item, look]));
  const seen = { looks, checks, context: call.context, measured: measuredAt(call, found) };
  for (const item of carriedOver(carried, items, seen)) items.push({ ...item, ...outcomes.get(item.id) });
  return inTriageOrder(oneACause(inTriageOrder(withStop(items, call.stop))));
}

/** What stops the visit comes first, listed once: as the look or the check that showed it, else as itself. */
function withStop(items: readonly TriageItem[], stop: Stop | undefined): readonly TriageItem[] {
  if (!stop) return items;
  const shown = stop.item !== undefined ? `look-${stop.item}` : stop.point !== undefined ? `check-${stop.point}` : '';
  const id = items.some((item) => item.id === shown) ? shown : 'heat-sequence';
  if (items.some((item) => item.id === id))
    return items.map((item) => (item.id === id ? { ...item, isStop: true, toDo: stop.first } : item));
  const { name, first } = stop;
  const item = { id: `stop-${stop.id}`, area: 'safety', words: sentenceCase(name), toDo: first, isStop: true } as const;
  return [{ ...item, minutes: 20, money: 0, outcome: 'open' }, ...items];
}
