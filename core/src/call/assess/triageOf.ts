import type { BuildingNet } from '../building';
import { checkPoint, outcomeOf } from '../points';
import type { Check, CheckContext } from '../checks';
import { ownFindingItem, ownFindings } from '../finding';
import { carriedOver, outcomeBefore } from '../wrapUp';
import { gasFurnace, type HeatSequence, type KitReading } from '../heat';
import type { VerdictWord } from '../../base/verdict';
import { outdoorUnit } from '../outdoor';
import { isPowerCause, powerCause, type PowerAssessment } from '../power';
import type { PowerCause } from '../electrical';
import type { Stop } from '../stop';
import type { Effort } from '../triage/effort';
import { LOOK_EFFORT } from '../triage/lookEffort';
import { inTriageOrder, type TriageItem } from '../triage/triage';
import { inSentence, sentenceCase } from '../../base/words';
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
/** Causes that are fixed at the blower, though no motor is bought. */
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

/** A line before it is known what became of it. */
type NewItem = Omit<TriageItem, 'outcome'>;

/** What became of a finding, by its id: at this visit, else at the one before. */
type BecameOf = (id: string) => Pick<TriageItem, 'outcome' | 'quoted' | 'since'>;

const lookItems = (findings: CallFacts['findings'], becameOf: BecameOf): TriageItem[] =>
  findings.map((finding) => ({
    id: `look-${finding.item}`,
    ...(LOOK_EFFORT[finding.item] ?? { area: 'blower', minutes: 20, money: 0 }),
    words: `${finding.name}: ${finding.text}`,
    ...(finding.outcome ? { outcome: finding.outcome } : becameOf(`look-${finding.item}`)),
    look: finding.item,
    looked: finding.state,
  }));

/** The line of a check that found something; undefined where it found nothing. */
function checkItem(check: Check, context: CheckContext): NewItem | undefined {
  const words = findingOf(check, context);
  if (!words || outcomeOf(check, context) === 'good') return undefined;
  return { id: `check-${check.point}`, ...byEffort(check.point), words };
}

const measuredByOf = ({ scheme }: PowerAssessment) =>
  scheme === gasFurnace ? 'gas' : scheme === outdoorUnit ? 'outdoor' : 'power';

/** The cause that is found or likely on one way of power. */
function likelyItem(way: PowerAssessment, found: Found, context: CheckContext, becameOf: BecameOf): TriageItem[] {
  const { found: sure, motorHold, suspects, scheme, fixed } = way;
  const likely =
    suspects.told > 0 && !fixed ? (sure ?? suspects.ranked.find(({ share }) => share >= LIKELY_FROM)) : undefined;
  if (!likely || (!motorHold && isListed(likely.cause, found, context))) return [];
  const id = `cause-${likely.cause.id}`;
  const became = becameOf(id);
  return [
    {
      // Found again after it was reported as fixed: it is open.
      ...(became.outcome === 'dealtWith' ? OPEN : became),
      id,
      measuredBy: measuredByOf(way),
      ...causeLine(likely.cause, scheme === gasFurnace),
      words: sure ? likely.cause.name : `Likely: ${inSentence(likely.cause.name)}, ${Math.round(100 * likely.share)} %`,
      toDo: motorHold ?? likely.cause.toDo,
    },
  ];
}

/** Causes that were reported as fixed: they stay on the list and on the report. */
function fixedCauses({ power, gas, outdoor }: Found, outcomes: ReturnType<typeof outcomesOf>): NewItem[] {
  const isFixed = (id: string) => outcomes.get(`cause-${id}`)?.outcome === 'dealtWith';
  const ofWays = [power, gas, outdoor].flatMap(({ scheme }) =>
    Object.keys(scheme.causes)
      .filter(isFixed)
      .map((id) => ({ id: `cause-${id}`, ...causeLine(powerCause(id), scheme === gasFurnace) })),
  );
  // Also where another kind of motor was put in, whose scheme has no such cause.
  const ofOldMotor = [...outcomes.keys()].flatMap((id) => {
    const cause = id.startsWith('cause-') ? id.slice(6) : '';
    return isFixed(cause) && isPowerCause(cause) ? [{ id, ...causeLine(powerCause(cause), false) }] : [];
  });
  return [...ofWays, ...ofOldMotor];
}

