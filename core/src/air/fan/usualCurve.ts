import { staticWords, staticText } from '../../base/words';
import type { MotorKind } from './motorKind';
import type { CurveRun } from './fanCurve';

/**
 * A fan whose blower table is not at hand: the typical curve of its motor kind through one point that was measured.
 *
 * Q²(P) = Q₁²·[1 − 2m(P − P₁)] with m = −(dQ/dP)/Q at the anchor, per in. w.c. It is a curve of its kind, not of its manufacturer: the words
 * are "by a typical curve, not the manufacturer's", and m is known to about ± 30 %.
 */
export interface UsualCurve {
  /** Q₁, CFM: what the fan moves on `tap` without its lags. */
  readonly anchorFlowCfm: number;
  /** P₁, in. w.c. */
  readonly anchorStaticInWc: number;
  /** The speed that ran at the anchor: the tap's mark, an RPM, or `AS_FOUND`. */
  readonly tap: string;
  /** CFM per ton of the blower's size at the anchor; 400 is taken when the tons are not known. */
  readonly cfmPerTon: number;
  /** What a second point made of m, as a factor; 1 while there is none. */
  readonly slopeFactor?: number;
  /** One standard deviation of m, as a share. */
  readonly slopeSigma?: number;
  /** Static at which a constant-airflow motor gives up, in. w.c. */
  readonly giveUpInWc?: number;
}

/** The speed of a fan whose mark nobody wrote down. */
export const AS_FOUND = 'as found';

/** (J) One standard deviation of the slope m of a typical curve. Source: bench of generic curves against blower tables. */
export const SLOPE_SIGMA = 0.3;
/** (J) A constant-airflow motor gives up here when nobody says otherwise, in. w.c. */
const USUAL_GIVE_UP_IN_WC = 0.8;

/** (J) One standard deviation of that, in. w.c. */
const GIVE_UP_SIGMA_IN_WC = 0.12;

/** (J) The same where the anchor lies above the statics the curves were fitted to: fewer tables reach so far. */
export const BEYOND_SLOPE_SIGMA = 0.5;
/** Above this no static is believed to be a running system's, in. w.c. */
const MOST_STATIC_IN_WC = 2;

/** The statics a typical curve was fitted to, in. w.c.; it is read beyond only as far as its own anchor. */
export const USUAL_RANGE: Readonly<Record<MotorKind, { readonly low: number; readonly high: number }>> = {
  psc: { low: 0.1, high: 0.8 },
  constantTorque: { low: 0.1, high: 0.9 },
  constantAirflow: { low: 0.1, high: 1 },
  beltDrive: { low: 0.2, high: 1.2 },
};

/** Least an anchor may lie at: under it no typical curve says anything. */
const LEAST_STATIC_IN_WC = 0.05;

/** Points a typical curve is drawn and crossed by: their straight pieces stay within 0.1 % of it. */
const POINTS = 17;

/** How far past its anchor a curve is followed where the anchor lies above the usual statics. */
const PAST_ANCHOR = 1.1;

const HELD_SLOPE = 0.02;
const GIVEN_UP_SLOPE = 0.6;

/** Q²(P)/Q₁² of a constant-airflow fan: level below give-up, falling past it. */
function heldSquare(p: number, p1: number, giveUp: number): number {
  const loss = (q: number) => HELD_SLOPE * Math.min(q, giveUp) + GIVEN_UP_SLOPE * Math.max(0, q - giveUp);
  return 1 - 2 * (loss(p) - loss(p1));
}

/**
 * (Q/Q₁)² of a typical curve at a static.
 *
 * @param staticInWc P, in. w.c.
 * @returns below 0 where the curve has ended
 * @source forward-curved wheels: Q² falls about linearly with P; slopes m fitted to blower tables by motor kind
 * @example psc, P₁ = 0.5, P = 0.6: 1 − 2·0.547·0.1 = 0.891
 */
function usualSquare(motor: MotorKind, curve: UsualCurve, staticInWc: number): number {
  const { anchorStaticInWc: p1, slopeFactor = 1 } = curve;
  const dp = staticInWc - p1;
  switch (motor) {
    case 'psc': {
      const mean = (staticInWc + p1) / 2;
      return 1 - 2 * slopeFactor * Math.min(1.1, 0.5 * Math.exp(1.8 * (mean - 0.5))) * dp;
    }
    case 'constantTorque':
      return 1 - 2 * slopeFactor * 0.27 * (400 / curve.cfmPerTon) ** 2 * dp;
    case 'constantAirflow':
      return heldSquare(staticInWc, p1, curve.giveUpInWc ?? USUAL_GIVE_UP_IN_WC);
    case 'beltDrive':
      return 1 - 2 * slopeFactor * 0.5 * (400 / curve.cfmPerTon) ** 2 * dp;
  }
}

