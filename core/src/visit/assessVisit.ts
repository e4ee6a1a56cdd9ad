import { tapAdvice, type TapAdvice } from '../advise';
import type { BeltDrive } from '../drive';
import type { FilterFacts } from '../filter';
import { reconcile, type FlowEstimate, type ReconciledFlow } from '../flow';
import {
  flowInBand,
  judge,
  judgeDrop,
  judgeFilterFace,
  judgeRise,
  type Judgement,
  type Rules,
  type UnitFacts,
  type Verdict,
} from '../judge';
import { findings, holdOf, lastLooks, type Finding, type Hold, type Look } from '../look';
import { heatBand, modelOf, type ModelFacts, type SystemModel } from '../model';
import { countedPressures, standingOf, type PressureReading, type ReadingStanding } from '../readings';
import { layoutOf, type HeatingFacts, type Layout, type LowStage, type MotorFacts, type PortId } from '../system';
import { loadOf, solveTool, toolOf, traverseDuct, type RawInputs, type ToolAnswer } from '../tools';
import { ductAreaSqFt } from '../traverse';
import { flowText } from '../words';
import { ductBudgetOf, type DuctBudget } from './ductBudget';
import { flowEstimates, type TableConditions } from './estimates';
import { looksOf, standingFacts, type Fact } from './facts';
import { filterOutPressures, filterRetest, type FilterRetest } from './filterRetest';
import { nextMeasure, type NextMeasure } from './nextMeasure';
import { pressureQuestions, type Question } from './questions';

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
}

/** Everything that can be said of a visit. */
export interface VisitAssessment<R extends PressureReading = PressureReading> {
  readonly layout: Layout;
  readonly judgement: Judgement;
  readonly counted: ReadonlyMap<PortId, R>;
  readonly standing: readonly ReadingStanding<R>[];
  readonly pressures: ReadonlyMap<PortId, number>;
  readonly questions: readonly Question[];
  readonly retest?: FilterRetest;
  readonly ductBudget?: DuctBudget;
  /** Velocity through the filters against the shop's limit, once their size and the airflow are known. */
  readonly filterFace?: Verdict;
  readonly estimates: readonly FlowEstimate[];
  readonly flow?: ReconciledFlow;
  /** Airflow by all methods that count, against the band. */
  readonly airflow: Verdict;
  readonly drop: Verdict;
  /** The drop's other figures: prediction, capacity, ice. */
  readonly dropAnswer?: ToolAnswer;
  readonly rise?: Verdict;
  readonly looks: ReadonlyMap<string, Look>;
  readonly findings: readonly Finding[];
  readonly hold?: Hold;
  /** The measured system, fit for being changed; absent while it is not known well enough. */
  readonly model?: SystemModel;
  /** The motor's plate with what was measured of it. */
  readonly motor?: MotorFacts;
  readonly advice: TapAdvice;
  readonly next?: NextMeasure;
}

