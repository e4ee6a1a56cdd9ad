import { flowAt, hasSpeed, fanSpeeds } from '../../air/fan';
import { tespWord } from '../../judge/verdicts';
import type { VerdictWord } from '../../base/verdict';
import { sheaveSpeeds } from '../../air/drive';
import { airflowWord, motorLoad, powerOf, type Goal } from '../model';
import { operate, type Operation } from '../../air/operate';
import { onTap, type System } from '../../air/system';
import { turnsOpenText } from '../../base/words';

/** "tap 4"; of a belt drive "900 RPM"; with its sheave known "905 RPM, 1½ turns open"; of a fan without a table "the speed one up". */
export function speedName({ fan, drive }: System, tap: string): string {
  const setting = drive && sheaveSpeeds(drive).find((one) => one.tap === tap);
  if (setting) return `${Math.round(Number(tap))} RPM, ${turnsOpenText(setting.turnsOpen)}`;
  if (fan.motor === 'beltDrive') return Number.isFinite(Number(tap)) ? `${Math.round(Number(tap))} RPM` : tap;
  if (fan.motor === 'constantAirflow') return fan.usual ? `the ${tap}` : `setting ${tap}`;
  return fan.usual ? `the speed ${tap}` : `tap ${tap}`;
}

/**
 * The speeds to choose from: a belt drive's are the settings of the sheave that is fitted, so that turns left on it come before anything else;
 * others are those of the curve.
 */
function speedsOf({ fan, drive }: System): string[] {
  const settings = drive ? sheaveSpeeds(drive) : [];
  if (settings.length === 0) return fanSpeeds(fan);
  const most = drive?.mostBlowerRpm ?? Infinity;
  const taps = settings.filter(({ tap }) => Number(tap) <= most).map(({ tap }) => tap);
  return taps.includes(fan.tap) ? taps : [...taps, fan.tap].sort((a, b) => Number(a) - Number(b));
}

/** What one speed would really do on the measured path. */
export interface SpeedOutcome {
  readonly tap: string;
  /** "tap 4", "900 RPM", "the speed one up". */
  readonly name: string;
  readonly inUse: boolean;
  readonly operation: Operation;
  /** Airflow against the band; can't say off the curve. */
  readonly airflow: VerdictWord;
  /** TESP against the nameplate; can't say off the curve. */
  readonly tesp: VerdictWord;
  /** The motor against its plate on that speed; absent where plate or load is not known. */
  readonly motor?: VerdictWord;
  /** What the tap's column shows at today's static: the figure that misleads, CFM. Of a blower table only. */
  readonly columnFlowCfm?: number;
}

/**
 * What each speed would do along the system curve, in the table's order or slowest first.
 *
 * @param tespInWc today's TESP, in. w.c.
 * @source the static rises with the flow, so a tap's column must be read where its curve meets the path
 * @example speedOutcomes(exampleA)[3].operation // 1,035.5 CFM at 0.704, though the column says 1,083 at 0.58
 */
export function speedOutcomes(system: System, tespInWc: number, goal: Goal): SpeedOutcome[] {
  const { fan } = system;
  const { maxTesp, rules } = goal;
  const now = operate(system);
  return speedsOf(system)
    .filter((tap) => hasSpeed(fan, tap))
    .map((tap) => {
      const there = onTap(system, tap);
      const operation = operate(there);
      const found = operation.kind === 'crossing';
      const power = found && now.kind === 'crossing' ? powerOf(there, operation, { system, at: now }) : undefined;
      return {
        tap,
        name: speedName(system, tap),
        inUse: tap === fan.tap,
        operation,
        airflow: found ? airflowWord(operation.flowCfm, goal) : 'cantSay',
        tesp: found ? tespWord(operation.tespInWc, maxTesp.value, rules) : 'cantSay',
        motor: motorLoad(system, power)?.word,
        columnFlowCfm: fan.usual ? undefined : flowAt({ ...fan, tap, lags: undefined }, tespInWc),
      };
    });
}
