import { netBuilding, type BuildingNet } from '../building';
import { checkPoint, outcomeOf, standingChecks, type Check, type CheckContext } from '../checks';
import { CALL_CAUTIONS, complaintOf, type CallCaution, type Complaint } from '../complaint';
import type { MotorKind } from '../fan';
import { gasFurnace, heatSequence, type HeatSequence } from '../heat';
import type { VerdictWord } from '../judge';
import type { Finding } from '../look';
import { assessPower, schemeFor, type PowerAssessment, type Priors } from '../power';
import {
  coldWeatherFindings,
  gateOf,
  rankPatterns,
  readLadder,
  type GateLine,
  type Ladder,
  type Patterns,
} from '../refrigerant';
import type { FieldError, RawInputs } from '../tools';
import { inTriageOrder, LOOK_EFFORT, pointEffort, type TriageItem } from '../triage/triage';
import type { Fact } from '../visit';
import { checksOf, laddersOf, outcomesOf } from './callFacts';

/** What of a visit the rest of the call is judged from. */
export interface CallFacts {
  readonly facts: readonly Fact[];
  readonly motor: MotorKind;
  readonly findings: readonly Finding[];
  readonly context: CheckContext;
  readonly altitudeFt?: number;
  readonly airflow: VerdictWord;
  readonly staticRead: boolean;
  readonly filterIn?: boolean;
  readonly doorsOn?: boolean;
  readonly ice?: 'none' | 'coil';
  readonly priors?: Priors;
  /** Found by the air itself: outside verdicts of pressure and airflow, in words. */
  readonly air: readonly {
    readonly id: string;
    readonly area: 'filter' | 'coil' | 'ducts' | 'speed';
    readonly words: string;
  }[];
}

/** A circuit of the refrigerant side, judged. */
export interface Circuit {
  readonly id: string;
  readonly ladder?: Ladder;
  readonly errors: readonly FieldError[];
  readonly gate: readonly GateLine[];
  readonly isOpen: boolean;
  /** Only through the gate. */
  readonly patterns?: Patterns;
  /** It condenses too cold for any pattern: the outdoor air is held back first, or the charge weighed. */
  readonly tooColdToJudge: boolean;
  /** What is wrong with how the outdoor fan is held in the cold, in sentences. */
  readonly cold: readonly string[];
}

export interface CallAssessment {
  readonly complaint?: Complaint;
  readonly checks: ReadonlyMap<string, Check>;
  /** Ratings that checks are held against. */
  readonly context: CheckContext;
  readonly power: PowerAssessment;
  readonly gas: PowerAssessment;
  readonly heat: HeatSequence;
  readonly circuits: readonly Circuit[];
  /** Net of the building, once a flow was typed. */
  readonly building?: BuildingNet;
  readonly triage: readonly TriageItem[];
  /** Cautions not read yet at this visit, in their order. */
  readonly unread: (ids: readonly string[]) => readonly CallCaution[];
}

const CIRCUITS = ['1', '2', '3'] as const;

/** Under this, as bubble temperature, no pattern holds, °F (J): the model's figures are those of a summer's day. */
const LEAST_CONDENSING_F = 80;

function coldOf(ladder: Ladder | undefined, fan: string | undefined): readonly string[] {
  const outdoorF = ladder?.marks.get('outdoor')?.tempF;
  if (outdoorF === undefined) return [];
  const condensingF = ladder?.marks.get('bubble')?.tempF;
  const fanCycles = fan === 'cycles' ? true : fan === 'runsOn' ? false : undefined;
  return coldWeatherFindings({ outdoorF, condensingF, fanCycles });
}

/** Both gauges as on another circuit: the hoses were hardly moved. */
function mixedUp(id: string, raw: RawInputs, ladders: ReadonlyMap<string, RawInputs>): readonly FieldError[] {
  const { suctionPsig, highPsig } = raw;
  if (suctionPsig === undefined || highPsig === undefined) return [];
  const twin = [...ladders].find(
    ([other, one]) => other !== id && one.suctionPsig === suctionPsig && one.highPsig === highPsig,
  );
  const message = `Both gauges read as on circuit ${twin?.[0]}: were the hoses moved?`;
  return twin ? [{ field: 'suctionPsig', message }] : [];
}

function circuitsOf(call: CallFacts, checks: ReadonlyMap<string, Check>): Circuit[] {
  const ladders = laddersOf(call.facts);
  const ids = CIRCUITS.filter((id) => id === '1' || ladders.has(id));
  return ids.map((id) => {
    const raw = ladders.get(id) ?? {};
    const read = readLadder(raw, call.altitudeFt);
    const figure = (field: string) => (typeof raw[field] === 'number' ? raw[field] : undefined);
    const gate = gateOf({
      airflow: call.airflow,
      filterIn: call.filterIn,
      doorsOn: call.doorsOn,
      ice: call.ice,
      minutesRunning: figure('minutesRunning'),
      returnF: figure('returnF'),
    });
    const isOpen = gate.every((line) => line.isOpen);
    const ladder = read.ok ? read.ladder : undefined;
    const tooColdToJudge = (ladder?.marks.get('bubble')?.tempF ?? LEAST_CONDENSING_F) < LEAST_CONDENSING_F;
    return {
      id,
      ladder,
      errors: [...(read.ok ? read.ladder.questions : read.errors), ...mixedUp(id, raw, ladders)],
      gate,
      isOpen,
      cold: coldOf(ladder, checks.get('outdoorFan')?.state),
      tooColdToJudge,
      patterns: isOpen && ladder && ladder.gaps.size > 0 && !tooColdToJudge ? rankPatterns(ladder) : undefined,
    };
  });
}

