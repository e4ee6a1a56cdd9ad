import type { FanDoubt } from './fanDoubt';
import type { BeltDrive } from '../../air/drive';
import type { ReconciledFlow } from '../../air/flow';
import type { Verdict } from '../../base/verdict';
import type { MotorFacts } from '../../air/system';
import type { FlowKnowledge } from './estimates';

/** Two methods that disagree with no third to outvote one: nothing plain is said until one of them is excluded. */
export const disagreementOf = (flow: ReconciledFlow | undefined): string | undefined =>
  flow?.disagreement && !flow.disagreement.outvoted ? flow.disagreement.sentence : undefined;

/** Why no plan is made of what is not due: on an answer that is open, or on a fan nobody knows, it would be a guess. */
export function heldBy(
  airflow: Verdict,
  open: string | undefined,
  { seen, share }: FanDoubt,
  usualOnly: boolean | undefined,
): string | undefined {
  if (open !== undefined) return `Answer the open question to get a plan. ${open}`;
  if (usualOnly) return `Measure airflow to get a plan. ${airflow.sentence}`;
  if (airflow.word !== 'cantSay' || (seen.length === 0 && share === 0)) return undefined;
  return `Confirm the fan first to get a plan. ${airflow.sentence}`;
}

/** Why no slower speed is advised: RPM, amps or a second method must vouch for the air, and nothing speak against the fan. */
export function noSlowerThan(
  known: FlowKnowledge,
  flow: ReconciledFlow,
  drive: BeltDrive | undefined,
  motor: MotorFacts | undefined,
) {
  const { doubt } = known;
  if (doubt.seen.length > 0 || doubt.share > 0)
    return `No slower speed while the fan is in doubt: ${doubt.signs[0] ?? ''}`.trim();
  const vouched =
    flow.measured || drive?.measuredRpm !== undefined || motor?.amps !== undefined || motor?.watts !== undefined;
  return vouched
    ? undefined
    : 'A caked wheel or weak motor reads the same. Check RPM, amps or a second method before you slow it down.';
}
