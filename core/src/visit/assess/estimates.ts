import { moistAir } from '../../air/moistAir';
import { coilDirtyInside, USUAL_SIZE_SIGMA, usualLags, type Cause } from '../../fix/causes';
import { flowFromDrop } from '../../air/coil';
import { fanDoubt, type FanDoubt, type MeasuredFan } from './fanDoubt';
import type { BeltDrive } from '../../air/drive';
import {
  fanRuns,
  flowAt,
  hasSpeed,
  lagFactors,
  readFan,
  SLOPE_SIGMA,
  speedSigma,
  tapRow,
  usualCurveFault,
  type Fan,
  type OffTable,
} from '../../air/fan';
import { sigmasApart, type FlowEstimate, FLOW_METHOD_IDS } from '../../air/flow';
import { USUAL_METHOD_SIGMA, type PressureJudgement, type Rules, type UnitFacts } from '../../judge/verdicts';
import type { Look } from '../../judge/look';
import { crossingOf } from '../../air/operate';
import { DUCT_EXPONENT, resistanceFromPoint } from '../../air/path';
import type { PressureReading } from '../../air/readings';
import { layoutOf, type HeatingFacts, type MotorFacts } from '../../air/system';
import { solveTool, type RawInputs } from '../../base/forms';
import { toolOf } from '../../calculators/catalogue';
import { asideReasons, standingFacts, type Fact } from '../../call/facts/facts';
import { percentText } from '../../base/words';
import { flowByMotor, MOTOR_METHOD } from './motorPower';

export const TABLE_METHOD = 'blowerTable';
export const PROVEN_METHOD = 'provenPoint';
export const USUAL_METHOD = 'usualFlow';

/** Conditions a blower table was taken under, where the book says so. */
export interface TableConditions {
  readonly coil?: 'wet' | 'dry';
  readonly volts?: number;
  readonly filter?: 'in' | 'out';
  /** What the manufacturer multiplies the airflow by on a dry coil. */
  readonly dryFactor?: number;
}

/** How the unit was last proven: a point of its own curve. */
export interface ProvenPoint {
  readonly flowCfm: number;
  readonly tespInWc: number;
  readonly tap: string;
}

/** What an airflow may be had from. */
export interface FlowFacts {
  readonly pressure: PressureJudgement;
  readonly unit: UnitFacts;
  readonly mode: 'cooling' | 'heating';
  /** The statics that count. */
  readonly counted: readonly PressureReading[];
  readonly facts: readonly Fact[];
  readonly looks: ReadonlyMap<string, Look>;
  readonly rules: Rules;
  readonly conditions: TableConditions;
  readonly lineVolts?: number;
  readonly densityRatio: number;
  readonly altitudeFt?: number;
  readonly heating?: HeatingFacts;
  readonly motor?: MotorFacts;
  readonly drive?: BeltDrive;
  readonly proven?: ProvenPoint;
}

/** Every airflow there is for a visit, and how far the book is doubted. */
export interface FlowKnowledge {
  readonly estimates: readonly FlowEstimate[];
  readonly doubt: FanDoubt;
  /** The fan as the book knows it, with what was seen wrong with it; undefined without table and speed. */
  readonly bookFan?: Fan;
  /** What the book says at the static, CFM, of a fan without what was seen. */
  readonly bookCfm?: number;
  /** One σ of that figure for a fan without anything wrong, as a share. */
  readonly bookShare?: number;
  /** Set when the static is not in the tap's row. */
  readonly offTable?: OffTable;
}

/** Whether the path counts the filter as outside the cabinet: then the static that is read holds it. */
const filterOutside = (unit: UnitFacts) =>
  layoutOf(unit).stages.every((stage) => stage.kind !== 'filter' || stage.external);

/** The manufacturer's own correction for the state of the coil: 1 while it was read as the table was taken. */
function coilCorrection({ counted, conditions }: FlowFacts): number {
  const { coil = 'wet', dryFactor } = conditions;
  if (dryFactor === undefined || counted.length === 0) return 1;
  const others = counted.filter((reading) => reading.conditions.coil !== coil).length;
  if (others < counted.length) return 1;
  return coil === 'wet' ? dryFactor : 1 / dryFactor;
}

