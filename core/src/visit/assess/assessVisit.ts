import { advise, type Advice } from '../../fix/advise';
import { causesAt, causesSeen, isCleared, isSeen, type Looks } from '../../fix/causes';
import type { FanDoubt } from './fanDoubt';
import type { OffTable } from '../../air/fan';
import { type FlowEstimate, type ReconciledFlow, type Sureness } from '../../air/flow';
import { judgeFilterFace, type Judgement, type Rules, type UnitFacts } from '../../judge/verdicts';
import type { Verdict } from '../../base/verdict';
import { findings, type Finding } from '../../judge/look';
import { measuredSystem, type Goal, type MeasuredSystem } from '../../fix/model';
import { moveOf } from '../../fix/moves';
import { standingOf, type PressureReading, type ReadingStanding } from '../../air/readings';
import { type Stop } from '../../call/stop';
import { type Layout, type MotorFacts, type PortId } from '../../air/system';
import { type RawInputs, type ToolAnswer } from '../../base/forms';
import { airflowVerdict } from './airflow';
import { ductBudgetOf, type DuctBudget } from './ductBudget';
import { runningTap } from './estimates';
import { equipmentQuestions } from './equipmentQuestions';
import { readBeforeStopEnded } from './endedStop';
import { filterOutPressures, filterRetest, type FilterRetest } from './filterRetest';
import { disagreementOf, heldBy, noSlowerThan } from './held';
import { coolingAirOf, traversedAreaSqFt } from './measuredFacts';
import { measuredFindings, type MeasuredFinding } from './measuredFindings';
import { nextMeasure, whatWouldSettle, type NextMeasure, type Standing } from './nextMeasure';
import { type Question } from './openQuestion';
import { questionsOf } from './questions';
import { surenessOf } from './sureness';
import { underStop } from './underStop';
import type { VisitFacts } from './visitFacts';
import { judgeAir, type JudgedAir } from './judgeAir';
import { readVisit, type ReadVisit } from './readVisit';

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

/**
 * Assesses a visit: pressure, the one airflow out of every method recorded, temperature drop, what was seen, what is odd, the measured
 * system, what to do about the speed, and what to read next. Pure; missing facts give "can't say" with what is missing. While a stop is on,
 * or a question that holds the verdict is open, nothing plain is said.
 */
export function assessVisit<R extends PressureReading>(visit: VisitFacts<R>, rules: Rules): VisitAssessment<R> {
  const read = readVisit(visit, rules);
  const { layout, counted, pressure, unit, evidence, stop, known, motor, dropFact } = read;
  const { estimates, doubt, bookFan } = known;
  const seen = evidence.looks;
  const { drive } = visit;
  const air = judgeAir(visit, read, rules);
  const { flow, judgement, drop, dropAnswer, rise } = air;
  const retest = stop
    ? undefined
    : filterRetest(unit, { tespInWc: pressure.tespInWc, counted }, visit.readings, flow?.flowCfm, bookFan);
  const measured = modelOf(visit, read, air, retest, rules);
  const model = 'system' in measured ? measured : undefined;
  const goal: Goal | undefined = pressure.target && {
    target: pressure.target,
    maxTesp: pressure.maxTesp,
    rules,
    flowShare: flow && flow.sigmaCfm / flow.flowCfm,
  };
  const questions = questionsAt(visit, read, air, model, goal, rules);
  const open = questions.find(({ holdsVerdict }) => holdsVerdict);
  const standing = standingAt(visit, read, air, retest, open);
  const judgedAir = airflowVerdict(
    pressure,
    flow,
    known,
    unit,
    () => whatWouldSettle(standing),
    open?.sentence ?? disagreementOf(flow),
  );
  const airflow = stop ? underStop(judgedAir, stop) : judgedAir;
  const noSlower = flow && noSlowerThan(known, flow, drive, motor);
  const noModel = 'why' in measured ? measured.why : undefined;
  return {
    layout,
    judgement,
    counted,
    standing: standingOf(layout, visit.readings),
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
    settle: airflow.word === 'cantSay' && flow ? whatWouldSettle(standing) : undefined,
    offTable: stop ? undefined : known.offTable,
    drop,
    dropAnswer,
    rise,
    looks: seen,
    recorded: evidence.recorded,
    findings: findings(evidence.recorded),
    measuredFindings: measuredFindings(drive, dropFact?.inputs, rules),
    stop,
    model,
    noModel,
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
      lacks: noModel ?? (goal ? undefined : 'Missing: tons. They set the airflow target.'),
      offTable: known.offTable,
      due: dueFixes(unit, seen, questions),
      noSlower,
      measuredTwice: measuredTwice(estimates, flow),
    }),
    held: heldBy(airflow, open?.sentence ?? disagreementOf(flow), doubt, flow?.usualOnly),
    unsure: airflow.word === 'cantSay' ? airflow.sentence : undefined,
    next: nextMeasure({ ...standing, airWord: airflow.word }),
  };
}

