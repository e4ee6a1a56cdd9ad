import type { ReconciledFlow, Sureness } from '../../air/flow';
import type { Judgement, Rules } from '../../judge/verdicts';
import type { FlowKnowledge } from './estimates';

/** How sure the readings of a visit are: what the chance of a plan is sampled from. */
export const surenessOf = (
  flow: ReconciledFlow,
  { doubt, bookFan, bookShare }: FlowKnowledge,
  { tespSigmaInWc }: Judgement,
  { staticSigmaInWc }: Rules,
): Sureness => ({
  flowShare: flow.sigmaCfm / flow.flowCfm,
  staticInWc: tespSigmaInWc ?? staticSigmaInWc * Math.SQRT2,
  byBook: !flow.measured,
  // What was measured says how far the fan lies under its table: nothing of it is in doubt any more.
  doubtShare: flow.measured ? 0 : doubt.share,
  sickOdds: doubt.sickOdds,
  ...(bookFan && bookShare !== undefined ? { bookShare } : {}),
});
