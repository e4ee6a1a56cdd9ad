import type { ReconciledFlow } from './reconcile';

/** An airflow after a plan: that before it, times what was read alike before and after. */
export interface FlowSince {
  readonly flowCfm: number;
  readonly sigmaCfm: number;
  /** What it rests on, in a sentence. */
  readonly says: string;
  /** As of `ReconciledFlow`, carried over from the airflow before. */
  readonly measured: boolean;
  readonly usualOnly: boolean;
  readonly dropOnly: boolean;
}

/**
 * The one airflow after a plan: what is known of it by itself keeps its methods and their disagreement, the figure is the one that is proven.
 * The change that was read adds to what the methods say after the plan: it is never less sure than they are by themselves.
 *
 * @param own the mean of the methods that were used after the plan, if any was
 * @example a table of ± 10 % before and after, and a change read to ± 2 %: ± 10 %, not ± 10.2 %
 */
export function flowAfterPlan(own: ReconciledFlow | undefined, since: FlowSince): ReconciledFlow {
  const ownShare = own && !own.disagreement ? own.sigmaCfm / own.flowCfm : Infinity;
  const sigmaCfm = Math.min(since.sigmaCfm, ownShare * since.flowCfm);
  return { counted: own?.counted ?? [], disagreement: own?.disagreement, ...since, sigmaCfm };
}
