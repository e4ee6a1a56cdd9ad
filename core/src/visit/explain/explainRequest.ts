import { driveState } from '../../air/drive';
import { AS_FOUND, hasSpeed, type Fan } from '../../air/fan';
import { USUAL_COOLING_AIR } from '../../air/coil/usualCoolingAir';
import { densityOf, moistAir, STANDARD_DENSITY, type MoistAir } from '../../air/moistAir';
import type { PressureReading } from '../../air/readings';
import { SOUND_CIRCUIT } from '../../air/refrigeration';
import { boundaryPorts, layoutOf, PORT_IDS, type System } from '../../air/system';
import type { RawInputs } from '../../base/forms';
import { laddersOf } from '../../call/assess/callFacts';
import { checksOf, standingFacts, type Fact } from '../../call/facts';
import { readLadder, type Ladder } from '../../call/refrigerant';
import {
  HEALTHY_SPREAD,
  healthyPath,
  optionsOf,
  readingSigma,
  USUAL_PLATE_IN_WC,
  type EvidenceReading,
  type ExplainRequest,
} from '../../fix/explain';
import { filterOutAt, type ReadingId } from '../../fix/observe';
import type { Look } from '../../judge/look';
import { targetFor, type Rules, type UnitFacts } from '../../judge/verdicts';
import { filterOutPressures, settingCfmOf, type VisitFacts } from '../assess';
import { MOTOR_METHOD } from '../assess/motorPower';
import { readVisit, type ReadVisit } from '../assess/readVisit';
import { flashesCfm, measuredVolts } from '../assess/evidence';
import { totalStaticOf } from '../assess/totalStaticOf';

/** What is known of a call beside its visit. */
export interface ExplainContext {
  readonly complaint?: string;
  /** Calls in a hundred that have a cause, where the shop says so. */
  readonly odds?: Readonly<Record<string, number>>;
  readonly seed: number;
}

/** Why a visit cannot be explained yet, in a sentence. */
export interface NoExplanation {
  readonly why: string;
}

const numberOf = (value: unknown) => (typeof value === 'number' ? value : undefined);

/** (J) CFM per ton of a unit whose table is not at hand, and one σ of it as a share. */
const UNKNOWN_FAN = { cfmPerTon: 360, sigma: 0.18 } as const;
/** (J) Room air where nobody read it, °F. */
const USUAL_ROOM_F = 75;
/** A drop says something in this range of return air, and after so many minutes. */
const DROP_RETURN_F = { low: 68, high: 85 } as const;
const DROP_MINUTES = 10;
/** Methods that rest on the book, on the drop, or on what is held against readings by itself. */
const NOT_INDEPENDENT: ReadonlySet<string> = new Set(['coolingDrop', 'requestedFlow', MOTOR_METHOD]);
/** Looks that come from a figure: it counts as a reading already. */
const BY_FIGURE: ReadonlySet<string> = new Set(['rpm', 'flashes', 'volts', 'returnAgainstRoom', 'requestedFlow']);

/** The fan as it was entered, without anything wrong; a typical curve where the table or the speed is not known. */
function fanOf(visit: VisitFacts, unit: UnitFacts, targetCfm: number, plateInWc: number): { fan: Fan; sigma: number } {
  const { drive, altitudeFt } = visit;
  const tap = unit.motor === 'beltDrive' && drive ? driveState(drive).ratioRpm.toFixed(1) : unit.tap;
  const densityRatio = altitudeFt ? densityOf({ altitudeFt }) / STANDARD_DENSITY : 1;
  const { motor, table } = unit;
  if (table && tap !== undefined && hasSpeed({ motor, table, tap }, tap))
    return { fan: { motor, table, tap, densityRatio }, sigma: HEALTHY_SPREAD.table };
  const tons = unit.tons ?? targetCfm / 400;
  const anchorFlowCfm = motor === 'beltDrive' ? targetCfm : UNKNOWN_FAN.cfmPerTon * tons;
  return {
    fan: {
      motor,
      tap: AS_FOUND,
      usual: {
        anchorFlowCfm,
        anchorStaticInWc: 0.8 * plateInWc,
        tap: AS_FOUND,
        cfmPerTon: anchorFlowCfm / tons,
      },
    },
    sigma: UNKNOWN_FAN.sigma,
  };
}

