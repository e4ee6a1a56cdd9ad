import { densityOf, STANDARD_DENSITY } from '../../air/moistAir';
import { countedPressures, type PressureReading } from '../../air/readings';
import { layoutOf } from '../../air/system';
import { asideReasons, standingFacts, stepsOf } from '../../call/facts';
import { stopOf } from '../../call/stop';
import { judgePressure, type Rules } from '../../judge/verdicts';
import { flowKnowledge } from './estimates';
import { evidenceOf, measuredVolts } from './evidence';
import { judgedUnit, settingCfmOf } from './judgedUnit';
import { heaterOf, motorOf } from './measuredFacts';
import { returnOffRoomF } from './measuredFindings';
import { readState } from './openQuestion';
import { totalStaticOf } from './totalStaticOf';
import type { VisitFacts } from './visitFacts';

/** What was read and seen, before anything is said of the air: statics that count, looks, the stop, every way to the airflow. */
export function readVisit<R extends PressureReading>(visit: VisitFacts<R>, rules: Rules) {
  const { readings, facts, mode, altitudeFt, drive } = visit;
  const layout = layoutOf(visit.unit);
  const counted = countedPressures(layout, readings);
  const answered = new Set(asideReasons(facts).keys());
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
  const stop = stopOf({ looks: evidence.recorded, steps: stepsOf(facts), lineVolts: nominalVolts });
  const known = flowKnowledge({
    pressure,
    unit,
    mode,
    counted: [...counted.values()],
    facts,
    looks: evidence.looks,
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
  return {
    layout,
    counted,
    answered,
    state,
    unit,
    heating,
    pressure,
    motor,
    dropFact,
    leakF,
    context,
    evidence,
    stop,
    known,
  };
}

export type ReadVisit<R extends PressureReading> = ReturnType<typeof readVisit<R>>;
