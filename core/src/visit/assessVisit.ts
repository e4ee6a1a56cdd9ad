import { advise, type Advice } from '../advise';
import { densityOf, STANDARD_DENSITY } from '../air';
import { causesAt, causesSeen, isCleared, isSeen } from '../causes';
import type { FanDoubt } from '../doubt';
import type { BeltDrive } from '../drive';
import type { OffTable } from '../fan';
import type { FilterFacts } from '../filter';
import { reconcile, type FlowEstimate, type ReconciledFlow } from '../flow';
import {
  airflowAgainst,
  judgeDrop,
  judgeFilterFace,
  judgePressure,
  judgeRise,
  judgeWhole,
  missingVerdict,
  type Judgement,
  type PressureJudgement,
  type Rules,
  type UnitFacts,
  type Verdict,
} from '../judge';
import { findings, holdOf, lastLooks, type Finding, type Hold, type Look } from '../look';
import { heatBand, measuredSystem, type Goal, type MeasuredFacts, type MeasuredSystem } from '../model';
import { moveOf } from '../moves';
import { countedPressures, standingOf, type PressureReading, type ReadingStanding } from '../readings';
import { layoutOf, type HeatingFacts, type Layout, type LowStage, type MotorFacts, type PortId } from '../system';
import { loadOf, solveTool, toolOf, traverseDuct, type RawInputs, type ToolAnswer } from '../tools';
import { ductAreaSqFt } from '../traverse';
import { flowText, staticText } from '../words';
import { ductBudgetOf, type DuctBudget } from './ductBudget';
import { flowKnowledge, runningTap, type FlowKnowledge, type ProvenPoint, type TableConditions } from './estimates';
import { looksOf, standingFacts, type Fact } from './facts';
import { filterOutPressures, filterRetest, type FilterRetest } from './filterRetest';
import { nextMeasure, whatWouldSettle, type NextMeasure, type Standing } from './nextMeasure';
import { questionsOf, type Question } from './questions';

/** A visit as core takes it. */
export interface VisitFacts<R extends PressureReading = PressureReading> {
  readonly unit: UnitFacts;
  readonly mode: 'cooling' | 'heating';
  readonly readings: readonly R[];
  readonly facts: readonly Fact[];
  readonly altitudeFt?: number;
  readonly lineVolts?: number;
  readonly table?: TableConditions;
  /** Nameplate rise of the heater, °F. */
  readonly rise?: { readonly min: number; readonly max: number };
  readonly effectiveLengthFt?: number;
  readonly filters?: FilterFacts;
  readonly heating?: HeatingFacts;
  readonly lowStage?: LowStage;
  /** The motor's plate. */
  readonly motorPlate?: MotorFacts;
  readonly drive?: BeltDrive;
  /** The unit as it was proven last. */
  readonly proven?: ProvenPoint;
}

/** Everything that can be said of a visit: one judgement that verdicts, advice, plans and proof all stand on. */
export interface VisitAssessment<R extends PressureReading = PressureReading> {
  readonly layout: Layout;
  readonly judgement: Judgement;
  readonly counted: ReadonlyMap<PortId, R>;
  readonly standing: readonly ReadingStanding<R>[];
  readonly pressures: ReadonlyMap<PortId, number>;
  readonly questions: readonly Question[];
  readonly retest?: FilterRetest;
  readonly ductBudget?: DuctBudget;
  /** Velocity through the filters against their limit, once their size and the airflow are known. */
  readonly filterFace?: Verdict;
  readonly estimates: readonly FlowEstimate[];
  /** The one airflow of the visit, with its σ. */
  readonly flow?: ReconciledFlow;
  /** That airflow against the band, with its odds. */
  readonly airflow: Verdict;
  /** How far the book is doubted, and why. */
  readonly doubt: FanDoubt;
  /** What would settle an airflow that can't be judged, in a sentence. */
  readonly settle?: string;
  /** Set when the static is not in the tap's row. */
  readonly offTable?: OffTable;
  readonly drop: Verdict;
  /** The drop's other figures: prediction, capacity, ice. */
  readonly dropAnswer?: ToolAnswer;
  readonly rise?: Verdict;
  readonly looks: ReadonlyMap<string, Look>;
  readonly findings: readonly Finding[];
  readonly hold?: Hold;
  /** The measured system, fit for being changed; absent while it is not known well enough. */
  readonly model?: MeasuredSystem;
  /** Why there is none, in a sentence. */
  readonly noModel?: string;
  /** The motor's plate with what was measured of it. */
  readonly motor?: MotorFacts;
  /** Why no slower speed is advised; absent when one may be. */
  readonly noSlower?: string;
  readonly advice: Advice;
  readonly next?: NextMeasure;
}