/** Moist air of a pair of readings; undefined where one is missing or they cannot both be right. */
function airOf(dryBulbF: number | undefined, inputs: RawInputs, altitudeFt: number | undefined): MoistAir | undefined {
  const wetBulbF = numberOf(inputs.returnWetF) ?? numberOf(inputs.returnWetBulbF);
  const percent = numberOf(inputs.returnRhPercent);
  if (dryBulbF === undefined) return undefined;
  try {
    if (wetBulbF !== undefined && wetBulbF <= dryBulbF) return moistAir(dryBulbF, { wetBulbF }, altitudeFt);
    if (percent !== undefined) return moistAir(dryBulbF, { relativeHumidity: percent / 100 }, altitudeFt);
  } catch {
    // Figures that are no air are asked about where they were typed.
  }
  return undefined;
}

/** Air into the coil, outdoors and in the room, from whatever was read of them. */
function coolingAir(visit: VisitFacts, drop: RawInputs, ladder: RawInputs) {
  const { altitudeFt } = visit;
  const atCoil = airOf(numberOf(drop.returnF), drop, altitudeFt) ?? airOf(numberOf(ladder.returnF), ladder, altitudeFt);
  const roomF = numberOf(drop.roomF);
  const outdoorF = numberOf(drop.outdoorF) ?? numberOf(ladder.outdoorF) ?? USUAL_COOLING_AIR.outdoorF;
  const usual = { relativeHumidity: USUAL_COOLING_AIR.relativeHumidity };
  const room = roomF === undefined ? undefined : moistAir(roomF, usual, altitudeFt);
  return { atCoil, roomF, outdoorF, entering: room ?? atCoil ?? moistAir(USUAL_ROOM_F, usual, altitudeFt) };
}

/** What gauges and clamps say of the first circuit. */
function ladderEvidence(ladder: Ladder | undefined): [ReadingId, number | undefined][] {
  if (!ladder || ladder.questions.some(({ field }) => field === 'suctionPsig' || field === 'highPsig')) return [];
  return [
    ['evaporating', ladder.marks.get('dew')?.tempF],
    ['condensing', ladder.marks.get('bubble')?.tempF],
    ['superheat', ladder.gaps.get('superheat')?.valueF],
    ['subcooling', ladder.gaps.get('subcooling')?.valueF],
  ];
}

/** What a meter said at the motor, as shares of its plate. */
function motorEvidence(
  { motor, unit, context }: ReadVisit<PressureReading>,
  visit: VisitFacts,
): [ReadingId, number | undefined][] {
  const checks = new Map(checksOf(visit.facts).map(({ point, value }) => [point, value]));
  const nominal = context.nominalVolts;
  const share = (value: number | undefined, of: number | undefined) =>
    value === undefined || !of ? undefined : value / of;
  return [
    ['rpm', visit.drive?.measuredRpm],
    ['amps', share(motor?.amps, motor?.plateAmps)],
    ['volts', share(measuredVolts(visit.facts, nominal) ?? motor?.volts, nominal)],
    ['microfarads', share(checks.get('capacitor'), checks.get('ratedMicrofarads'))],
    ['flashes', share(flashesCfm(visit.facts), settingCfmOf(unit))],
  ];
}

/** Airflows that were measured without the blower table, on the speed that runs. */
function flowEvidence({ known }: ReadVisit<PressureReading>): EvidenceReading[] {
  return known.estimates
    .filter(
      ({ id, basis = 'measured', setAside, unfit }) =>
        basis === 'measured' && !setAside && !unfit && !NOT_INDEPENDENT.has(id),
    )
    .map(({ flowCfm, sigmaShare }) => ({ reading: 'airflow', value: flowCfm, sigma: sigmaShare * flowCfm }));
}

/** Everything that was read of a visit, as what an explanation has to agree with. */
function evidenceOf(visit: VisitFacts, read: ReadVisit<PressureReading>, drop: RawInputs, ladder: Ladder | undefined) {
  const { counted, unit } = read;
  const layout = layoutOf(unit);
  const plain: [ReadingId, number | undefined][] = [
    ...PORT_IDS.map((port): [ReadingId, number | undefined] => [port, counted.get(port)?.staticInWc]),
    ...[...filterOutPressures(visit.readings)].map(([port, { staticInWc }]): [ReadingId, number] => [
      filterOutAt(port),
      staticInWc,
    ]),
    ...motorEvidence(read, visit),
  ];
  if (boundaryPorts(layout).some((port) => !counted.has(port)))
    plain.push(['tesp', totalStaticOf(visit.facts)?.staticInWc]);
  if (visit.mode === 'cooling') {
    const [returnF, supplyF] = [numberOf(drop.returnF), numberOf(drop.supplyF)];
    const isSteady = (numberOf(drop.minutes) ?? DROP_MINUTES) >= DROP_MINUTES;
    const inRange = returnF !== undefined && returnF >= DROP_RETURN_F.low && returnF <= DROP_RETURN_F.high;
    if (inRange && isSteady && supplyF !== undefined) plain.push(['drop', returnF - supplyF]);
    const roomF = numberOf(drop.roomF);
    if (returnF !== undefined && roomF !== undefined) plain.push(['returnOverRoom', returnF - roomF]);
    plain.push(...ladderEvidence(ladder));
  }
  return [
    ...plain.flatMap(([reading, value]): EvidenceReading[] =>
      value === undefined || !Number.isFinite(value) ? [] : [{ reading, value, sigma: readingSigma(reading, value) }],
    ),
    ...flowEvidence(read),
  ];
}