/** m of a typical curve at its anchor, per in. w.c. @example usualSlope('psc', anchor at 0.5) // 0.5 */
export function usualSlope(motor: MotorKind, curve: UsualCurve): number {
  const step = 0.005;
  const p = curve.anchorStaticInWc;
  return (usualSquare(motor, curve, p - step) - usualSquare(motor, curve, p + step)) / (4 * step);
}

/** A curve as it might be, its slope (or, of a motor that holds its airflow, where it gives up) off by so many σ. */
export function usualPerhaps(motor: MotorKind, curve: UsualCurve, z: number): UsualCurve {
  if (motor === 'constantAirflow')
    return { ...curve, giveUpInWc: (curve.giveUpInWc ?? USUAL_GIVE_UP_IN_WC) - GIVE_UP_SIGMA_IN_WC * z };
  const factor = 1 + (curve.slopeSigma ?? SLOPE_SIGMA) * z;
  return { ...curve, slopeFactor: (curve.slopeFactor ?? 1) * Math.min(2.5, Math.max(0.1, factor)) };
}

/** Why no typical curve can stand on an anchor, in words; undefined when one can. */
export function usualCurveFault(anchor: { flowCfm: number; staticInWc: number }): string | undefined {
  if (!(anchor.flowCfm > 0)) return 'A typical curve needs an airflow above 0.';
  if (!(anchor.staticInWc >= LEAST_STATIC_IN_WC))
    return `At ${staticWords(anchor.staticInWc)} no typical curve fits this motor. Under ${staticText(LEAST_STATIC_IN_WC)} find out first why static is so low.`;
  if (anchor.staticInWc > MOST_STATIC_IN_WC)
    return `At ${staticWords(anchor.staticInWc)} no typical curve fits this motor. Lower the static first, or find the blower table.`;
  return undefined;
}

/**
 * Whether an anchor lies above the statics that typical curves were fitted to: the curve is followed down from it, and trusted less.
 *
 * @example isBeyondUsual('psc', 1.1) // true: fitted up to 0.80
 */
export const isBeyondUsual = (motor: MotorKind, staticInWc: number): boolean => staticInWc > USUAL_RANGE[motor].high;

/** A speed beside the one that was measured, on a fan without a table. */
export interface UsualSpeed {
  readonly tap: string;
  /** Airflow at the same static, as a factor. */
  readonly sameStatic: number;
  /** One standard deviation of the change it makes on the same path, as a share of the airflow. */
  readonly sigmaShare: number;
}

/** (J) From tap to tap at the same static. Source: motor manufacturers' tap steps as found in blower tables. */
const STEPS: Readonly<Record<'psc' | 'constantTorque', { readonly factor: number; readonly sigma: number }>> = {
  psc: { factor: 1.15, sigma: 0.04 },
  constantTorque: { factor: 1.14, sigma: 0.035 },
};

/** The speeds a fan without a table may be set to, by its motor kind. A belt drive runs at any RPM besides. */
export function usualSpeeds(motor: MotorKind, curve: UsualCurve): UsualSpeed[] {
  const now: UsualSpeed = { tap: curve.tap, sameStatic: 1, sigmaShare: 0 };
  if (motor === 'psc' || motor === 'constantTorque') {
    const { factor, sigma } = STEPS[motor];
    const steps: UsualSpeed[] = [
      { tap: 'one down', sameStatic: 1 / factor, sigmaShare: sigma },
      now,
      { tap: 'one up', sameStatic: factor, sigmaShare: sigma },
      { tap: 'two up', sameStatic: factor * factor, sigmaShare: sigma * Math.SQRT2 },
    ];
    // After a step the speed in use bears the step's name.
    return steps.filter((step, i) => steps.findIndex((other) => other.tap === step.tap) === i);
  }
  if (motor === 'constantAirflow')
    return [
      { tap: 'request −10 %', sameStatic: 0.9, sigmaShare: 0.03 },
      now,
      { tap: 'request +10 %', sameStatic: 1.1, sigmaShare: 0.03 },
    ];
  const rpm = rpmIn(curve.tap);
  const at = (share: number) =>
    rpm === undefined ? `RPM ${share > 1 ? '+' : '−'}10 %` : String(Math.round(rpm * share));
  return [
    { tap: at(0.9), sameStatic: 0.9, sigmaShare: 0.01 },
    now,
    { tap: at(1.1), sameStatic: 1.1, sigmaShare: 0.01 },
  ];
}

