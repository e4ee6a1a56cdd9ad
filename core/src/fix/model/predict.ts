import { COIL_CFM_PER_TON, predictCoil } from '../../air/coil';
import { hasSpeed } from '../../air/fan';
import { faceVelocityFpm } from '../../air/filter';
import { airflowWordOf, shareOfTarget, tespWord, wordOnTarget, type Rules, type Target } from '../../judge/verdicts';
import { wordUnder, type VerdictWord } from '../../base/verdict';
import type { Sourced } from '../../base/numbers';
import { operate, type Operation } from '../../air/operate';
import { onTap, type System } from '../../air/system';
import { predictHeating, type HeatingPrediction } from './heating';
import { motorLoad, powerOf, type MotorLoad, type Power } from './power';

/** What a prediction is judged against. */
export interface Goal {
  readonly target: Target;
  readonly maxTesp: Sourced;
  readonly rules: Rules;
  /** One σ of the airflow, as a share: where it is over the band’s half width no plain word is said. Plans of before have none. */
  readonly flowShare?: number;
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

/** The word for a predicted airflow: as unsure as the one it was foretold from. */
export const airflowWord = (flowCfm: number, { target, rules, flowShare }: Goal): VerdictWord =>
  flowShare === undefined
    ? wordOnTarget(flowCfm, target, rules.edgeShare)
    : airflowWordOf({ flowCfm, sigmaCfm: flowShare * flowCfm }, target);

/** Velocity in a main duct above which it is heard, fpm. Rule of thumb for houses and offices. */
export const QUIET_DUCT_FPM = 900;

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
  const lowAt = lowStage && hasSpeed(system.fan, lowStage.tap) ? operate(onTap(system, lowStage.tap)) : undefined;
  const low = lowAt &&
    lowStage && {
      operation: lowAt,
      airflow:
        lowAt.kind === 'crossing'
          ? airflowWord(lowAt.flowCfm, { ...goal, target: shareOfTarget(target, lowStage.share) })
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
    airflow: airflowWord(flowCfm, goal),
    tesp: tespWord(tespInWc, maxTesp.value, rules),
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