/** The last readings of the first circuit, and what they make. */
function firstLadder(facts: readonly Fact[], altitudeFt: number | undefined) {
  const raw = laddersOf(facts).get('1') ?? {};
  const read = readLadder(raw, altitudeFt);
  return { raw, ladder: read.ok && read.ladder.marks.size > 0 ? read.ladder : undefined };
}

/** The outdoor coil as it was seen; washed it is clean. */
function outdoorCoilSeen(facts: readonly Fact[]): Look | undefined {
  const state = checksOf(facts).findLast(({ point }) => point === 'outdoorWashed')?.state;
  return state === undefined ? undefined : { item: 'outdoorCoil', state: state === 'dirty' ? 'dirty' : 'clean' };
}

/**
 * What a visit asks to have explained: the unit as a healthy one of its kind, and everything that was read and seen of it.
 *
 * @returns why there is nothing to explain while a stop is on or the tons are not known
 */
export function explainRequest(
  visit: VisitFacts,
  rules: Rules,
  context: ExplainContext,
): ExplainRequest | NoExplanation {
  const read = readVisit(visit, rules);
  const { unit, stop, evidence: seen } = read;
  if (stop) return { why: `${stop.why} ${stop.first}` };
  const target = targetFor(unit, rules);
  if (!target) return { why: 'Enter the tons first: they set what a healthy unit would show.' };
  const { altitudeFt, mode } = visit;
  const maxTespInWc = unit.maxTespInWc ?? USUAL_PLATE_IN_WC[unit.layout];
  const { fan, sigma } = fanOf(visit, unit, target.flowCfm, maxTespInWc);
  const drop = standingFacts(visit.facts).get('measuredDrop')?.inputs ?? {};
  const { raw, ladder } = firstLadder(visit.facts, altitudeFt);
  const air = coolingAir(visit, drop, raw);
  const cools = mode === 'cooling' && unit.layout !== 'makeUpAir' && unit.tons !== undefined;
  const system: System = {
    layout: unit.layout,
    filterPlace: unit.filterPlace,
    path: healthyPath({
      layout: unit.layout,
      filterPlace: unit.filterPlace,
      maxTespInWc,
      targetCfm: target.flowCfm,
      rules,
      filters: visit.filters,
    }),
    fan,
    filters: visit.filters,
    altitudeFt,
    circuit: ladder && { ...SOUND_CIRCUIT, metering: ladder.metering },
    cooling: cools
      ? {
          tons: unit.tons,
          entering: air.entering,
          outdoorF: air.outdoorF,
          assumed: air.atCoil === undefined,
          offsetF: 0,
        }
      : undefined,
  };
  const evidence = evidenceOf(visit, read, drop, ladder);
  const looks = [...seen.looks.values()].filter(
    ({ by, item }) =>
      !(by && BY_FIGURE.has(by)) &&
      !(item === 'capacitor' && by && evidence.some(({ reading }) => reading === 'microfarads')),
  );
  const outdoor = outdoorCoilSeen(visit.facts);
  return {
    system,
    spread: { ...HEALTHY_SPREAD, table: sigma },
    conditions: {
      atCoil: air.atCoil,
      roomF: air.roomF,
      usualCfm: target.flowCfm,
      altitudeFt,
      densityRatio: altitudeFt ? densityOf({ altitudeFt }) / STANDARD_DENSITY : 1,
    },
    evidence,
    looks: outdoor ? [...looks, outdoor] : looks,
    complaint: context.complaint,
    odds: context.odds,
    options: optionsOf({
      layout: unit.layout,
      filterPlace: unit.filterPlace,
      motor: unit.motor,
      cools,
      read: new Set(evidence.map(({ reading }) => reading)),
      looked: new Set([...seen.looks.keys(), ...(outdoor ? [outdoor.item] : [])]),
      hasPlate: read.motor?.plateAmps !== undefined,
    }),
    ratings: {
      amps: read.motor?.plateAmps,
      volts: read.context.nominalVolts,
      microfarads: checksOf(visit.facts).findLast(({ point }) => point === 'ratedMicrofarads')?.value,
      settingCfm: settingCfmOf(unit),
    },
    seed: context.seed,
  };
}
