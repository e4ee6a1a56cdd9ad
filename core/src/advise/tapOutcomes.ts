import { flowAtStatic, tapRow } from '../fan';
import { wordOnTarget, wordUnder, type Rules, type Sourced, type Target, type VerdictWord } from '../judge';
import { operate, type Operation } from '../operate';
import { onTap, type System } from '../system';

/** What one tap would really do on the measured path. */
export interface TapOutcome {
  readonly tap: string;
  readonly inUse: boolean;
  readonly operation: Operation;
  /** Airflow against the band; can't say off the table. */
  readonly airflow: VerdictWord;
  /** TESP against the nameplate; can't say off the table. */
  readonly tesp: VerdictWord;
  /** What the tap's column shows at today's static: the figure that misleads, CFM. */
  readonly columnFlowCfm?: number;
}

/**
 * What each tap would do along the system curve, in the table's order.
 *
 * @param tespInWc today's TESP, in. w.c.
 * @source the static rises with the flow, so a tap's column must be read where its curve meets the path
 * @example tapOutcomes(exampleA)[3].operation // 1,035.5 CFM at 0.704, though the column says 1,083 at 0.58
 */
export function tapOutcomes(
  system: System,
  tespInWc: number,
  target: Target,
  maxTesp: Sourced,
  rules: Rules,
): TapOutcome[] {
  return system.fan.table.taps.map(({ tap }) => {
    const operation = operate(onTap(system, tap));
    const column = flowAtStatic(system.fan.table, tapRow(system.fan.table, tap)!, tespInWc);
    const found = operation.kind === 'crossing';
    return {
      tap,
      inUse: tap === system.fan.tap,
      operation,
      airflow: found ? wordOnTarget(operation.flowCfm, target, rules.edgeShare) : 'cantSay',
      tesp: found ? wordUnder(operation.tespInWc, maxTesp.value, rules.edgeShare) : 'cantSay',
      columnFlowCfm: column.kind === 'flow' ? column.flowCfm : undefined,
    };
  });
}