/** Why the table may not hold here: conditions that differ from the manufacturer's. */
function tableDoubts({ counted, conditions, lineVolts, unit }: FlowFacts): string[] {
  const coil = conditions.coil ?? 'wet';
  const other = counted.some((reading) => reading.conditions.coil !== coil);
  const off =
    conditions.volts !== undefined && lineVolts !== undefined ? Math.abs(lineVolts / conditions.volts - 1) : 0;
  return [
    other &&
      conditions.dryFactor === undefined &&
      `The blower table is for a ${coil} coil; this reading was ${coil === 'wet' ? 'dry' : 'wet'}.`,
    conditions.filter === 'out' &&
      !filterOutside(unit) &&
      'The blower table was made without a filter. The filter in the cabinet uses some of that static.',
    off > 0.05 &&
      unit.motor === 'psc' &&
      `Line is ${lineVolts} V, the table is for ${conditions.volts}. A PSC motor runs slower on lower voltage.`,
  ].filter((d): d is string => typeof d === 'string');
}

/** The speed that really runs: RPM measured at the blower goes before what the sheaves say. It holds all slip. */
export function runningTap({ unit, drive }: Pick<FlowFacts, 'unit' | 'drive'>): string | undefined {
  const rpm = drive?.measuredRpm;
  return unit.motor === 'beltDrive' && rpm !== undefined ? String(rpm) : unit.tap;
}

function bookFanOf(facts: FlowFacts, seen: readonly Cause[]): Fan | undefined {
  const { unit, densityRatio } = facts;
  const tap = runningTap(facts);
  if (!unit.table || tap === undefined) return undefined;
  const lags = usualLags(seen);
  const fan = { motor: unit.motor, table: unit.table, tap, densityRatio, ...(lags.length > 0 ? { lags } : {}) };
  return hasSpeed(fan, tap) ? fan : undefined;
}

/** (J) Watts of the blower a ton, for heat it adds before the probe. Source: 3 tons about 450 W on PSC, 300 W on electronic motors. */
export const blowerHeatWatts = ({ motor, tons }: Pick<UnitFacts, 'motor' | 'tons'>): number =>
  Math.round((motor === 'psc' ? 150 : 100) * (tons ?? 3));

/** The inputs of a method as they are solved: the blower's own heat is in the rise unless it was said. */
const withBlowerHeat = (fact: Fact, unit: UnitFacts): RawInputs =>
  fact.kind === 'electricHeat' && fact.inputs.blowerWatts === undefined && unit.layout !== 'makeUpAir'
    ? { ...fact.inputs, blowerWatts: blowerHeatWatts(unit) }
    : fact.inputs;

/** The speed a fact was taken on, where it is known to be another than the one that is judged. */
function otherTap({ unit, mode, heating, drive }: FlowFacts, fact: Fact): string | undefined {
  const now = runningTap({ unit, drive });
  const heat = fact.kind === 'electricHeat' || fact.kind === 'gasHeat';
  // Facts of before say no speed: heat was on while it was taken, so heating's own speed ran.
  const tap = fact.conditions?.tap ?? (heat && mode === 'cooling' && !fact.conditions ? heating?.tap : undefined);
  return tap === undefined || tap === now ? undefined : tap;
}

/** Airflow on the speed in use over that on another, on the same path, by the table; undefined when it does not say. */
function tapRatio(book: Fan | undefined, tap: string, tespInWc: number | undefined): number | undefined {
  if (!book || tespInWc === undefined || !hasSpeed(book, tap)) return undefined;
  const now = flowAt(book, tespInWc);
  if (now === undefined) return undefined;
  const path = [resistanceFromPoint(tespInWc, now, DUCT_EXPONENT)];
  const then = crossingOf(tap, fanRuns({ ...book, tap }), path);
  return then.kind === 'crossing' ? now / then.flowCfm : undefined;
}

