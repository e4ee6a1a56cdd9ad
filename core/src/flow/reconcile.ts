import { flowText } from '../words';

/** One airflow by one method. */
export interface FlowEstimate {
  readonly id: string;
  /** The method in words: "electric heat rise". */
  readonly name: string;
  readonly flowCfm: number;
  /** One standard deviation as a share of the flow, above 0. */
  readonly sigmaShare: number;
  readonly doubts: readonly string[];
  /** Why the technician set it aside; it is shown and does not count. */
  readonly setAside?: string;
}

/** Several airflows as one. */
export interface ReconciledFlow {
  readonly flowCfm: number;
  readonly sigmaCfm: number;
  /** Ids of the methods in the mean. */
  readonly counted: readonly string[];
  /** Set when methods do not agree: which one is doubted, and why. */
  readonly disagreement?: { readonly doubted: string; readonly sentence: string };
}

/** Two airflows differ for good when they are further apart than this many of their combined σ. */
const TOO_FAR_SIGMAS = 2;

const sigmaOf = (e: FlowEstimate) => e.flowCfm * e.sigmaShare;

function meanOf(estimates: readonly FlowEstimate[]) {
  let weights = 0;
  let sum = 0;
  for (const e of estimates) {
    const weight = 1 / sigmaOf(e) ** 2;
    weights += weight;
    sum += weight * e.flowCfm;
  }
  return { flowCfm: sum / weights, sigmaCfm: Math.sqrt(1 / weights) };
}

/** The pair that is furthest apart in σ, when that is too far. */
function worstPair(estimates: readonly FlowEstimate[]): [FlowEstimate, FlowEstimate] | undefined {
  let worst: [FlowEstimate, FlowEstimate] | undefined;
  let most = TOO_FAR_SIGMAS;
  estimates.forEach((a, i) => {
    for (const b of estimates.slice(i + 1)) {
      const apart = Math.abs(a.flowCfm - b.flowCfm) / Math.hypot(sigmaOf(a), sigmaOf(b));
      if (apart > most) {
        most = apart;
        worst = [a, b];
      }
    }
  });
  return worst;
}

/** Of two that disagree: more doubts first, then the one further from the others, then the wider σ. */
function lessTrusted(pair: [FlowEstimate, FlowEstimate], all: readonly FlowEstimate[]): [FlowEstimate, FlowEstimate] {
  const [a, b] = pair;
  if (a.doubts.length !== b.doubts.length) return a.doubts.length > b.doubts.length ? [a, b] : [b, a];
  const others = all.filter((e) => e !== a && e !== b);
  if (others.length > 0) {
    const { flowCfm } = meanOf(others);
    const away = (e: FlowEstimate) => Math.abs(e.flowCfm - flowCfm) / sigmaOf(e);
    return away(a) >= away(b) ? [a, b] : [b, a];
  }
  return a.sigmaShare >= b.sigmaShare ? [a, b] : [b, a];
}

/**
 * One airflow out of several: the mean with weights 1/σ². Methods that differ by more than twice their combined σ are never
 * averaged silently: the less trustworthy one is left out and named, with the reason from what was recorded with it.
 *
 * @param estimates airflows above 0; those set aside do not count
 * @returns undefined when none counts
 * @source inverse-variance weighting
 * @example 1,000 ± 6 % and 1,060 ± 6 % → 1,028 CFM
 */
export function reconcile(estimates: readonly FlowEstimate[]): ReconciledFlow | undefined {
  let counted = estimates.filter((e) => e.setAside === undefined);
  if (counted.length === 0) return undefined;
  let disagreement: ReconciledFlow['disagreement'];
  for (let pair = worstPair(counted); pair; pair = worstPair(counted)) {
    const [doubted, trusted] = lessTrusted(pair, counted);
    disagreement ??= {
      doubted: doubted.id,
      sentence:
        `${doubted.name} says ${flowText(doubted.flowCfm)}, ${trusted.name} ${flowText(trusted.flowCfm)} CFM: further apart than their errors. ` +
        (doubted.doubts[0]
          ? `${doubted.name} is less sure here. ${doubted.doubts[0]}`
          : `${doubted.name} is the less sure kind (± ${Math.round(doubted.sigmaShare * 100)} %).`) +
        ' It is left out; set one aside to settle it.',
    };
    counted = counted.filter((e) => e !== doubted);
  }
  return { ...meanOf(counted), counted: counted.map((e) => e.id), disagreement };
}
