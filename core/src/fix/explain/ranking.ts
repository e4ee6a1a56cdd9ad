import { CAUSE_GROUPS, causeOf, type CauseGroup } from '../causes';
import { READING_IDS, type ReadingId } from '../observe';

/** A hypothesis that was held against the readings. */
export interface TriedHypothesis {
  /** Ids of its causes; `UNEXPLAINED` for none of those there are. */
  readonly causes: readonly string[];
  /** Logarithm of its odds after the readings, up to a figure common to all. */
  readonly logWeight: number;
  /** About 1 where it fits. */
  readonly misfit: number;
  /** What instruments would show if it were so, and the variance of that. */
  readonly means: Float64Array;
  readonly variances: Float64Array;
}

/** Stands in the place of a cause where none of them explains the readings. */
export const UNEXPLAINED = 'unexplained';

/** What a hypothesis expects of one instrument. */
interface Expected {
  readonly reading: ReadingId;
  readonly value: number;
  readonly sigma: number;
}

/** A cause, or two together, with what speaks for it. */
export interface RankedExplanation {
  /** Empty for a healthy unit. */
  readonly causes: readonly string[];
  /** 0 to 1, all explanations together 1. */
  readonly share: number;
  readonly expects: readonly Expected[];
}

export interface Likely<Id extends string = string> {
  readonly id: Id;
  /** Probability that it is there, alone or with another. */
  readonly share: number;
}

/** How well the likeliest explanation agrees with the readings. */
type FitWord = 'good' | 'fair' | 'poor';

export interface Ranking {
  readonly explanations: readonly RankedExplanation[];
  readonly groups: readonly Likely<CauseGroup>[];
  readonly causes: readonly Likely[];
  /** Probability that nothing is wrong. */
  readonly healthy: number;
  /** Probability that it is none of the causes. */
  readonly unexplained: number;
  readonly fit: FitWord;
}

/** Explanations that are shown at most. */
const MOST_SHOWN = 12;
/** (J) Mean misfit of a reading up to which a fit is good, and fair. */
const GOOD_MISFIT = 2;
const FAIR_MISFIT = 4;

/** Logarithm of a sum of exponentials. */
export const logSum = (logs: readonly number[]): number => {
  const most = Math.max(...logs);
  return most === -Infinity ? -Infinity : most + Math.log(logs.reduce((sum, log) => sum + Math.exp(log - most), 0));
};

/** Shares of tried hypotheses, in their order. */
export function sharesOf(tried: readonly TriedHypothesis[]): number[] {
  const all = logSum(tried.map(({ logWeight }) => logWeight));
  return tried.map(({ logWeight }) => Math.exp(logWeight - all));
}

const isUnexplained = ({ causes }: Pick<TriedHypothesis, 'causes'>) => causes[0] === UNEXPLAINED;

function expectsOf({ means, variances }: TriedHypothesis): Expected[] {
  return READING_IDS.flatMap((reading, i) =>
    Number.isFinite(means[i]!) ? [{ reading, value: means[i]!, sigma: Math.sqrt(variances[i]!) }] : [],
  );
}

/** Whether the explanation at a place is the likeliest that holds a cause. */
const isFirstOf = (ranked: readonly { readonly one: TriedHypothesis }[], id: string, place: number) =>
  ranked.findIndex(({ one }) => one.causes.includes(id)) === place;

/** What was tried, ranked: explanations, then each cause and each group by the probability that it is there. */
export function rankingOf(tried: readonly TriedHypothesis[]): Ranking {
  const shares = sharesOf(tried);
  const order = tried.map((_, i) => i).sort((a, b) => shares[b]! - shares[a]!);
  const causes = new Map<string, number>();
  const groups = new Map<CauseGroup, number>();
  let healthy = 0;
  let unexplained = 0;
  for (const [i, one] of tried.entries()) {
    const share = shares[i]!;
    if (isUnexplained(one)) unexplained += share;
    else if (one.causes.length === 0) healthy += share;
    else {
      for (const id of one.causes) causes.set(id, (causes.get(id) ?? 0) + share);
      for (const group of new Set(one.causes.map((id) => causeOf(id)!.group)))
        groups.set(group, (groups.get(group) ?? 0) + share);
    }
  }
  const best = order.map((i) => tried[i]!).find((one) => !isUnexplained(one));
  const misfit = best?.misfit ?? 0;
  const likely = <Id extends string>(found: ReadonlyMap<Id, number>): Likely<Id>[] =>
    [...found].map(([id, share]) => ({ id, share })).sort((a, b) => b.share - a.share);
  const ranked = order.map((i) => ({ one: tried[i]!, share: shares[i]! })).filter(({ one }) => !isUnexplained(one));
  // What a cause expects can be asked for, though nothing likely holds it.
  const kept = ranked.filter(
    ({ one }, place) =>
      place < MOST_SHOWN || one.causes.length === 0 || one.causes.some((id) => isFirstOf(ranked, id, place)),
  );
  return {
    explanations: kept.map(({ one, share }) => ({ causes: one.causes, share, expects: expectsOf(one) })),
    groups: likely(new Map(CAUSE_GROUPS.flatMap((id) => (groups.has(id) ? [[id, groups.get(id)!]] : [])))),
    causes: likely(causes),
    healthy,
    unexplained,
    fit: misfit <= GOOD_MISFIT ? 'good' : misfit <= FAIR_MISFIT ? 'fair' : 'poor',
  };
}
