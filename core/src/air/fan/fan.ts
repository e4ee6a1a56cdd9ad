import type { MotorKind } from './motorKind';
import {
  curveRuns,
  flowOnRuns,
  offTable,
  staticOnRuns,
  type CurveRun,
  type FlowReading,
  type OffTable,
} from './fanCurve';
import { tapRow, tapRpm } from './rpmFigures';
import type { BlowerTable } from './tableShape';
import { thinAir } from './thinAir';
import { rpmIn, usualRun, usualSpeed, usualSpeeds, type UsualCurve } from './usualCurve';

/** What sets a fan below (or above) its curve. */
export interface FanLag {
  readonly cause:
    'wheel' | 'capacitor' | 'rotation' | 'slip' | 'dehumidify' | 'volts' | 'measured' | 'otherMotor' | 'unknown';
  /**
   * `speed` moves the curve as less speed would: airflow by the factor, static by its square (a caked wheel, a weak capacitor).
   * `flow` moves the airflow alone (a request cut by a switch, or what this blower was measured to move).
   */
  readonly acts: 'speed' | 'flow';
  /** 1 is the curve itself. */
  readonly factor: number;
  /** How large it is was not measured but taken. */
  readonly assumed?: boolean;
}

/** A blower: its curve, from the blower table or a usual one, and how far it stands from it. */
export interface Fan {
  readonly motor: MotorKind;
  /** The blower table; absent where it is not at hand. */
  readonly table?: BlowerTable;
  /** The typical curve of its kind through a measured point. It goes before the table: it is there where the table says nothing. */
  readonly usual?: UsualCurve;
  /** The speed that runs now: a tap, a switch setting, an RPM. */
  readonly tap: string;
  readonly lags?: readonly FanLag[];
  /** Density of the air against the table's, ρ/0.075; absent for 1. Typical curves were anchored in today's air. */
  readonly densityRatio?: number;
}

/** The lags of a fan as factors of its curve: as a speed would move it, the airflow alone, the static alone. */
export interface LagFactors {
  readonly speed: number;
  readonly flow: number;
  readonly static: number;
}

/**
 * The lags of a fan as factors. A motor that holds its airflow turns a dirty wheel faster: it loses static, not air, and gives up earlier.
 * @example lagFactors({ motor: 'psc', lags: [{ cause: 'wheel', acts: 'speed', factor: 0.9 }] }).speed // 0.9
 */
export function lagFactors({ motor, lags = [] }: Pick<Fan, 'motor' | 'lags'>): LagFactors {
  const factors = { speed: 1, flow: 1, static: 1 };
  for (const { acts, factor, cause } of lags) {
    if (acts === 'speed' && motor === 'constantAirflow' && cause === 'wheel') factors.static *= factor * factor;
    else factors[acts] *= factor;
  }
  return factors;
}

/** A curve moved by factors of speed and flow. */
function laggedRuns(runs: readonly CurveRun[], { speed, flow, static: lift }: LagFactors): readonly CurveRun[] {
  if (speed === 1 && flow === 1 && lift === 1) return runs;
  return runs.map((run) => ({
    staticsInWc: run.staticsInWc.map((p) => p * speed * speed * lift),
    flowsCfm: run.flowsCfm.map((q) => q * speed * flow),
  }));
}

/** The curve of a speed before lags; undefined when the fan does not know it. */
function plainRuns({ motor, table, usual, densityRatio }: Fan, tap: string): readonly CurveRun[] | undefined {
  if (usual) {
    const run = usualRun(motor, usual, tap);
    return run && [run];
  }
  const row = table && tapRow(table, tap);
  return row && thinAir(curveRuns(table, row), motor, densityRatio ?? 1);
}

/** The curve as it stands, or undefined where `fanRuns` would throw. */
function standingRuns(fan: Fan): readonly CurveRun[] | undefined {
  const runs = plainRuns(fan, fan.tap);
  return runs && laggedRuns(runs, lagFactors(fan));
}

/**
 * The curve of a fan as it stands: its speed's runs, moved by its lags. Where the blower table or the typical curve's range ends, the
 * curve ends. This and what follows here is the only way to a fan's curve.
 *
 * @throws RangeError when the fan does not know the speed; ask `hasSpeed` first
 * @source fan laws: airflow ∝ speed, static ∝ speed²
 */
export function fanRuns(fan: Fan): readonly CurveRun[] {
  const runs = standingRuns(fan);
  if (!runs) throw new RangeError(`The fan has no speed ${fan.tap}.`);
  return runs;
}

/** Whether a fan can run at a speed: its table has the row, or its typical curve knows the step. */
export const hasSpeed = (fan: Fan, tap: string): boolean =>
  fan.usual
    ? usualRun(fan.motor, fan.usual, tap) !== undefined
    : fan.table !== undefined && tapRow(fan.table, tap) !== undefined;

/** The speeds to choose from, in the table's order or slowest first. */
export const fanSpeeds = ({ motor, table, usual }: Fan): string[] =>
  usual ? usualSpeeds(motor, usual).map(({ tap }) => tap) : (table?.taps ?? []).map(({ tap }) => tap);

/** One standard deviation that a change of speed adds to what is known of today's, as a share. (J) Tap to tap of a table ± 2.5 %. */
export function speedSigma({ motor, usual, tap: now }: Fan, tap: string): number {
  if (tap === now) return 0;
  if (usual) return usualSpeed(motor, usual, tap)?.sigmaShare ?? 0;
  return motor === 'beltDrive' ? 0.01 : 0.025;
}

/** The RPM a fan's speed stands for; undefined for taps. */
export const fanRpm = ({ table, usual }: Fan, tap: string): number | undefined =>
  usual ? rpmIn(tap) : table && tapRpm(table, tap);

/**
 * Airflow of a fan at what it has to overcome, CFM, with the curve's ends widened by `END_TOLERANCE_IN_WC`.
 *
 * @param staticInWc in. w.c.: the external static, and what is lost inside beyond the table
 * @returns where the curve ends when it does not reach there; undefined when the fan does not know its speed
 * @example readFan(example A on tap 3, 0.58) // 940.2 CFM
 */
export function readFan(fan: Fan, staticInWc: number): FlowReading | OffTable | undefined {
  const runs = standingRuns(fan);
  if (!runs || runs.length === 0) return undefined;
  const { flowCfm, lastRunBelow } = flowOnRuns(runs, staticInWc);
  return flowCfm === undefined ? offTable(fan.tap, runs, lastRunBelow) : { kind: 'flow', tap: fan.tap, flowCfm };
}

/** The airflow of `readFan` alone, CFM; undefined off the curve. */
export function flowAt(fan: Fan, staticInWc: number): number | undefined {
  const read = readFan(fan, staticInWc);
  return read?.kind === 'flow' ? read.flowCfm : undefined;
}

/**
 * What a fan has to overcome when it moves an airflow, in. w.c.; undefined off its curve. Where the curve is level, the highest static
 * that still moves it.
 *
 * @example staticAt(example A on tap 3, 940.2) // 0.58
 */
export function staticAt(fan: Fan, flowCfm: number): number | undefined {
  const runs = standingRuns(fan);
  return runs && staticOnRuns(runs, flowCfm);
}

/** Where a fan's curve comes from, in words that go after a figure. */
export const curveWords = ({ usual }: Fan): string =>
  usual ? 'by a typical curve, not this model’s table' : 'by the blower table';
