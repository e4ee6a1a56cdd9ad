import type { MotorKind } from './motorKind';
import type { CurveRun } from './fanCurve';

/** (J) A held request grows in thin air by ρr to this power: between 0.3 and 0.5. */
const HELD_POWER = -0.4;
/** Of its greatest airflow, what a constant-airflow motor still holds. */
const HELD_SHARE = 0.97;

/**
 * A manufacturer's curve in air of another density.
 *
 * Belt drive and PSC hold their speed: the same airflow at statics × ρr (a PSC motor, lighter loaded, gains about 2 % at 5,000 ft).
 * Constant torque: airflow × ρr^−½ at the same static. Constant airflow: the request × ρr^−0.4 until it gives up.
 *
 * @param densityRatio ρr = ρ/0.075, above 0
 * @source fan laws; motor laws by kind
 * @example thinAir([{ staticsInWc: [0.5], flowsCfm: [1000] }], 'beltDrive', 0.83)[0].staticsInWc // [0.415]
 */
export function thinAir(runs: readonly CurveRun[], motor: MotorKind, densityRatio: number): readonly CurveRun[] {
  if (densityRatio === 1) return runs;
  const r = densityRatio;
  const most = Math.max(...runs.flatMap((run) => run.flowsCfm));
  return runs.map(({ staticsInWc, flowsCfm }) => {
    switch (motor) {
      case 'beltDrive':
        return { staticsInWc: staticsInWc.map((p) => p * r), flowsCfm };
      case 'psc':
        return {
          staticsInWc: staticsInWc.map((p) => p * r),
          flowsCfm: flowsCfm.map((q) => q * (1 + (0.02 * (1 - r)) / 0.17)),
        };
      case 'constantTorque':
        return { staticsInWc, flowsCfm: flowsCfm.map((q) => q / Math.sqrt(r)) };
      case 'constantAirflow':
        return {
          staticsInWc,
          flowsCfm: flowsCfm.map((q) => (q >= HELD_SHARE * most ? q * Math.pow(r, HELD_POWER) : q)),
        };
    }
  });
}