function sequenceOf(checks: ReturnType<typeof checksOf>): HeatSequence {
  return heatSequence(
    checks.flatMap(({ point, state, takenAt }) => {
      const atMs = Date.parse(takenAt ?? '');
      if ((point !== 'element' && point !== 'blowerOnHeat') || Number.isNaN(atMs)) return [];
      return [{ what: point === 'element' ? 'element' : 'blower', on: state === 'on', atMs } as const];
    }),
  );
}

function buildingOf(checks: ReadonlyMap<string, Check>): BuildingNet | undefined {
  const flow = (id: string) => {
    const value = checks.get(id)?.value;
    return value === undefined ? [] : [value];
  };
  const [exhaustCfm, makeUpCfm, outdoorAirCfm] = [flow('exhaustCfm'), flow('makeUpCfm'), flow('outdoorAirCfm')];
  if (exhaustCfm.length + makeUpCfm.length + outdoorAirCfm.length === 0) return undefined;
  return netBuilding({ exhaustCfm, makeUpCfm, outdoorAirCfm }, checks.get('buildingInWc')?.value);
}

/** From so much a pattern is named as found. */
const PATTERN_FROM = 0.5;
/** From so much a cause is listed as likely. */
const LIKELY_FROM = 0.5;

function triageOf(
  call: CallFacts,
  {
    checks,
    power,
    gas,
    heat,
    circuits,
    building,
  }: Pick<CallAssessment, 'checks' | 'power' | 'gas' | 'heat' | 'circuits' | 'building'>,
  outcomes: ReturnType<typeof outcomesOf>,
): TriageItem[] {
  const items: TriageItem[] = call.findings.map((finding) => ({
    id: `look-${finding.item}`,
    ...(LOOK_EFFORT[finding.item] ?? { area: 'blower', minutes: 20, money: 0 }),
    words: `${finding.name}: ${finding.text}`,
    outcome: finding.outcome ?? 'open',
    look: finding.item,
  }));
  const add = (item: Omit<TriageItem, 'outcome'>) => items.push({ ...item, outcome: outcomes.get(item.id) ?? 'open' });
  for (const [id, check] of checks) {
    const state = checkPoint(id)?.states?.find((one) => one.id === check.state);
    if (!state?.finding || outcomeOf(check, call.context) === 'good') continue;
    add({ id: `check-${id}`, ...pointEffort(id), words: state.finding });
  }
  for (const { found, motorHold, suspects, scheme } of [power, gas]) {
    const likely = suspects.told > 0 ? (found ?? suspects.ranked.find(({ share }) => share >= LIKELY_FROM)) : undefined;
    if (likely)
      add({
        id: `cause-${likely.cause.id}`,
        area: scheme === gasFurnace ? 'heat' : likely.cause.isMotor ? 'blower' : pointEffort(likely.cause.id).area,
        words: found
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
  for (const { id, area, words } of call.air) add({ id: `air-${id}`, area, words, minutes: 0, money: 0 });
  return inTriageOrder(items);
}

/**
 * Assesses the rest of the call: what was said and the way it sets, power, heat, the refrigerant side behind its gate, and everything found in the
 * order it is taken. Pure; what is missing is said, never guessed.
 */
export function assessCall(call: CallFacts): CallAssessment {
  const all = checksOf(call.facts);
  const checks = standingChecks(all);
  const { staticRead, priors } = call;
  const context = {
    ...call.context,
    ratedMicrofarads: checks.get('ratedMicrofarads')?.value ?? call.context.ratedMicrofarads,
  };
  const power = assessPower({
    scheme: schemeFor(call.motor, checks.get('scheme')?.state),
    checks,
    context,
    staticRead,
    priors,
  });
  const gas = assessPower({ scheme: gasFurnace, checks, context, staticRead, priors });
  const heat = sequenceOf(all);
  const circuits = circuitsOf(call, checks);
  const found = { checks, power, gas, heat, circuits, building: buildingOf(checks) };
  return {
    complaint: complaintOf(checks.get('complaint')?.state),
    ...found,
    context,
    triage: triageOf(call, found, outcomesOf(all)),
    unread: (ids) => CALL_CAUTIONS.filter(({ id }) => ids.includes(id) && !checks.has(`caution-${id}`)),
  };
}