/** An airflow that was measured on another speed, brought to the one in use by the table's ratio of the two, or left out. */
function onThisSpeed(estimate: FlowEstimate, fact: Fact, facts: FlowFacts, book: Fan | undefined): FlowEstimate {
  const tap = otherTap(facts, fact);
  if (tap === undefined) return estimate;
  const ratio = tapRatio(book, tap, facts.pressure.tespInWc);
  if (!book || ratio === undefined)
    return {
      ...estimate,
      unfit: true,
      setAside: `Measured on ${tap}; no table relates it to the speed in use.`,
    };
  return {
    ...estimate,
    flowCfm: estimate.flowCfm * ratio,
    sigmaShare: Math.hypot(estimate.sigmaShare, speedSigma(book, tap)),
    doubts: [...estimate.doubts, `Measured on ${tap}, scaled by the table’s ratio of the two speeds.`],
  };
}

function methodEstimates(facts: FlowFacts, book: Fan | undefined, aside: ReadonlyMap<string, string>): FlowEstimate[] {
  const standing = standingFacts(facts.facts);
  const found: FlowEstimate[] = [];
  for (const id of FLOW_METHOD_IDS) {
    const fact = standing.get(id);
    const tool = toolOf(id);
    if (!fact || !tool) continue;
    const inputs = withBlowerHeat(fact, facts.unit);
    const outcome = solveTool(tool, inputs);
    if (!outcome.ok || !outcome.flow) continue;
    const doubts =
      inputs === fact.inputs
        ? outcome.flow.doubts
        : [
            ...outcome.flow.doubts,
            `The blower’s own ${blowerHeatWatts(facts.unit)} W are included: it is upstream of the probe.`,
          ];
    const basis =
      id === 'coolingDrop' ? 'drop' : id === 'requestedFlow' && fact.inputs.by === 'table' ? 'book' : 'measured';
    // A shop that knows its instruments better says so; what the conditions add to the error stays.
    const sigmaShare = outcome.flow.sigmaShare * (facts.rules.methodSigma[id] / USUAL_METHOD_SIGMA[id]);
    const estimate = onThisSpeed(
      { id, name: tool.name, basis, ...outcome.flow, sigmaShare, doubts },
      fact,
      facts,
      book,
    );
    found.push({ ...estimate, setAside: aside.get(id) ?? estimate.setAside });
  }
  return found;
}

/** The airflow at which a sound coil gives the drop that was read, CFM: a sign, not a method. */
function dropCfm(facts: FlowFacts): number | undefined {
  const inputs = standingFacts(facts.facts).get('measuredDrop')?.inputs;
  const n = (id: string) => (typeof inputs?.[id] === 'number' ? inputs[id] : undefined);
  const [tons, returnF, supplyF, outdoorF, minutes] = ['tons', 'returnF', 'supplyF', 'outdoorF', 'minutes'].map(n);
  if (!inputs || facts.mode === 'heating') return undefined;
  if (tons === undefined || returnF === undefined || supplyF === undefined || outdoorF === undefined) return undefined;
  if (minutes !== undefined && minutes < 10) return undefined;
  const [wetBulbF, percent] = [n('returnWetF'), n('returnRhPercent')];
  const moisture =
    inputs.moisture === 'rh'
      ? percent === undefined
        ? undefined
        : { relativeHumidity: percent / 100 }
      : wetBulbF === undefined || wetBulbF > returnF
        ? undefined
        : { wetBulbF };
  if (!moisture) return undefined;
  const { altitudeFt } = facts;
  return flowFromDrop(
    { tons, entering: moistAir(returnF, moisture, altitudeFt), outdoorF, altitudeFt },
    returnF - supplyF,
  );
}

/** (J) One standard deviation of what a unit moves by its own last proven point, as a share. */
const PROVEN_SIGMA = 0.08;
/** (J) CFM per ton of a unit of which nothing is known, and one standard deviation of it. */
const USUAL_CFM_PER_TON = { value: 330, sigma: 60 };

