import { advise, type Advice } from '../advise';
import { densityOf, STANDARD_DENSITY } from '../air';
import { causesAt, causesSeen, isCleared, isSeen, type Looks } from '../causes';
import type { FanDoubt } from '../doubt';
import type { OffTable } from '../fan';
import { reconcile, type FlowEstimate, type ReconciledFlow, type Sureness } from '../flow';
import {
  judgeDrop,
  judgeFilterFace,
  judgePressure,
  judgeRise,
  judgeWhole,
  type Judgement,
  type Rules,
  type UnitFacts,
  type Verdict,
} from '../judge';
import { findings, type Finding } from '../look';
import { measuredSystem, type Goal, type MeasuredSystem } from '../model';
import { moveOf } from '../moves';
import { countedPressures, standingOf, type PressureReading, type ReadingStanding } from '../readings';
import { stopOf, type Stop } from '../stop';
import { layoutOf, type Layout, type MotorFacts, type PortId } from '../system';
import { solveTool, toolOf, type RawInputs, type ToolAnswer } from '../tools';
import { airflowVerdict } from './airflow';
import { ductBudgetOf, type DuctBudget } from './ductBudget';
import { flowKnowledge, runningTap } from './estimates';
import { equipmentQuestions } from './equipmentQuestions';
import { readBeforeStopEnded } from './endedStop';
import { evidenceOf, measuredVolts } from './evidence';
import { asideReasons, checksOf, standingFacts } from './facts';
import { totalStaticOf } from './totalStaticOf';
import { filterOutPressures, filterRetest, type FilterRetest } from './filterRetest';
import { disagreementOf, heldBy, noSlowerThan } from './held';
import { judgedUnit, settingCfmOf } from './judgedUnit';
import { coolingAirOf, heaterOf, measuredRise, motorOf, traversedAreaSqFt } from './measuredFacts';
import { measuredFindings, returnOffRoomF, type MeasuredFinding } from './measuredFindings';
import { nextMeasure, whatWouldSettle, type NextMeasure, type Standing } from './nextMeasure';
import { readState, type Question } from './openQuestion';
import { questionsOf } from './questions';
import { surenessOf } from './sureness';
import { pressureUnderStop, underStop } from './underStop';
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
  /** The last look at each thing, with what meters and counts told: what every part of the judgement goes by. */
  readonly looks: Looks;
  /** The same as it was recorded: what a page shows as chosen. */
  readonly recorded: Looks;
  readonly findings: readonly Finding[];
  /** What measurements show to be wrong beside the verdicts. */
  readonly measuredFindings: readonly MeasuredFinding[];
  /** While there is one, nothing else is judged, advised, planned or promised. */
  readonly stop?: Stop;
  /** The measured system, fit for being changed; absent while it is not known well enough. */
  readonly model?: MeasuredSystem;
  /** Why there is none, in a sentence. */
  readonly noModel?: string;
  /** How sure the readings behind the model are; absent without an airflow. */
  readonly sure?: Sureness;
  /** The motor's plate with what was measured of it. */
  readonly motor?: MotorFacts;
  /** Why no slower speed is advised; absent when one may be. */
  readonly noSlower?: string;
  readonly advice: Advice;
  /** Why nothing but what is due may be planned, in a sentence: an open question, methods that disagree, a fan in doubt. */
  readonly held?: string;
  /** Why the air cannot be told, in a sentence: then nothing is said to be left as it is. */
  readonly unsure?: string;
  readonly next?: NextMeasure;
}

/** The temperatures as they were recorded, with the tons of the stage that ran. */
function dropInputsOf(visit: VisitFacts, unit: UnitFacts, flowCfm: number | undefined) {
  const fact = standingFacts(visit.facts).get('measuredDrop');
  if (!fact) return undefined;
  const tons = visit.stage === 'low' && unit.tons !== undefined ? { tons: unit.tons } : {};
  return { id: fact.id, inputs: { ...fact.inputs, ...tons, flowCfm: flowCfm ?? null } };
}

/**
 * Assesses a visit: pressure, the one airflow out of every method recorded, temperature drop, what was seen, what is odd, the measured
 * system, what to do about the speed, and what to read next. Pure; missing facts give "can't say" with what is missing. While a stop is on,
 * or a question that holds the verdict is open, nothing plain is said.
 */
