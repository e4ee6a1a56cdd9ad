import { advise, type Advice } from '../advise';
import { densityOf, STANDARD_DENSITY } from '../air';
import { causesAt, causesSeen, isCleared, isSeen } from '../causes';
import type { FanDoubt } from '../doubt';
import type { BeltDrive } from '../drive';
import type { OffTable } from '../fan';
import { reconcile, type FlowEstimate, type ReconciledFlow } from '../flow';
import {
  judgeDrop,
  judgeFilterFace,
  judgePressure,
  judgeRise,
  judgeWhole,
  type Judgement,
  type Rules,
  type Verdict,
} from '../judge';
import { findings, holdOf, lastLooks, type Finding, type Hold, type Look } from '../look';
import { heatBand, measuredSystem, type Goal, type MeasuredSystem } from '../model';
import { moveOf } from '../moves';
import { countedPressures, standingOf, type PressureReading, type ReadingStanding } from '../readings';
import { layoutOf, type Layout, type MotorFacts, type PortId } from '../system';
import { solveTool, toolOf, type ToolAnswer } from '../tools';
import { airflowVerdict } from './airflow';
import { ductBudgetOf, type DuctBudget } from './ductBudget';
import { flowKnowledge, runningTap, type FlowKnowledge } from './estimates';
import { looksOf, standingFacts } from './facts';
import { filterOutPressures, filterRetest, type FilterRetest } from './filterRetest';
import { coolingAirOf, heaterOf, measuredRise, motorOf, traversedAreaSqFt } from './measuredFacts';
import { nextMeasure, whatWouldSettle, type NextMeasure, type Standing } from './nextMeasure';
import { questionsOf, type Question } from './questions';
import type { VisitFacts } from './visitFacts';

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
      rules,
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