/** The RPM a speed is named by; undefined for a tap's mark. Three figures or more, which no tap's mark has. */
export const rpmIn = (tap: string): number | undefined => (/^\d{3,4}(\.\d+)?$/.test(tap) ? Number(tap) : undefined);

/** Blower speed of a setting against that of the anchor, of a belt drive; undefined when it is no RPM. */
function rpmRatio(curve: UsualCurve, tap: string): number | undefined {
  const known = { 'RPM −10 %': 0.9, 'RPM +10 %': 1.1 }[tap];
  if (known !== undefined) return known;
  const [then, now] = [rpmIn(tap), rpmIn(curve.tap)];
  return then === undefined || now === undefined ? undefined : then / now;
}

/** A speed of a fan without a table; undefined when it is not known. */
export function usualSpeed(motor: MotorKind, curve: UsualCurve, tap: string): UsualSpeed | undefined {
  const own = usualSpeeds(motor, curve).find((speed) => speed.tap === tap);
  if (own) return own;
  const ratio = motor === 'beltDrive' ? rpmRatio(curve, tap) : undefined;
  // Far from the anchor the fan laws still hold, the belt and the motor no longer do.
  return ratio !== undefined && ratio >= 0.5 && ratio <= 2 ? { tap, sameStatic: ratio, sigmaShare: 0.01 } : undefined;
}

/**
 * The run of a typical curve on one of its speeds, inside its range of statics.
 *
 * Other taps shift Q² by as much at every static, so that the same path gets about two thirds of the step; a belt drive goes by the
 * fan laws, exactly.
 *
 * @returns undefined when the speed is not known, or nothing of it lies in the range
 */
export function usualRun(motor: MotorKind, curve: UsualCurve, tap: string): CurveRun | undefined {
  const speed = usualSpeed(motor, curve, tap);
  if (!speed) return undefined;
  const { low } = USUAL_RANGE[motor];
  const p1 = curve.anchorStaticInWc;
  const high = isBeyondUsual(motor, p1) ? PAST_ANCHOR * p1 : USUAL_RANGE[motor].high;
  const least = Math.min(low, Math.max(LEAST_STATIC_IN_WC, curve.anchorStaticInWc));
  const f = speed.sameStatic;
  const squareAt = (p: number) => {
    if (motor === 'beltDrive') return f * f * usualSquare(motor, curve, p / (f * f));
    if (motor === 'constantAirflow') return f * f * usualSquare(motor, curve, p);
    return usualSquare(motor, curve, p) + f * f - 1;
  };
  const grid = Array.from({ length: POINTS }, (_, i) => least + ((high - least) * i) / (POINTS - 1));
  // The anchor itself is a point: there the curve is what was measured, to the last digit.
  const own = p1 > least && p1 < high && !grid.includes(p1) ? [...grid, p1].sort((a, b) => a - b) : grid;
  const staticsInWc: number[] = [];
  const flowsCfm: number[] = [];
  for (const p of own) {
    const square = squareAt(p);
    // Under a third of the anchor's airflow the wheel is near its stall.
    if (square < 0.1) break;
    staticsInWc.push(p);
    flowsCfm.push(curve.anchorFlowCfm * Math.sqrt(square));
  }
  return staticsInWc.length < 2 ? undefined : { staticsInWc, flowsCfm };
}

/**
 * The slope after a second point: m′ = (m/σ² + m̂/s²)/(1/σ² + 1/s²), with m̂ from the pair and s = 0.014/ΔP.
 *
 * @param flowRatio Q₂/Q₁ by an untouched section, Q by √Δp
 * @param secondInWc P₂, in. w.c.
 * @returns the curve with its slope put right; itself when the two statics lie too near each other, undefined when they contradict a
 * fan (more air at more static)
 */
export function withSecondPoint(
  motor: MotorKind,
  curve: UsualCurve,
  flowRatio: number,
  secondInWc: number,
): UsualCurve | undefined {
  const dp = secondInWc - curve.anchorStaticInWc;
  if (Math.abs(dp) < 0.02 || motor === 'constantAirflow') return curve;
  const m = usualSlope(motor, curve);
  const seen = (1 - flowRatio * flowRatio) / (2 * dp);
  const s = 0.014 / Math.abs(dp);
  // Beyond what the pair's own error can make of a level curve, the two points are not of one fan.
  if (seen < -2 * s) return undefined;
  const sigma = m * (curve.slopeSigma ?? SLOPE_SIGMA);
  const weight = 1 / sigma ** 2 + 1 / s ** 2;
  const put = Math.max(0.05, (m / sigma ** 2 + seen / s ** 2) / weight);
  return {
    ...curve,
    slopeFactor: ((curve.slopeFactor ?? 1) * put) / m,
    slopeSigma: 1 / Math.sqrt(weight) / put,
  };
}
