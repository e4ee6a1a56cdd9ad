import { flowAt, hasSpeed, fanSpeeds } from '../fan';
import { tespWord, type VerdictWord } from '../judge';
import { airflowWord, type Goal } from '../model';
import { operate, type Operation } from '../operate';
import { onTap, type System } from '../system';

/** "tap 4"; of a belt drive "900 RPM"; of a fan without a table "the speed one up". */
export function speedName({ fan }: System, tap: string): string {
  if (fan.motor === 'beltDrive') return Number.isFinite(Number(tap)) ? `${Math.round(Number(tap))} RPM` : tap;
  if (fan.motor === 'constantAirflow') return fan.usual ? `the ${tap}` : `setting ${tap}`;
  return fan.usual ? `the speed ${tap}` : `tap ${tap}`;
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
  /** What the tap's column shows at today's static: the figure that misleads, CFM. Of a maker's table only. */
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
  return fanSpeeds(fan)
    .filter((tap) => hasSpeed(fan, tap))
    .map((tap) => {
      const operation = operate(onTap(system, tap));
      const found = operation.kind === 'crossing';
      return {
        tap,
        name: speedName(system, tap),
        inUse: tap === fan.tap,
        operation,
        airflow: found ? airflowWord(operation.flowCfm, goal) : 'cantSay',
        tesp: found ? tespWord(operation.tespInWc, maxTesp.value, rules) : 'cantSay',
        columnFlowCfm: fan.usual ? undefined : flowAt({ ...fan, tap, lags: undefined }, tespInWc),
      };
    });
}
