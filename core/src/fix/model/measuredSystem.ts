import { moistAir } from '../../air/moistAir';
import { predictCoil } from '../../air/coil';
import { driveState, type BeltDrive } from '../../air/drive';
import {
  causesSeen,
  causeOf,
  coilDirtyInside,
  isSeen,
  USUAL_SIZE_SIGMA,
  usualLags,
  withInnerLoss,
  type Cause,
  type Looks,
} from '../causes';
import {
  AS_FOUND,
  BEYOND_SLOPE_SIGMA,
  flowAt,
  hasSpeed,
  isBeyondUsual,
  lagFactors,
  usualCurveFault,
  withSecondPoint,
  type Fan,
} from '../../air/fan';
import type { FilterFacts } from '../../air/filter';
import { splitOf, type ReconciledFlow } from '../../air/flow';
import { measuredPath, stageBudget, type Judgement, type Rules, type UnitFacts } from '../../judge/verdicts';
import { bracketedRoot } from '../../base/numbers/bracketedRoot';
import { DUCT_EXPONENT, FILTER_EXPONENT, dropAt, resistanceFromPoint } from '../../air/path';
import {
  layoutOf,
  STAGE_WORDS,
  type CoolingFacts,
  type HeatingFacts,
  type LowStage,
  type MotorFacts,
  type StageKind,
  type Section,
  type System,
} from '../../air/system';
import { flowWords, staticWords, percentText, sentenceCase } from '../../base/words';

/** What a visit knows that decides how its system answers to a change. */
export interface MeasuredFacts {
  /** The speed that was measured is this mode's. */
  readonly mode?: 'cooling' | 'heating';
  readonly unit: UnitFacts;
  readonly judgement: Judgement;
  readonly rules: Rules;
  /** The one airflow of the visit. */
  readonly flow?: ReconciledFlow;
  /** The fan by the blower table, less what was seen wrong with it. */
  readonly bookFan?: Fan;
  /** One σ of the table's own airflow, as a share. */
  readonly bookShare?: number;
  /** The speed that runs, where it is known. */
  readonly tap?: string;
  /** A second state of the same fan: Q₂/Q₁ by an untouched section, and its static. */
  readonly secondPoint?: { readonly flowRatio: number; readonly tespInWc: number };
  /** The filter's own drop, in. w.c., at today's airflow, from the filter-out retest. */
  readonly filterDropInWc?: number;
  readonly looks: Looks;
  /** Causes of a slow fan that were seen and that no measurement has taken away. */
  readonly slowFan: readonly Cause[];
  readonly filters?: FilterFacts;
  readonly altitudeFt?: number;
  /** Air at the coil and the drop it was measured with. */
  readonly coolingAir?: {
    readonly returnF: number;
    readonly wetBulbF?: number;
    readonly relativeHumidity?: number;
    readonly outdoorF: number;
    readonly dropF: number;
  };
  readonly heating?: HeatingFacts;
  readonly lowStage?: LowStage;
  readonly motor?: MotorFacts;
  readonly drive?: BeltDrive;
  /** Of the duct that was traversed. */
  readonly ductAreaSqFt?: number;
}

/** The measured system, ready to be changed; `notes` say what in it is taken and not measured. */
export interface MeasuredSystem {
  readonly system: System;
  readonly notes: readonly string[];
}

/** No system could be measured, and why, in a sentence. */
export interface NotMeasured {
  readonly why: string;
}

/**
 * What was seen, sized by what was measured: of the air that is missing beside its usual size, its part goes to it and the rest to the table's own
 * error.
 *
 * @param withPower what the fan moves with the loss at a power of its usual size (0 none, 1 usual), CFM; undefined past its curve
 * @returns the power, or undefined when the curve ends
 */
function sizedLoss(
  withPower: (power: number) => number | undefined,
  flowCfm: number,
  bookShare: number | undefined,
): number | undefined {
  const [none, usual] = [withPower(0), withPower(1)];
  if (none === undefined || usual === undefined || !(usual < none)) return undefined;
  const { seen } = splitOf(USUAL_SIZE_SIGMA * (1 - usual / none), bookShare);
  const target = usual * Math.pow(flowCfm / usual, seen);
  const off = (power: number) => (withPower(power) ?? 0) - target;
  if (off(0) <= 0) return 0;
  return off(MOST_POWER) >= 0 ? MOST_POWER : bracketedRoot(off, 0, MOST_POWER, 1e-6);
}
const MOST_POWER = 3;

