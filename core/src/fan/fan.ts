import type { MotorKind } from './blowerTable';
import type { BlowerTable } from './tableShape';
import { tapRow } from './rpmFigures';
import { curveRuns, type CurveRun } from './fanCurve';

/** What sets a fan below (or above) the curve of the maker's table. */
export interface FanLag {
  readonly cause: 'wheel' | 'capacitor' | 'rotation' | 'slip' | 'dehumidify' | 'measured' | 'otherMotor';
  /**
   * `speed` moves the curve as less speed would: airflow by the factor, static by its square (a caked wheel, a weak capacitor).
   * `flow` moves the airflow alone (a request cut by a switch, or what this blower was measured to move).
   */
  readonly acts: 'speed' | 'flow';
  /** 1 is the table itself. */
  readonly factor: number;
  /** How large it is was not measured but taken. */
  readonly assumed?: boolean;
}

/** A blower with its maker's table, and how far it stands from the blower of that table. */
export interface Fan {
  readonly motor: MotorKind;
  readonly table: BlowerTable;
  /** The tap that runs now; an RPM for a table by RPM. */
  readonly tap: string;
  readonly lags?: readonly FanLag[];
}

/** The lags of a fan as two factors. @example lagFactors([{ cause: 'wheel', acts: 'speed', factor: 0.9 }]).speed // 0.9 */
export function lagFactors(lags: readonly FanLag[] = []): { speed: number; flow: number } {
  const factors = { speed: 1, flow: 1 };
  for (const lag of lags) factors[lag.acts] *= lag.factor;
  return factors;
}

/** A curve moved by factors of speed and flow. */
export function laggedRuns(runs: readonly CurveRun[], { speed, flow }: { speed: number; flow: number }): CurveRun[] {
  if (speed === 1 && flow === 1) return [...runs];
  return runs.map((run) => ({
    staticsInWc: run.staticsInWc.map((p) => p * speed * speed),
    flowsCfm: run.flowsCfm.map((q) => q * speed * flow),
  }));
}

/**
 * The curve of a fan as it stands: its tap's runs, moved by its lags. Where the maker's table ends, the curve ends.
 *
 * @throws RangeError when the table has no such tap
 * @source fan laws: airflow ∝ speed, static ∝ speed²
 */
export function fanRuns({ table, tap, lags }: Fan): CurveRun[] {
  const row = tapRow(table, tap);
  if (!row) throw new RangeError(`The table has no tap ${tap}.`);
  return laggedRuns(curveRuns(table, row), lagFactors(lags));
}