/** The unit's own last proven point, carried along its curve to today's static. */
function byProvenPoint(facts: FlowFacts, book: Fan | undefined): FlowEstimate | undefined {
  const { proven, unit, pressure, densityRatio } = facts;
  const { tespInWc } = pressure;
  if (!proven || tespInWc === undefined || runningTap(facts) !== proven.tap) return undefined;
  const base = { id: PROVEN_METHOD, name: 'Last verified point', basis: 'book' as const };
  const [then, now] = book ? [flowAt(book, proven.tespInWc), flowAt(book, tespInWc)] : [];
  if (then !== undefined && now !== undefined)
    return { ...base, flowCfm: (proven.flowCfm * now) / then, sigmaShare: PROVEN_SIGMA, doubts: [] };
  const anchor = { flowCfm: proven.flowCfm, staticInWc: proven.tespInWc };
  if (usualCurveFault(anchor)) return undefined;
  const usual = {
    anchorFlowCfm: proven.flowCfm,
    anchorStaticInWc: proven.tespInWc,
    tap: proven.tap,
    cfmPerTon: unit.tons === undefined ? 400 : proven.flowCfm / unit.tons,
  };
  const flowCfm = flowAt({ motor: unit.motor, usual, tap: proven.tap, densityRatio }, tespInWc);
  if (flowCfm === undefined) return undefined;
  return {
    ...base,
    flowCfm,
    sigmaShare: Math.hypot(PROVEN_SIGMA, SLOPE_SIGMA * Math.abs(flowCfm / proven.flowCfm - 1)),
    doubts: ['Scaled to today’s static by a typical curve, not this model’s table.'],
  };
}

/** What such a unit usually moves: it says little, and is there so that changes can be weighed. */
function usualFlow({ unit, pressure }: FlowFacts): FlowEstimate | undefined {
  const size = unit.tons ?? (unit.designCfm === undefined ? undefined : unit.designCfm / 400);
  if (size === undefined || pressure.tespInWc === undefined) return undefined;
  return {
    id: USUAL_METHOD,
    name: 'Usual for its size',
    basis: 'usual',
    flowCfm: USUAL_CFM_PER_TON.value * size,
    sigmaShare: USUAL_CFM_PER_TON.sigma / USUAL_CFM_PER_TON.value,
    doubts: ['Not measured, and no table applies: 330 ± 60 per ton is typical.'],
  };
}

/**
 * What a fan moves with what was seen wrong with it; where its lagging curve ends before what it has to overcome, the book less the lags.
 *
 * @param innerInWc what a matted coil inside is taken to cost, in. w.c.
 */
function lessWhatWasSeen(fan: Fan, tespInWc: number, innerInWc: number, bookCfm: number): number {
  const { speed, flow } = lagFactors(fan);
  return flowAt(fan, tespInWc + innerInWc) ?? flowAt(fan, tespInWc) ?? bookCfm * speed * flow;
}

const FLASHES_GO_FIRST = 'The flash count is the requested airflow; it overrides the table.';

const isFlashes = ({ id, setAside, basis }: FlowEstimate) =>
  id === 'requestedFlow' && setAside === undefined && basis === 'measured';

/**
 * A flash count is a request: at a static where the table's row has fallen under its setting the motor moves less than it is asked for, by as much.
 */
function asReached(flashes: FlowEstimate, { table, tap }: UnitFacts, bookCfm: number | undefined): FlowEstimate {
  const row = table && tap !== undefined ? tapRow(table, tap) : undefined;
  const setting = Math.max(0, ...(row?.flowsCfm ?? []).filter((flow) => flow !== null));
  if (bookCfm === undefined || !(setting > 0)) return flashes;
  const reached = bookCfm / setting;
  if (reached > REACHES_FROM) return flashes;
  return {
    ...flashes,
    flowCfm: flashes.flowCfm * reached,
    doubts: [
      ...flashes.doubts,
      `At this static the table moves ${percentText(reached)} of its setting. The motor does not reach its request.`,
    ],
  };
}

/** (J) How much less sure a table is that was taken under other conditions than the unit runs in. */
const OTHER_CONDITIONS = 1.6;

/** A motor that holds its airflow is within this of its request until it gives up, as a share (J). */
const REACHES_FROM = 0.95;