interface FanModel {
  readonly fan: Fan;
  readonly insideInWc?: number;
  readonly notes: readonly string[];
}

/** A fan set to move an airflow at a static: what its curve gives beside it is a lag that was measured. */
function setTo(fan: Fan, staticInWc: number, flowCfm: number): Fan {
  const now = flowAt(fan, staticInWc);
  const factor = now === undefined ? 1 : flowCfm / now;
  return Math.abs(factor - 1) < 1e-9
    ? fan
    : { ...fan, lags: [...(fan.lags ?? []), { cause: 'measured', acts: 'flow', factor }] };
}

const takenWords = (facts: MeasuredFacts): string[] =>
  facts.slowFan.map((cause) =>
    cause === coilDirtyInside
      ? `${sentenceCase(cause.name)} is assumed to cost ${staticWords(cause.usual)} beyond the table, ± ${percentText(USUAL_SIZE_SIGMA)}.`
      : `${sentenceCase(cause.name)} is assumed to cost ${Math.round(100 * (1 - cause.usual))} % of the ${cause.lag?.(1).acts === 'flow' ? 'air' : 'speed'}, ± ${percentText(USUAL_SIZE_SIGMA)} of that. Not confirmed by a second method.`,
  );

/** What a measurement shows beside what was seen: it stays when that is fixed. */
function beyondWords(withLoss: number | undefined, flowCfm: number): string[] {
  if (withLoss === undefined) return [];
  const off = flowCfm / withLoss - 1;
  if (Math.abs(off) < 0.02) return [];
  return [
    `The measured airflow is another ${percentText(Math.abs(off))} ${off < 0 ? 'under' : 'over'} the table: that stays after the fix.`,
  ];
}

/** The manufacturer's curve, set to the airflow that counts; undefined where its row says nothing at this static. */
function onBook(facts: MeasuredFacts, book: Fan, flow: ReconciledFlow, tespInWc: number): FanModel | undefined {
  const { flowCfm, measured } = flow;
  const { bookShare } = facts;
  const lags = book.lags ?? [];
  const inner = facts.slowFan.includes(coilDirtyInside) && lags.length === 0;
  if (inner) {
    const withPower = (power: number) => flowAt(book, tespInWc + power * coilDirtyInside.usual);
    const power = measured ? sizedLoss(withPower, flowCfm, bookShare) : 1;
    if (power !== undefined && withPower(power) !== undefined) {
      const insideInWc = power * coilDirtyInside.usual;
      return {
        fan: setTo(book, tespInWc + insideInWc, flowCfm),
        insideInWc,
        notes: measured ? beyondWords(withPower(power), flowCfm) : takenWords(facts),
      };
    }
  }
  if (measured && lags.length > 0) {
    const sized = (power: number) => ({
      ...book,
      lags: lags.map((lag) => ({ ...lag, factor: Math.pow(lag.factor, power) })),
    });
    const withPower = (power: number) => flowAt(sized(power), tespInWc);
    const power = sizedLoss(withPower, flowCfm, bookShare);
    if (power !== undefined && withPower(power) !== undefined)
      return { fan: setTo(sized(power), tespInWc, flowCfm), notes: beyondWords(withPower(power), flowCfm) };
  }
  if (flowAt(book, tespInWc) === undefined) return undefined;
  return { fan: setTo(book, tespInWc, flowCfm), notes: lags.length > 0 && !measured ? takenWords(facts) : [] };
}