/** What it means that a static is outside a tap's row. */
export function offTableSentence(off: OffTable, staticInWc: number): string {
  const edge = staticText(off.edgeStaticInWc);
  const at = staticText(staticInWc);
  switch (off.side) {
    case 'aboveTable':
      return `Off the table: tap ${off.tap} ends at ${edge} in. w.c. and the system stands at ${at}. The maker does not allow it; clear the restriction first.`;
    case 'belowTable':
      return `Off the table: tap ${off.tap} begins at ${edge} in. w.c. and the system stands at ${at}. Airflow is at least ${flowText(off.edgeFlowCfm)} CFM.`;
    case 'blankCell':
      return `Off the table: ${at} in. w.c. falls on a blank cell of tap ${off.tap}, where the maker gives no figure.`;
  }
}

const TABLE_FORMULA = 'airflow from the blower table, linear between the two nearest statics of the tap’s row';

/** Why there is no airflow at all. */
function lackingFlow({ tespInWc }: PressureJudgement, unit: UnitFacts, { offTable, bookFan }: FlowKnowledge): Verdict {
  if (offTable && tespInWc !== undefined)
    return missingVerdict('cfm', TABLE_FORMULA, offTableSentence(offTable, tespInWc));
  if (unit.table && unit.tap && tespInWc !== undefined && !bookFan)
    return missingVerdict('cfm', TABLE_FORMULA, `The table has no tap ${unit.tap}. Choose the tap in use again.`);
  const lacking = [
    tespInWc === undefined && 'the external static',
    !unit.table && 'a blower table or another method',
    unit.table && !unit.tap && 'the tap in use',
    unit.tons === undefined && unit.designCfm === undefined && 'the tons',
  ].filter((x) => typeof x === 'string');
  return missingVerdict('cfm', TABLE_FORMULA, `Lacks ${lacking.join(', ')}.`);
}

/** Why a plain word cannot be said of an airflow, where it is not its σ alone. */
function whyNoWord(flow: ReconciledFlow, { doubt }: FlowKnowledge, { target }: PressureJudgement): string | undefined {
  if (flow.measured) return undefined;
  if (flow.usualOnly) return 'Nothing was measured: it is what such units usually move.';
  if (flow.dropOnly)
    return target && flow.flowCfm > target.highCfm
      ? 'A drop alone never says too much air: it is little air or the refrigerant side.'
      : 'The drop alone says little air or the refrigerant side, not which.';
  return doubt.seen.length > 0 ? doubt.signs[0] : undefined;
}