/**
 * Every airflow there is for a visit: the book's, each method whose facts were recorded and can be solved, the motor's amps, the
 * unit's own last proven point; and how far the book is doubted. Where nothing else is, what is usual for its size.
 */
export function flowKnowledge(facts: FlowFacts): FlowKnowledge {
  const { pressure, unit, rules, looks, lineVolts, conditions, drive } = facts;
  const aside = asideReasons(facts.facts);
  const plain = bookFanOf(facts, []);
  const read = plain && pressure.tespInWc !== undefined ? readFan(plain, pressure.tespInWc) : undefined;
  const bookCfm = read?.kind === 'flow' ? read.flowCfm : undefined;
  const byMotor = plain && flowByMotor(plain, facts.motor);
  const methods = methodEstimates(facts, plain, aside);
  if (byMotor) methods.push({ ...byMotor, setAside: aside.get(MOTOR_METHOD) });
  const others = methods.filter((e) => e.setAside === undefined && e.basis === 'measured');
  const motorVolts = conditions.volts ?? facts.motor?.plateVolts;
  const measured: MeasuredFan = {
    rpm: drive?.measuredRpm !== undefined,
    voltsShare: lineVolts !== undefined && motorVolts !== undefined ? lineVolts / motorVolts : undefined,
  };
  const doubt = fanDoubt({
    unit,
    looks,
    measured,
    rules,
    tespInWc: pressure.tespInWc,
    maxTesp: pressure.maxTesp,
    target: pressure.target,
    bookCfm,
    others,
    dropCfm: dropCfm(facts),
  });
  const bookFan = plain && bookFanOf(facts, doubt.seen);
  const widened = tableDoubts(facts).length > 0 ? OTHER_CONDITIONS : 1;
  const bookShare = rules.tableFlowSigma * widened;
  const estimates: FlowEstimate[] = [];
  const innerLoss = doubt.seen.includes(coilDirtyInside) ? coilDirtyInside.usual : 0;
  if (bookFan && bookCfm !== undefined && pressure.tespInWc !== undefined) {
    const flowCfm = lessWhatWasSeen(bookFan, pressure.tespInWc, innerLoss, bookCfm) * coilCorrection(facts);
    const doubts = [...doubt.signs, ...tableDoubts(facts)];
    const lags = lagFactors(bookFan);
    const loss = Math.max(1 - flowCfm / (bookCfm * coilCorrection(facts)), 1 - lags.speed * lags.flow);
    const sigma = (base: number) => Math.hypot(base * widened, doubt.share, USUAL_SIZE_SIGMA * loss);
    const alone: FlowEstimate = {
      id: TABLE_METHOD,
      name: doubt.seen.length > 0 ? 'Blower table, less findings' : 'Blower table',
      basis: 'book',
      flowCfm,
      sigmaShare: sigma(rules.tableFlowSigma),
      doubts,
      setAside: aside.get(TABLE_METHOD),
    };
    // Another method that meets it vouches for the table.
    const met = others.some((e) => sigmasApart(alone, e) <= 1) && doubt.share === 0 && doubt.seen.length === 0;
    const book = met ? { ...alone, sigmaShare: sigma(rules.tableFlowSigmaMet) } : alone;
    estimates.push(methods.some(isFlashes) ? { ...book, setAside: FLASHES_GO_FIRST, unfit: true } : book);
  }
  estimates.push(...methods.map((e) => (isFlashes(e) ? asReached(e, unit, bookCfm) : e)));
  const proven = byProvenPoint(facts, plain);
  if (proven)
    estimates.push({
      ...proven,
      sigmaShare: Math.hypot(proven.sigmaShare, doubt.share),
      setAside: aside.get(PROVEN_METHOD),
    });
  if (!estimates.some((e) => e.setAside === undefined)) {
    const usual = usualFlow(facts);
    if (usual) estimates.push(usual);
  }
  return { estimates, doubt, bookFan, bookCfm, bookShare, offTable: read?.kind === 'offTable' ? read : undefined };
}