/** The typical curve of the motor's kind through what was measured. */
function onUsualCurve(facts: MeasuredFacts, flow: ReconciledFlow, tespInWc: number): FanModel | NotMeasured {
  const { unit, slowFan: seen, drive, tap, secondPoint } = facts;
  const { motor, tons } = unit;
  const lags = usualLags(seen);
  // The curve without its lags: what was measured, put back by what they take.
  const taken = lagFactors({ motor, lags });
  const insideInWc = seen.includes(coilDirtyInside) ? coilDirtyInside.usual : undefined;
  const anchor = {
    flowCfm: flow.flowCfm / (taken.speed * taken.flow),
    staticInWc: (tespInWc + (insideInWc ?? 0)) / (taken.speed ** 2 * taken.static),
  };
  const fault = usualCurveFault(anchor);
  if (fault)
    return {
      why: lags.length > 0 ? `With ${seen.map(({ name }) => name).join(' and ')} excluded: ${fault}` : fault,
    };
  const isBeyond = isBeyondUsual(motor, anchor.staticInWc);
  const rpm = motor === 'beltDrive' && drive ? (drive.measuredRpm ?? driveState(drive).ratioRpm).toFixed(1) : undefined;
  const mark = rpm ?? tap ?? AS_FOUND;
  const first = {
    anchorFlowCfm: anchor.flowCfm,
    anchorStaticInWc: anchor.staticInWc,
    tap: mark,
    cfmPerTon: tons === undefined ? 400 : anchor.flowCfm / tons,
    ...(isBeyond ? { slopeSigma: BEYOND_SLOPE_SIGMA } : {}),
  };
  const second =
    secondPoint && lags.length === 0 && withSecondPoint(motor, first, secondPoint.flowRatio, secondPoint.tespInWc);
  const notes = [
    isBeyond
      ? 'The static is above the typical curves. Huff uses the nearest one; each predicted change is good to about ± 50 %.'
      : 'Huff uses a typical curve, not this model’s table. Each predicted change is good to about ± 30 %.',
    ...(flow.usualOnly
      ? ['No airflow measured: a typical value for its size is assumed. Trust only the changes.']
      : []),
    ...(secondPoint && second === undefined && lags.length === 0
      ? ['The two sets of readings disagree: more static moved more air. Measure both again alike.']
      : []),
    ...takenWords(facts),
  ];
  const fan: Fan = { motor, usual: second || first, tap: mark, ...(lags.length > 0 ? { lags } : {}) };
  if (!hasSpeed(fan, mark))
    return {
      why: `No typical curve passes through ${flowWords(flow.flowCfm)} at ${staticWords(tespInWc)}. Measure static and airflow again.`,
    };
  return { fan, insideInWc, notes };
}

function fanModel(facts: MeasuredFacts, flow: ReconciledFlow, tespInWc: number): FanModel | NotMeasured {
  const booked = facts.bookFan && onBook(facts, facts.bookFan, flow, tespInWc);
  return booked ?? onUsualCurve(facts, flow, tespInWc);
}

/** What a filter takes of the section it was read with, when nothing tells: more when it was seen loaded. */
const filterShare = (looks: Looks) => (isSeen(causeOf('filterLoaded')!, looks) ? 0.5 : 0.35);

/** How much more than its usual share a stage takes that something was seen on: as much as what was seen usually adds. */
const seenFactor = (kind: StageKind, { unit, looks }: MeasuredFacts) =>
  causesSeen(unit, looks).reduce((factor, cause) => (cause.stage === kind ? factor * cause.usual : factor), 1);

/** A section of several stages as one section a stage: by the retest where it tells, else by assumed shares. */
function parted(section: Section, flowCfm: number, facts: MeasuredFacts, notes: string[]): Section[] {
  const { stages, side } = section;
  if (stages.length === 1) return [section];
  const layout = layoutOf(facts.unit);
  const whole = dropAt(section.resistance, flowCfm);
  const filters = stages.filter((kind) => kind === 'filter').length;
  const retested = filters === 1 ? facts.filterDropInWc : undefined;
  if (retested !== undefined && retested < whole) {
    const rest = stages.filter((kind) => kind !== 'filter');
    const remaining = resistanceFromPoint(whole - retested, flowCfm, DUCT_EXPONENT);
    const filter: Section = {
      stages: ['filter'],
      side,
      resistance: resistanceFromPoint(retested, flowCfm, FILTER_EXPONENT),
    };
    const others = { stages: rest, side, resistance: remaining };
    return stages[0] === 'filter' ? [filter, others] : [others, filter];
  }
  const share = (kind: StageKind) =>
    kind === 'filter'
      ? filterShare(facts.looks) / filters
      : Math.max(0.05, stageBudget(layout, kind, facts.rules)) * seenFactor(kind, facts);
  const filterTotal = filters > 0 ? filterShare(facts.looks) : 0;
  const others = stages.filter((kind) => kind !== 'filter');
  const sum = others.reduce((total, kind) => total + share(kind), 0);
  const names = stages.map((kind) => STAGE_WORDS[kind]).join(' and ');
  const assumed = `${names} were measured together; the split between them is assumed.`;
  notes.push(sentenceCase(assumed));
  return stages.map((kind) => ({
    stages: [kind],
    side,
    assumed,
    // The exponent stays that of the section: parting by assumption must not bend the measured curve.
    resistance: {
      coefficient:
        section.resistance.coefficient * (kind === 'filter' ? share(kind) : ((1 - filterTotal) * share(kind)) / sum),
      exponent: section.resistance.exponent,
    },
  }));
}