/** The one airflow's verdict: a word, its odds, what it rests on, and what would settle it where it can't be said. */
function airflowVerdict(
  pressure: PressureJudgement,
  flow: ReconciledFlow | undefined,
  known: FlowKnowledge,
  unit: UnitFacts,
  rules: Rules,
  settle: () => string | undefined,
): Verdict {
  if (!flow) return lackingFlow(pressure, unit, known);
  const counted = known.estimates.filter((e) => flow.counted.includes(e.id));
  const only = counted.length === 1 ? counted[0] : undefined;
  const base = {
    unit: 'cfm' as const,
    value: flow.flowCfm,
    readingIds: pressure.tesp.readingIds,
    working: {
      formula: only
        ? only.id === 'blowerTable'
          ? TABLE_FORMULA
          : `airflow by ${only.name.toLowerCase()}`
        : 'mean of the methods with weights 1/σ²',
      inputs: [
        ...(pressure.tespInWc === undefined
          ? []
          : [
              { name: 'external static', value: pressure.tespInWc, unit: 'inWc' as const, source: 'computed' as const },
            ]),
        ...counted.map((e) => ({
          name: `${e.name}, ± ${Math.round(e.sigmaShare * 100)} %`,
          value: e.flowCfm,
          unit: 'cfm' as const,
          source: 'computed' as const,
        })),
      ],
    },
  };
  const { target } = pressure;
  if (!target) {
    const sentence = `${flowText(flow.flowCfm)} ± ${flowText(flow.sigmaCfm)} CFM. Lacks the tons to judge it.`;
    return { ...base, word: 'cantSay', sentence };
  }
  const judged = airflowAgainst(flow, target, unit.tons, rules, whyNoWord(flow, known, pressure));
  const more = [
    known.estimates.length > 1 && `By ${counted.length} of ${known.estimates.length} methods.`,
    flow.disagreement?.sentence,
    judged.word === 'cantSay' && !known.doubt.seen.length && known.doubt.signs[0],
    judged.word === 'cantSay' && settle(),
  ].filter((x) => typeof x === 'string' && x !== '');
  return { ...base, ...judged, sentence: [judged.sentence, ...more].join(' ') };
}

/** What was last measured with the heat on. */
function heatFact(facts: readonly Fact[]): Fact | undefined {
  const standing = standingFacts(facts);
  return standing.get('gasHeat') ?? standing.get('electricHeat');
}

/** The last rise that was measured with the heat on. */
function measuredRise(facts: readonly Fact[]): { riseF: number; id: string } | undefined {
  const fact = heatFact(facts);
  const { returnF, supplyF } = fact?.inputs ?? {};
  if (!fact || typeof returnF !== 'number' || typeof supplyF !== 'number') return undefined;
  return { riseF: supplyF - returnF, id: fact.id };
}

/** What is known of the heater: as typed, else its output as it was measured while it heated. */
function heaterOf({ mode, heating, rise, facts }: VisitFacts): HeatingFacts | undefined {
  if (mode !== 'heating' || heating?.outputBtuH !== undefined) return heating;
  const fact = heatFact(facts);
  const outcome = fact && solveTool(toolOf(fact.kind)!, fact.inputs);
  return outcome?.ok ? { ...heating, outputBtuH: outcome.heatBtuH, riseMinF: rise?.min, riseMaxF: rise?.max } : heating;
}

const numberOf = (value: unknown) => (typeof value === 'number' ? value : undefined);

/** The air at the coil, where it was measured with its drop. */
function coolingAirOf(inputs: RawInputs | undefined, dropF: number | undefined): MeasuredFacts['coolingAir'] {
  const [returnF, outdoorF] = [numberOf(inputs?.returnF), numberOf(inputs?.outdoorF)];
  if (dropF === undefined || returnF === undefined || outdoorF === undefined) return undefined;
  const wet = inputs?.moisture !== 'rh';
  const percent = numberOf(inputs?.returnRhPercent);
  return {
    returnF,
    outdoorF,
    dropF,
    wetBulbF: wet ? numberOf(inputs?.returnWetF) : undefined,
    relativeHumidity: wet || percent === undefined ? undefined : percent / 100,
  };
}

/** Cross-section of the duct that was traversed, sq ft. */
function traversedAreaSqFt(facts: readonly Fact[]): number | undefined {
  const inputs = standingFacts(facts).get('traverse')?.inputs;
  const duct = inputs && traverseDuct(inputs);
  return duct && ductAreaSqFt(duct);
}