/** Airflow's verdict when more than the table speaks. */
function airflowVerdict(
  judgement: Judgement,
  flow: ReconciledFlow | undefined,
  estimates: readonly FlowEstimate[],
  unit: UnitFacts,
  rules: Rules,
): Verdict {
  if (!flow || (flow.counted.length === 1 && flow.counted[0] === 'blowerTable' && estimates.length === 1)) {
    return judgement.airflow;
  }
  const counted = estimates.filter((e) => flow.counted.includes(e.id));
  const base = {
    unit: 'cfm' as const,
    readingIds: judgement.airflow.readingIds,
    working: {
      formula:
        counted.length > 1
          ? 'mean of the methods with weights 1/σ²'
          : `airflow by ${counted[0]?.name.toLowerCase() ?? 'one method'}`,
      inputs: counted.map((e) => ({
        name: `${e.name}, ± ${Math.round(e.sigmaShare * 100)} %`,
        value: e.flowCfm,
        unit: 'cfm' as const,
        source: 'computed' as const,
      })),
    },
  };
  const sure = `± ${flowText(flow.sigmaCfm)}`;
  const { target } = judgement;
  if (!target) {
    const sentence = `${flowText(flow.flowCfm)} CFM ${sure}. Lacks the tons to judge it.`;
    return { ...base, value: flow.flowCfm, word: 'cantSay', sentence };
  }
  const judged = flowInBand(flow.flowCfm, target, unit.tons, rules);
  const doubt = flow.disagreement ? ` ${flow.disagreement.sentence}` : '';
  return {
    ...base,
    ...judged,
    sentence: `${judged.sentence} ${sure} by ${counted.length} of ${estimates.length}.${doubt}`,
  };
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
function coolingAirOf(inputs: RawInputs | undefined, dropF: number | undefined): ModelFacts['coolingAir'] {
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

/**
 * Assesses a visit: pressure, airflow by every method recorded, temperature drop, what was seen, what is odd, and what to do
 * next. Pure; missing facts give "can't say" with what is missing.
 */
export function assessVisit<R extends PressureReading>(visit: VisitFacts<R>, rules: Rules): VisitAssessment<R> {
  const { readings, facts, mode } = visit;
  const heating = heaterOf(visit);
  const unit = mode === 'heating' ? { ...visit.unit, heatBand: heatBand(heating, visit.altitudeFt) } : visit.unit;
  const layout = layoutOf(unit);
  const judgement = judge(unit, readings, rules);
  const counted = countedPressures(layout, readings);
  const looks = looksOf(facts);
  const seen = lastLooks(looks);
  const estimates = flowEstimates(judgement, unit, [...counted.values()], facts, rules, {
    conditions: visit.table ?? {},
    lineVolts: visit.lineVolts,
    wheelCaked: seen.get('wheel')?.state === 'caked' && seen.get('wheel')?.outcome !== 'dealtWith',
  });
  const flow = reconcile(estimates);
  const airflow = airflowVerdict(judgement, flow, estimates, unit, rules);
  const dropFact = standingFacts(facts).get('measuredDrop');
  const dropInputs = dropFact && { ...dropFact.inputs, flowCfm: flow?.flowCfm ?? null };
  const dropOutcome = dropInputs && solveTool(toolOf('measuredDrop')!, dropInputs);
  const dropAnswer = dropOutcome?.ok ? dropOutcome : undefined;
  const drop = judgeDrop(dropAnswer && dropInputs, flow, rules, dropFact ? [dropFact.id] : []);
  const rise = measuredRise(facts);
  const retest = filterRetest(unit, judgement, readings);
  const hold = holdOf(looks);
  const motor = motorOf(visit.motorPlate, facts);
  const model = modelOf({
    judgement,
    rules,
    flow,
    filterDropInWc: retest?.filterDropInWc,
    looks: seen,
    filterPlace: unit.filterPlace,
    filters: visit.filters,
    tons: unit.tons,
    altitudeFt: visit.altitudeFt,
    coolingAir: coolingAirOf(dropInputs, drop.value),
    mode,
    heating,
    lowStage: visit.lowStage,
    motor,
    drive: visit.drive,
    ductAreaSqFt: traversedAreaSqFt(facts),
  });
  return {
    layout,
    judgement,
    counted,
    standing: standingOf(layout, readings),
    pressures: new Map([...counted].map(([port, r]) => [port, r.staticInWc])),
    questions: pressureQuestions(layout, counted, judgement),
    retest,
    ductBudget: rules.school === 'leftForDucts' ? ductBudgetOf(judgement, visit.effectiveLengthFt) : undefined,
    filterFace: visit.filters && flow && judgeFilterFace(visit.filters, flow.flowCfm, judgement.target, rules),
    estimates,
    flow,
    airflow,
    drop,
    dropAnswer,
    rise: rise && judgeRise(rise.riseF, visit.rise, [rise.id]),
    looks: seen,
    findings: findings(looks),
    hold,
    model,
    motor,
    advice: tapAdvice(model ? { ...judgement, system: model.system } : judgement, rules),
    next: nextMeasure({
      unit,
      mode,
      counted,
      filterOutRead: new Set(filterOutPressures(readings).keys()),
      judgement,
      estimates,
      flow,
      drop,
      retest,
      hold,
      looked: seen.size,
    }),
  };
}
