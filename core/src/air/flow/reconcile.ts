import { flowWords, flowText } from '../../base/words';
import { sigmaOf, sigmasApart, type FlowEstimate } from './estimate';

/** Several airflows as one. */
export interface ReconciledFlow {
  readonly flowCfm: number;
  readonly sigmaCfm: number;
  /** Ids of the methods in the mean. */
  readonly counted: readonly string[];
  /** A measurement of the air is in it: it does not rest on the book, the drop, or what is usual alone. */
  readonly measured: boolean;
  /** Nothing but what is usual for such a unit is behind it. */
  readonly usualOnly: boolean;
  /** Nothing but the temperature drop is behind it. */
  readonly dropOnly: boolean;
  /** What it rests on, where it is carried over from before a plan. */
  readonly says?: string;
  /** Set when methods do not agree: which one is doubted, and why. */
  readonly disagreement?: {
    readonly doubted: string;
    readonly sentence: string;
    /** Others agree against the one that is doubted: what they say stands. */
    readonly outvoted: boolean;
  };
}

/** Two airflows differ for good when they are further apart than this many of their combined σ. */
const TOO_FAR_SIGMAS = 2;

/** The mean of airflows with weights 1/σ². */
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
      const apart = sigmasApart(a, b);
      if (apart > most) {
        most = apart;
        worst = [a, b];
      }
    }
  });
  return worst;
}

const agree = (a: FlowEstimate, b: FlowEstimate) => sigmasApart(a, b) <= TOO_FAR_SIGMAS;

/** Of two that disagree: the one that fewer others agree with, then the one with the wider σ. */
function lessTrusted(pair: [FlowEstimate, FlowEstimate], all: readonly FlowEstimate[]): [FlowEstimate, FlowEstimate] {
  const [a, b] = pair;
  const others = all.filter((e) => e !== a && e !== b);
  const agreeing = (e: FlowEstimate) => others.filter((other) => agree(e, other)).length;
  const [withA, withB] = [agreeing(a), agreeing(b)];
  if (withA !== withB) return withA < withB ? [a, b] : [b, a];
  return a.sigmaShare >= b.sigmaShare ? [a, b] : [b, a];
}

/** Table and switch table are one book with one error: the surer of them stands for it. */
function oneBook(estimates: readonly FlowEstimate[]): FlowEstimate[] {
  const book = estimates.filter((e) => e.basis === 'book').sort((a, b) => a.sigmaShare - b.sigmaShare)[0];
  return estimates.filter((e) => e.basis !== 'book' || e === book);
}

/**
 * One airflow out of several: the mean with weights 1/σ². Trust goes by σ. Methods that differ by more than twice their combined σ
 * are never averaged silently: the one that fewer others agree with, else the one with the wider σ, is left out and named.
 *
 * What is usual for such a unit counts only while nothing else does. Table and switch table are one book: their errors are common,
 * so they are not averaged. A measurement that lies outside the manufacturer's row is kept as a measurement.
 *
 * @param estimates airflows above 0; those excluded do not count
 * @returns undefined when none counts
 * @source inverse-variance weighting
 * @example 1,000 ± 6 % and 1,060 ± 6 % → 1,028 CFM
 */
export function reconcile(estimates: readonly FlowEstimate[]): ReconciledFlow | undefined {
  const standing = estimates.filter((e) => e.setAside === undefined);
  const known = standing.filter((e) => e.basis !== 'usual');
  let counted = oneBook(known.length > 0 ? known : standing);
  if (counted.length === 0) return undefined;
  let disagreement: ReconciledFlow['disagreement'];
  for (let pair = worstPair(counted); pair; pair = worstPair(counted)) {
    const [doubted, trusted] = lessTrusted(pair, counted);
    disagreement ??= {
      doubted: doubted.id,
      sentence:
        `${doubted.name} says ${flowText(doubted.flowCfm)}, ${trusted.name} ${flowWords(trusted.flowCfm)}: further apart than their errors allow. ` +
        (doubted.doubts[0]
          ? `${doubted.name} is less sure here. ${doubted.doubts[0]}`
          : `${doubted.name} is the less sure (± ${Math.round(doubted.sigmaShare * 100)} %).`) +
        ' It is left out. Exclude one to resolve it.',
      // The drop says the refrigerant side as well: alone against a method of the air it contradicts nothing.
      outvoted: doubted.basis === 'drop' || counted.some((e) => e !== trusted && e !== doubted && agree(e, trusted)),
    };
    counted = counted.filter((e) => e !== doubted);
  }
  return {
    ...meanOf(counted),
    counted: counted.map((e) => e.id),
    measured: counted.some((e) => (e.basis ?? 'measured') === 'measured'),
    usualOnly: counted.every((e) => e.basis === 'usual'),
    dropOnly: counted.every((e) => e.basis === 'drop'),
    disagreement,
  };
}