/** What the refrigerant side of one circuit found. */
function circuitItems({ id, patterns, ladder, cold, heating, unsure, outdoorSide }: Circuit, isOneOfMany: boolean) {
  const measuredBy = `circuit-${id}`;
  const line = (of: string, words: string, minutes: number, money: number): NewItem => ({
    id: `circuit-${id}-${of}`,
    measuredBy,
    area: 'refrigerant',
    words,
    minutes,
    money,
  });
  const first = patterns?.named;
  const [head] = patterns ? [] : outdoorSide.filter(({ word }) => word === 'outside');
  return [
    ...cold.map((words) => line('cold', words, 45, 90)),
    ...heating.flatMap((one) => (one.word === 'outside' ? [line(one.id, one.sentence, 45, 0)] : [])),
    ...(first && first.pattern.id !== 'sound'
      ? [
          {
            ...line(
              first.pattern.id,
              [
                isOneOfMany ? `Circuit ${id}: ${first.pattern.name}` : first.pattern.name,
                ...(unsure === undefined ? [] : ['unsure']),
              ].join(', '),
              60,
              0,
            ),
            toDo: patterns?.first ?? first.pattern.toDo,
          },
        ]
      : []),
    ...(head ? [{ ...line('outdoor', head.sentence, 45, 5), area: 'coil' as const }] : []),
    ...(ladder?.notes ?? []).flatMap((note, i) =>
      note.word === 'outside' ? [line(`note-${i}`, note.sentence, 30, 0)] : [],
    ),
  ];
}

/** Sentences of what was read that are outside, each a line. */
const outsideLines = (lines: readonly CallLine[], as: Omit<NewItem, 'id' | 'words'>, prefix = ''): NewItem[] =>
  lines.flatMap(({ id, word, sentence }) =>
    word === 'outside' ? [{ id: `${prefix}${id}`, ...as, words: sentence }] : [],
  );

/** What the building, the heat, the circuits, the kit and the motor's amps found. */
function readItems({ building, heat, circuits, kit, amps, makeUp }: Found): NewItem[] {
  return [
    ...(building
      ? outsideLines([{ id: 'building-net', ...building }], {
          measuredBy: 'building',
          area: 'building',
          minutes: 30,
          money: 0,
        })
      : []),
    ...outsideLines([{ id: 'heat-sequence', ...heat }], {
      measuredBy: 'heat',
      area: heat.isStop ? 'safety' : 'heat',
      minutes: 30,
      money: 40,
    }),
    ...circuits.flatMap((circuit) => circuitItems(circuit, circuits.length > 1)),
    ...outsideLines(kit?.lines ?? [], { measuredBy: 'kit', area: 'heat', minutes: 45, money: 60 }, 'kit-'),
    ...outsideLines(amps, { measuredBy: 'amps', area: 'blower', minutes: 20, money: 0 }),
    ...outsideLines(makeUp, { measuredBy: 'makeUp', area: 'building', minutes: 20, money: 0 }),
  ];
}

/** Findings in the technician's own words. One to watch is watched until somebody says otherwise. */
const ownItems = (facts: CallFacts['facts'], said: (id: string) => Partial<TriageItem> | undefined): TriageItem[] =>
  ownFindings(facts).map(({ id, factId, words, concern, area, toDo, minutes, price }) => {
    const itemId = ownFindingItem(id);
    return {
      id: itemId,
      ownFact: factId,
      concern,
      area,
      words,
      toDo,
      minutes,
      money: price,
      ...(concern === 'watch' ? { outcome: 'watch' as const } : OPEN),
      ...said(itemId),
    };
  });

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
  const { checks, power, gas, outdoor } = found;
  const { carried = [], context } = call;
  const said = (id: string) => outcomes.get(id) ?? outcomeBefore(carried, id);
  const becameOf: BecameOf = (id) => ({ ...OPEN, ...said(id) });
  const items = lookItems(call.findings, becameOf);
  const isIn = (id: string) => items.some((item) => item.id === id);
  const add = (item: NewItem | undefined) => item && items.push({ ...item, ...becameOf(item.id) });
  for (const check of checks.values()) add(checkItem(check, context));
  for (const check of closed) {
    const item = checkItem(check, context);
    if (item && !isIn(item.id)) items.push({ ...item, outcome: 'dealtWith', ...settledAs(outcomes.get(item.id)) });
  }
  for (const way of [power, gas, outdoor]) items.push(...likelyItem(way, found, context, becameOf));
  for (const item of fixedCauses(found, outcomes)) if (!isIn(item.id)) add(item);
  for (const item of readItems(found)) add(item);
  for (const { id, area, words, toDo } of call.air)
    add({ id: `air-${id}`, measuredBy: 'air', area, words, toDo, minutes: 0, money: 0 });
  items.push(...ownItems(call.facts, said));
  const looks = new Map(call.looks.map((look) => [look.item, look]));
  const seen = { looks, checks, context, measured: measuredAt(call, found) };
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