/** The motor's plate, with the last volts, amps and watts that were measured. */
function motorOf(plate: MotorFacts | undefined, facts: readonly Fact[]): MotorFacts | undefined {
  const inputs = standingFacts(facts).get('motorLoad')?.inputs;
  if (!inputs) return plate;
  return {
    ...plate,
    plateAmps: plate?.plateAmps ?? numberOf(inputs.plateAmps),
    serviceFactor: plate?.serviceFactor ?? numberOf(inputs.serviceFactor),
    phases: inputs.phases === 'three' ? 3 : 1,
    ...loadOf(inputs),
    watts: numberOf(inputs.watts),
  };
}

/** Why no slower speed is advised: RPM, amps or a second method must vouch for the air, and nothing speak against the fan. */
function noSlowerThan(
  known: FlowKnowledge,
  flow: ReconciledFlow,
  drive: BeltDrive | undefined,
  motor: MotorFacts | undefined,
) {
  const { doubt } = known;
  if (doubt.seen.length > 0 || doubt.share > 0)
    return `No slower speed while the fan itself is in doubt: ${doubt.signs[0] ?? ''}`.trim();
  const vouched =
    flow.measured || drive?.measuredRpm !== undefined || motor?.amps !== undefined || motor?.watts !== undefined;
  return vouched
    ? undefined
    : 'A caked wheel or a weak motor reads just so: RPM, amps or a second method first, then the slower speed.';
}

/**
 * Assesses a visit: pressure, the one airflow out of every method recorded, temperature drop, what was seen, what is odd, the measured
 * system, what to do about the speed, and what to read next. Pure; missing facts give "can't say" with what is missing.
 */