/** What was read and what is open, as the next measurement is chosen by it. */
function standingAt<R extends PressureReading>(
  { mode, readings, drive }: VisitFacts<R>,
  { counted, unit, evidence, stop, known, motor, dropFact, leakF }: ReadVisit<R>,
  { flow, judgement, drop }: JudgedAir,
  retest: FilterRetest | undefined,
  question: Question | undefined,
): Standing {
  const { looks } = evidence;
  return {
    unit,
    mode,
    counted,
    filterOutRead: new Set(filterOutPressures(readings).keys()),
    judgement,
    estimates: known.estimates,
    flow,
    doubt: known.doubt,
    open: causesAt(unit).filter((cause) => !isCleared(cause, looks) && !isSeen(cause, looks)),
    drop,
    dropTooEarly: isTooEarly(dropFact?.inputs),
    roomRead: typeof dropFact?.inputs.roomF === 'number',
    leaks: leakF !== undefined,
    retest,
    stop,
    question,
    looked: looks.size,
    ampsRead: motor?.amps !== undefined,
    plateKnown: motor?.plateAmps !== undefined && motor.ratedHp !== undefined,
    rpmRead: drive?.measuredRpm !== undefined,
    driveKnown: drive !== undefined,
  };
}

/** The measured system of the visit, or why there is none. */
function modelOf<R extends PressureReading>(
  visit: VisitFacts<R>,
  { unit, evidence, stop, known, heating, motor }: ReadVisit<R>,
  { flow, judgement, drop, dropInputs }: JudgedAir,
  retest: FilterRetest | undefined,
  rules: Rules,
): ReturnType<typeof measuredSystem> {
  if (stop) return { why: `${stop.why} ${stop.first}` };
  const { drive, mode, altitudeFt } = visit;
  const { bookFan } = known;
  return measuredSystem({
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
    looks: evidence.looks,
    slowFan: known.doubt.seen,
    filters: visit.filters,
    altitudeFt,
    coolingAir: coolingAirOf(dropInputs, drop.value),
    heating,
    lowStage: visit.stage === 'low' ? undefined : visit.lowStage,
    motor,
    drive,
    ductAreaSqFt: traversedAreaSqFt(visit.facts),
  });
}

/** What is odd and has to be answered. While a stop is on there is one thing to do, and nothing to ask. */
function questionsAt<R extends PressureReading>(
  visit: VisitFacts<R>,
  { unit, counted, evidence, stop, state, context, answered }: ReadVisit<R>,
  { flow, judgement }: JudgedAir,
  model: MeasuredSystem | undefined,
  goal: Goal | undefined,
  rules: Rules,
): readonly Question[] {
  if (stop) return [];
  const { looks } = evidence;
  return [
    ...state.questions,
    ...readBeforeStopEnded(visit.facts, context, counted, answered),
    ...equipmentQuestions({ ...visit, looks }).filter(({ id }) => !answered.has(id)),
    ...questionsOf({
      unit,
      counted,
      judgement,
      rules,
      flowCfm: flow?.flowCfm,
      measured: flow?.measured,
      drive: visit.drive,
      system: model?.system,
      context: goal && { goal, looks },
      looks,
      answered,
    }),
  ];
}

/** Fixes that are due by what was seen. One that an open question doubts is not advised until somebody answered. */
function dueFixes(unit: UnitFacts, seen: Looks, questions: readonly Question[]): string[] {
  const doubted = new Set(questions.map(({ moveId }) => moveId));
  const names = causesSeen(unit, seen).flatMap(({ mendedBy }) =>
    mendedBy && !doubted.has(mendedBy) ? [moveOf(mendedBy)!.name] : [],
  );
  return [...new Set(names)];
}

/** Temperatures taken before the coil was steady, minutes. @source trade practice: 10 to 15 after the start */
const isTooEarly = (inputs: RawInputs | undefined) => typeof inputs?.minutes === 'number' && inputs.minutes < 10;

/** Two measurements of the air that agree: they outweigh any book. */
const measuredTwice = (estimates: readonly FlowEstimate[], flow: ReconciledFlow | undefined): boolean =>
  estimates.filter((e) => flow?.counted.includes(e.id) && (e.basis ?? 'measured') === 'measured').length >= 2;