/** Usual summer air, when the coil's was not measured. */
const USUAL_AIR = { dryBulbF: 75, wetBulbF: 62.5, outdoorF: 95 };

function coolingOf(
  { unit: { tons }, altitudeFt, coolingAir }: MeasuredFacts,
  flowCfm: number,
): CoolingFacts | undefined {
  if (tons === undefined) return undefined;
  const air = coolingAir;
  const moisture =
    air?.wetBulbF !== undefined
      ? { wetBulbF: air.wetBulbF }
      : air?.relativeHumidity !== undefined
        ? { relativeHumidity: air.relativeHumidity }
        : undefined;
  if (!air || !moisture) {
    const entering = moistAir(USUAL_AIR.dryBulbF, { wetBulbF: USUAL_AIR.wetBulbF }, altitudeFt);
    return { tons, entering, outdoorF: USUAL_AIR.outdoorF, assumed: true, offsetF: 0 };
  }
  const entering = moistAir(air.returnF, moisture, altitudeFt);
  const model = predictCoil({ tons, entering, outdoorF: air.outdoorF, altitudeFt }, flowCfm);
  return { tons, entering, outdoorF: air.outdoorF, assumed: false, offsetF: air.dropF - model.dropF };
}

/**
 * The measured system, stage by stage, fit for being changed: its path parted into stages, its fan set to the one airflow of the
 * visit, and what hangs on the air beside it. Verdict, advice, moves, plans and proof all stand on this one.
 *
 * The fan is the manufacturer's curve where its row covers the static, set to the airflow that counts; else the typical curve of its kind
 * through what was measured. A fault that was seen (a caked wheel, a matted coil) takes the blame; without a measured airflow its size
 * is taken and said so.
 *
 * @returns why not, while external static or airflow are not known, or where no curve holds
 */
export function measuredSystem(facts: MeasuredFacts): MeasuredSystem | NotMeasured {
  const { judgement, flow, unit } = facts;
  const { tespInWc } = judgement;
  if (tespInWc === undefined) return { why: judgement.tesp.sentence };
  if (!flow) return { why: 'Missing: airflow. Add a blower table and tap, another method, or the tons.' };
  if (!(tespInWc > 0)) return { why: judgement.tesp.sentence };
  const modelled = fanModel(facts, flow, tespInWc);
  if ('why' in modelled) return modelled;
  const { flowCfm } = flow;
  const { fan, insideInWc } = modelled;
  const notes = [...modelled.notes];
  const path = measuredPath(judgement.sections, tespInWc, flowCfm).flatMap((section) =>
    parted(section, flowCfm, facts, notes),
  );
  const system: System = {
    layout: unit.layout,
    filterPlace: unit.filterPlace,
    path,
    fan,
    filters: facts.filters,
    // A visit in heating says nothing of cooling's own speed, and the speed that was measured is heating's.
    ...(facts.mode === 'heating'
      ? { heating: facts.heating && { ...facts.heating, tap: undefined } }
      : { cooling: coolingOf(facts, flowCfm), heating: facts.heating, lowStage: facts.lowStage }),
    motor: facts.motor,
    drive: facts.drive,
    altitudeFt: facts.altitudeFt,
    ductAreaSqFt: facts.ductAreaSqFt,
  };
  return { notes, system: insideInWc === undefined ? system : withInnerLoss(system, insideInWc, flowCfm) };
}