export function assessVisit<R extends PressureReading>(visit: VisitFacts<R>, rules: Rules): VisitAssessment<R> {
  const { readings, facts, mode, altitudeFt, drive } = visit;
  const heating = heaterOf(visit);
  const unit = mode === 'heating' ? { ...visit.unit, heatBand: heatBand(heating, altitudeFt) } : visit.unit;
  const layout = layoutOf(unit);
  const pressure = judgePressure(unit, readings, rules);
  const counted = countedPressures(layout, readings);
  const looks = looksOf(facts);
  const seen = lastLooks(looks);
  const motor = motorOf(visit.motorPlate, facts);
  const known = flowKnowledge({
    pressure,
    unit,
    mode,
    counted: [...counted.values()],
    facts,
    looks: seen,
    rules,
    conditions: visit.table ?? {},
    lineVolts: visit.lineVolts,
    densityRatio: altitudeFt ? densityOf({ altitudeFt }) / STANDARD_DENSITY : 1,
    altitudeFt,
    heating,
    motor,
    drive,
    proven: visit.proven,
  });
  const { estimates, doubt, bookFan } = known;
  const flow = reconcile(estimates);
  const at = flow && { flowCfm: flow.flowCfm, sigmaCfm: flow.sigmaCfm };
  const judgement = judgeWhole(
    pressure,
    unit,
    readings,
    rules,
    // What is only usual is no airflow to carry a share to the target by.
    at && { ...at, targetCfm: flow.usualOnly ? undefined : pressure.target?.flowCfm },
    visit.filters,
  );
  // The drop never judges itself: its own airflow is left out.
  const byOthers = reconcile(estimates.filter((e) => e.basis !== 'drop'));
  const judging = byOthers && !byOthers.usualOnly ? byOthers : undefined;
  const dropFact = standingFacts(facts).get('measuredDrop');
  const dropInputs = dropFact && { ...dropFact.inputs, flowCfm: judging?.flowCfm ?? null };
  const dropOutcome = dropInputs && solveTool(toolOf('measuredDrop')!, dropInputs);
  const dropAnswer = dropOutcome?.ok ? dropOutcome : undefined;
  const drop = judgeDrop(
    dropAnswer && dropInputs,
    judging,
    rules,
    dropFact ? [dropFact.id] : [],
    flow?.dropOnly ? 'The airflow comes from this drop itself: it cannot judge it. Another method must.' : undefined,
  );
  const rise = measuredRise(facts);
  const retest = filterRetest(unit, { tespInWc: pressure.tespInWc, counted }, readings, flow?.flowCfm, bookFan);
  const hold = holdOf(looks);
  const measured = measuredSystem({
    mode,
    unit,
    judgement,
    rules,
    flow,
    bookFan,
    tap: runningTap({ unit, drive }),
    secondPoint:
      bookFan || retest?.flowRatio === undefined
        ? undefined
        : { flowRatio: retest.flowRatio, tespInWc: retest.tespInWc },
    filterDropInWc: retest?.filterDropInWc,
    looks: seen,
    slowFan: doubt.seen,
    filters: visit.filters,
    altitudeFt,
    coolingAir: coolingAirOf(dropInputs, drop.value),
    heating,
    lowStage: visit.lowStage,
    motor,
    drive,
    ductAreaSqFt: traversedAreaSqFt(facts),
  });
  const model = 'system' in measured ? measured : undefined;
  const open = causesAt(unit).filter((cause) => !isCleared(cause, seen) && !isSeen(cause, seen));
  const standing: Standing = {
    unit,
    mode,
    counted,
    filterOutRead: new Set(filterOutPressures(readings).keys()),
    judgement,
    estimates,
    flow,
    doubt,
    open,
    drop,
    roomRead: typeof dropFact?.inputs.roomF === 'number',
    retest,
    hold,
    looked: seen.size,
    ampsRead: motor?.amps !== undefined,
    plateKnown: motor?.plateAmps !== undefined && motor.ratedHp !== undefined,
    rpmRead: drive?.measuredRpm !== undefined,
    driveKnown: drive !== undefined,
  };
  const airflow = airflowVerdict(pressure, flow, known, unit, rules, () => whatWouldSettle(standing));
  const settle = airflow.word === 'cantSay' && flow ? whatWouldSettle(standing) : undefined;
  const noSlower = flow && noSlowerThan(known, flow, drive, motor);
  const goal: Goal | undefined = pressure.target && {
    target: pressure.target,
    maxTesp: pressure.maxTesp,
    rules,
    flowShare: flow && flow.sigmaCfm / flow.flowCfm,
  };
  const due = [
    ...new Set(causesSeen(unit, seen).flatMap((cause) => (cause.mendedBy ? [moveOf(cause.mendedBy)!.name] : []))),
  ];
  return {
    layout,
    judgement,
    counted,
    standing: standingOf(layout, readings),
    pressures: new Map([...counted].map(([port, r]) => [port, r.staticInWc])),
    questions: questionsOf({
      unit,
      counted,
      judgement,
      flowCfm: flow?.flowCfm,
      measured: flow?.measured,
      drive,
      system: model?.system,
      context: goal && { goal, looks: seen },
    }),
    retest,
    ductBudget:
      rules.school === 'leftForDucts'
        ? ductBudgetOf(judgement, model?.system, flow, visit.effectiveLengthFt)
        : undefined,
    filterFace: visit.filters && flow && judgeFilterFace(visit.filters, flow.flowCfm, judgement.target, rules),
    estimates,
    flow,
    airflow,
    doubt,
    settle,
    offTable: known.offTable,
    drop,
    dropAnswer,
    rise: rise && judgeRise(rise.riseF, visit.rise, [rise.id]),
    looks: seen,
    findings: findings(looks),
    hold,
    model,
    noModel: 'why' in measured ? measured.why : undefined,
    motor,
    noSlower,
    advice: advise({
      system: model?.system,
      goal,
      tespInWc: pressure.tespInWc,
      airflow,
      lacks: 'why' in measured ? measured.why : goal ? undefined : 'Lacks the tons: no target to hold the air against.',
      offTable: known.offTable,
      due,
      noSlower,
    }),
    next: nextMeasure(standing),
  };
}