export function assessVisit<R extends PressureReading>(visit: VisitFacts<R>, rules: Rules): VisitAssessment<R> {
  const { readings, facts, mode, altitudeFt, drive } = visit;
  const layout = layoutOf(visit.unit);
  const counted = countedPressures(layout, readings);
  const aside = asideReasons(facts);
  const answered = new Set(aside.keys());
  const state = readState(visit, counted, answered);
  const unit = judgedUnit(visit, state.tap);
  const heating = heaterOf(visit);
  const pressure = judgePressure(unit, readings, rules, totalStaticOf(facts));
  const motor = motorOf(visit.motorPlate, facts);
  const dropFact = standingFacts(facts).get('measuredDrop');
  const leakF = returnOffRoomF(dropFact?.inputs);
  const nominalVolts = visit.motorPlate?.plateVolts ?? visit.lineVolts;
  const context = {
    drive,
    settingCfm: settingCfmOf(unit),
    slipShare: rules.slipShare,
    tolerancePercent: 100 * rules.capacitorShare,
    nominalVolts,
    leakF,
  };
  const evidence = evidenceOf(facts, context);
  const seen = evidence.looks;
  const stop = stopOf({
    looks: evidence.recorded,
    checks: checksOf(facts),
    lineVolts: nominalVolts,
  });
  const known = flowKnowledge({
    pressure,
    unit,
    mode,
    counted: [...counted.values()],
    facts,
    looks: seen,
    rules,
    conditions: visit.table ?? {},
    lineVolts: measuredVolts(facts, nominalVolts) ?? visit.lineVolts,
    densityRatio: altitudeFt ? densityOf({ altitudeFt }) / STANDARD_DENSITY : 1,
    altitudeFt,
    heating,
    motor,
    drive,
    proven: visit.proven,
  });
  const { estimates, doubt, bookFan } = known;
  // What is read while a stop is on is no airflow of this unit.
  const flow = stop ? undefined : reconcile(estimates);
  const at = flow && { flowCfm: flow.flowCfm, sigmaCfm: flow.sigmaCfm };
  const whole = judgeWhole(
    pressure,
    unit,
    readings,
    rules,
    // What is only usual is no airflow to carry a share to the target by.
    at && { ...at, targetCfm: flow.usualOnly ? undefined : pressure.target?.flowCfm },
    visit.filters,
  );
  const judgement = stop ? pressureUnderStop(whole, stop) : whole;
  // The drop never judges itself: its own airflow is left out.
  const byOthers = stop ? undefined : reconcile(estimates.filter((e) => e.basis !== 'drop'));
  const judging = byOthers && !byOthers.usualOnly ? byOthers : undefined;
  const dropOf = dropInputsOf(visit, unit, judging?.flowCfm);
  const dropOutcome = dropOf && solveTool(toolOf('measuredDrop')!, dropOf.inputs);
  const dropAnswer = dropOutcome?.ok ? dropOutcome : undefined;
  const judgedDrop = judgeDrop(
    dropAnswer && dropOf?.inputs,
    judging,
    rules,
    dropOf ? [dropOf.id] : [],
    flow?.dropOnly ? 'The airflow comes from this drop itself: it cannot judge it. Another method must.' : undefined,
  );
  const drop = stop ? underStop(judgedDrop, stop) : judgedDrop;
  const rise = measuredRise(facts);
  const judgedRise = rise && judgeRise(rise.riseF, visit.rise, [rise.id]);
  const retest = stop
    ? undefined
    : filterRetest(unit, { tespInWc: pressure.tespInWc, counted }, readings, flow?.flowCfm, bookFan);
  const measured = stop
    ? { why: `${stop.why} ${stop.first}` }
    : measuredSystem({
        mode,
        unit,
        judgement,
        rules,
        flow,
        bookFan,
        bookShare: known.bookShare,
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
        coolingAir: coolingAirOf(dropOf?.inputs, drop.value),
        heating,
        lowStage: visit.stage === 'low' ? undefined : visit.lowStage,
        motor,
        drive,
        ductAreaSqFt: traversedAreaSqFt(facts),
      });
  const model = 'system' in measured ? measured : undefined;
  const goal: Goal | undefined = pressure.target && {
    target: pressure.target,
    maxTesp: pressure.maxTesp,
    rules,
    flowShare: flow && flow.sigmaCfm / flow.flowCfm,
  };
  // While a stop is on there is one thing to do, and nothing to ask.
  const questions = stop
    ? []
    : [
        ...state.questions,
        ...readBeforeStopEnded(facts, context, counted, answered),
        ...equipmentQuestions({ ...visit, looks: seen }).filter(({ id }) => !answered.has(id)),
        ...questionsOf({
          unit,
          counted,
          judgement,
          rules,
          flowCfm: flow?.flowCfm,
          measured: flow?.measured,
          drive,
          system: model?.system,
          context: goal && { goal, looks: seen },
          looks: seen,
          answered,
        }),
      ];
  const open = questions.find(({ holdsVerdict }) => holdsVerdict);
  const openCauses = causesAt(unit).filter((cause) => !isCleared(cause, seen) && !isSeen(cause, seen));
  const standing: Standing = {
    unit,
    mode,
    counted,
    filterOutRead: new Set(filterOutPressures(readings).keys()),
    judgement,
    estimates,
    flow,
    doubt,
    open: openCauses,
    drop,
    dropTooEarly: isTooEarly(dropFact?.inputs),
    roomRead: typeof dropFact?.inputs.roomF === 'number',
    leaks: leakF !== undefined,
    retest,
    stop,
    question: open,
    looked: seen.size,
    ampsRead: motor?.amps !== undefined,
    plateKnown: motor?.plateAmps !== undefined && motor.ratedHp !== undefined,
    rpmRead: drive?.measuredRpm !== undefined,
    driveKnown: drive !== undefined,
  };
  const judgedAir = airflowVerdict(
    pressure,
    flow,
    known,
    unit,
    () => whatWouldSettle(standing),
    open?.sentence ?? disagreementOf(flow),
  );
  const airflow = stop ? underStop(judgedAir, stop) : judgedAir;
  const settle = airflow.word === 'cantSay' && flow ? whatWouldSettle(standing) : undefined;
  const noSlower = flow && noSlowerThan(known, flow, drive, motor);
  // A fix that an open question doubts is not advised until somebody answered.
  const doubted = new Set(questions.map(({ moveId }) => moveId));
  const due = [
    ...new Set(
      causesSeen(unit, seen).flatMap(({ mendedBy }) =>
        mendedBy && !doubted.has(mendedBy) ? [moveOf(mendedBy)!.name] : [],
      ),
    ),
  ];
  const held = heldBy(airflow, open?.sentence ?? disagreementOf(flow), doubt, flow?.usualOnly);
  return {
    layout,
    judgement,
    counted,
    standing: standingOf(layout, readings),
    pressures: new Map([...counted].map(([port, r]) => [port, r.staticInWc])),
    questions,
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
    offTable: stop ? undefined : known.offTable,
    drop,
    dropAnswer,
    rise: stop && judgedRise ? underStop(judgedRise, stop) : judgedRise,
    looks: seen,
    recorded: evidence.recorded,
    findings: findings(evidence.recorded),
    measuredFindings: measuredFindings(drive, dropFact?.inputs, rules),
    stop,
    model,
    noModel: 'why' in measured ? measured.why : undefined,
    sure: flow && surenessOf(flow, known, judgement, rules),
    motor,
    noSlower,
    advice: advise({
      stop,
      question: open,
      system: model?.system,
      goal,
      tespInWc: pressure.tespInWc,
      airflow,
      lacks: 'why' in measured ? measured.why : goal ? undefined : 'Lacks the tons: no target to hold the air against.',
      offTable: known.offTable,
      due,
      noSlower,
      measuredTwice: measuredTwice(estimates, flow),
    }),
    held,
    unsure: airflow.word === 'cantSay' ? airflow.sentence : undefined,
    next: nextMeasure({ ...standing, airWord: airflow.word }),
  };
}

/** Temperatures taken before the coil was steady, minutes. @source trade practice: 10 to 15 after the start */
const isTooEarly = (inputs: RawInputs | undefined) => typeof inputs?.minutes === 'number' && inputs.minutes < 10;

/** Two measurements of the air that agree: they outweigh any book. */
const measuredTwice = (estimates: readonly FlowEstimate[], flow: ReconciledFlow | undefined): boolean =>
  estimates.filter((e) => flow?.counted.includes(e.id) && (e.basis ?? 'measured') === 'measured').length >= 2;
