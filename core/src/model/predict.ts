import { densityOf } from '../air';
import { COIL_CFM_PER_TON, predictCoil } from '../coil';
import { tapRow } from '../fan';
import { faceVelocityFpm } from '../filter';
import { wordInBand, wordUnder, type Rules, type Sourced, type Target, type VerdictWord } from '../judge';
import { operate, type Operation } from '../operate';
import { onTap, type System } from '../system';
import { flowText } from '../words';
import { motorLoad, powerOf, type MotorLoad, type Power } from './power';

export * from './power';

/** What a prediction is judged against. */
export interface Goal {
  readonly target: Target;
  readonly maxTesp: Sourced;
  readonly rules: Rules;
}

export interface HeatingPrediction {
  /** undefined when the table does not know its tap. */
  readonly operation?: Operation;
  readonly riseF?: number;
  readonly word: VerdictWord;
  /** What the plate allows, and what it means. */
  readonly sentence: string;
}

/** Everything the air would do with a system as it stands. */
export interface Prediction {
  readonly system: System;
  readonly operation: Operation;
  /** Airflow against the band. */
  readonly airflow: VerdictWord;
  readonly tesp: VerdictWord;
  /** Room left to the nameplate, in. w.c.; below 0 it is over. */
  readonly marginInWc?: number;
  readonly dropF?: number;
  readonly low?: { readonly operation: Operation; readonly airflow: VerdictWord };
  readonly heating?: HeatingPrediction;
  readonly power?: Power;
  readonly motor?: MotorLoad;
  readonly faceFpm?: number;
  readonly face: VerdictWord;
  /** Velocity in the duct that was traversed, fpm. */
  readonly ductFpm?: number;
  readonly duct: VerdictWord;
}

/** Velocity in a main duct above which it is heard, fpm. Rule of thumb for houses and offices. */
export const QUIET_DUCT_FPM = 900;

/** How much of the plate's rise range stays clear at either end before it is called the edge. */
const RISE_EDGE = 0.1;

/** Temperature rise of a heat output into an airflow, °F: Btu/h ÷ (60·ρ·0.24·CFM). @example riseAt(40_000, 1000, 0) // 37.0 */
export const riseAt = (outputBtuH: number, flowCfm: number, altitudeFt = 0): number =>
  outputBtuH / (60 * densityOf({ altitudeFt }) * 0.24 * flowCfm);

/** Heating on its own speed: rise against the plate, airflow against the heat kit's least. */
export function predictHeating(system: System): HeatingPrediction | undefined {
  const { heating } = system;
  if (!heating || (heating.outputBtuH === undefined && heating.leastCfm === undefined)) return undefined;
  const tap = heating.tap ?? system.fan.tap;
  if (!tapRow(system.fan.table, tap))
    return { word: 'cantSay', sentence: `The maker’s table has no ${tap}: say heating’s tap as the table names it.` };
  const operation = operate(onTap(system, tap));
  if (operation.kind === 'offTable')
    return { operation, word: 'cantSay', sentence: `Heating on tap ${operation.tap} leaves the table.` };
  const { flowCfm } = operation;
  const { outputBtuH, riseMinF, riseMaxF, leastCfm } = heating;
  if (leastCfm !== undefined && flowCfm < leastCfm)
    return {
      operation,
      word: 'outside',
      sentence: `Heating moves ${flowText(flowCfm)} CFM; the heat kit needs ${flowText(leastCfm)}.`,
    };
  if (outputBtuH === undefined || riseMinF === undefined || riseMaxF === undefined) {
    return { operation, word: 'cantSay', sentence: 'Lacks the heater’s output or the plate’s rise.' };
  }
  const riseF = riseAt(outputBtuH, flowCfm, system.altitudeFt);
  const edge = RISE_EDGE * (riseMaxF - riseMinF);
  const range = `the plate allows ${riseMinF} to ${riseMaxF}`;
  const says = `Rise ${riseF.toFixed(0)} °F, ${range}.`;
  if (riseF > riseMaxF)
    return { operation, riseF, word: 'outside', sentence: `${says} Too little air for the heat: limits trip.` };
  if (riseF < riseMinF)
    return { operation, riseF, word: 'outside', sentence: `${says} Too much air for the heat: risk of condensing.` };
  const word = riseF > riseMaxF - edge || riseF < riseMinF + edge ? 'atTheEdge' : 'inside';
  return { operation, riseF, word, sentence: says };
}

function predictDrop(system: System, flowCfm: number): number | undefined {
  const { cooling } = system;
  if (!cooling) return undefined;
  const perTon = flowCfm / cooling.tons;
  if (perTon < COIL_CFM_PER_TON.min || perTon > COIL_CFM_PER_TON.max) return undefined;
  return predictCoil({ ...cooling, altitudeFt: system.altitudeFt }, flowCfm).dropF + cooling.offsetF;
}

/**
 * What a system does: airflow, static, drop, heating, power, and each against its limit. Cooling, its low stage and heating are
 * predicted together, each on its own speed.
 *
 * @param measured the system as it was measured, from which power is carried over; the system itself when it is that
 */
export function predict(system: System, goal: Goal, measured: System = system): Prediction {
  const { target, maxTesp, rules } = goal;
  const operation = operate(system);
  const heating = predictHeating(system);
  const { lowStage } = system;
  const lowAt = lowStage && tapRow(system.fan.table, lowStage.tap) ? operate(onTap(system, lowStage.tap)) : undefined;
  const low = lowAt &&
    lowStage && {
      operation: lowAt,
      airflow:
        lowAt.kind === 'crossing'
          ? wordInBand(lowAt.flowCfm, target.flowCfm * lowStage.share, rules.bandShare, rules.edgeShare)
          : ('cantSay' as const),
    };
  if (operation.kind === 'offTable')
    return { system, operation, airflow: 'cantSay', tesp: 'cantSay', face: 'cantSay', duct: 'cantSay', low, heating };
  const { flowCfm, tespInWc } = operation;
  const measuredAt = measured === system ? operation : operate(measured);
  const power =
    measuredAt.kind === 'crossing' ? powerOf(system, operation, { system: measured, at: measuredAt }) : undefined;
  const faceFpm = system.filters && faceVelocityFpm(flowCfm * (system.filterFlowShare ?? 1), system.filters);
  const ductFpm = system.ductAreaSqFt && flowCfm / system.ductAreaSqFt;
  return {
    system,
    operation,
    airflow: wordInBand(flowCfm, target.flowCfm, rules.bandShare, rules.edgeShare),
    tesp: wordUnder(tespInWc, maxTesp.value, rules.edgeShare),
    marginInWc: maxTesp.value - tespInWc,
    dropF: predictDrop(system, flowCfm),
    low,
    heating,
    power,
    motor: motorLoad(system, power),
    faceFpm,
    ductFpm,
    duct: ductFpm === undefined ? 'cantSay' : wordUnder(ductFpm, QUIET_DUCT_FPM, rules.edgeShare),
    face: faceFpm === undefined ? 'cantSay' : wordUnder(faceFpm, rules.filterFaceFpm, rules.edgeShare),
  };
}
