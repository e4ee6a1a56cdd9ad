import { seededRandom, normal } from '../../base/numbers/random';
import { ALL_CAUSES, type Cause } from '../causes';
import { placeOf, type ReadingId } from '../observe';
import { SEEN_WHEN_NOT, SEEN_WHEN_THERE, signsOf } from './lookOdds';
import { sharesOf, UNEXPLAINED, type TriedHypothesis } from './ranking';
import { readingSigma } from './readingNoise';
import { RESOLVED_SHARE } from './resolved';
import type { ExplainRequest, ReadingOption } from './request';

/** What one outcome of a reading would mean. */
export interface Outcome {
  /** The reading is over this, or under it; absent for a look. */
  readonly over?: number;
  readonly under?: number;
  /** Of a look: the cause was seen, or was not. */
  readonly seen?: boolean;
  /** The cause that would then be the likeliest; absent for a healthy unit. */
  readonly cause?: string;
  /** How likely that outcome is. */
  readonly chance: number;
  /** How likely the cause would be then. */
  readonly share: number;
}

/** A reading that may be taken next, and what it is worth. */
export interface ReadingAdvice {
  readonly option: ReadingOption;
  /** Bits that it is expected to tell apart. */
  readonly bits: number;
  /** The reading the outcomes speak of. */
  readonly reading?: ReadingId;
  readonly outcomes: readonly Outcome[];
  /** how likely one cause would be resolved after it. */
  readonly resolves: number;
}

/** Hypotheses that are compared against each other; the rest is too unlikely to matter. */
const MOST_COMPARED = 48;
const DRAWS = 240;
const LN2 = Math.LN2;

interface Compared {
  readonly one: TriedHypothesis;
  readonly share: number;
}

const entropy = (shares: readonly number[]): number =>
  shares.reduce((sum, share) => (share > 0 ? sum - share * Math.log(share) : sum), 0) / LN2;

/** Probability of each cause, from shares of hypotheses. */
function causeShares(compared: readonly Compared[], shares: readonly number[]): Map<string, number> {
  const all = new Map<string, number>();
  compared.forEach(({ one: { causes } }, i) => {
    for (const id of causes.length === 0 ? ['healthy'] : causes) all.set(id, (all.get(id) ?? 0) + shares[i]!);
  });
  return all;
}

const leading = (shares: ReadonlyMap<string, number>): { id: string; share: number } =>
  [...shares].reduce((best, [id, share]) => (share > best.share ? { id, share } : best), { id: 'healthy', share: 0 });

const named = (id: string): string | undefined => (id === 'healthy' || id === UNEXPLAINED ? undefined : id);

/** Mean and σ of what a hypothesis expects to be read, the instrument's own error in it. */
function expects(
  { one: { means, variances } }: Compared,
  reading: ReadingId,
): { mean: number; sigma: number } | undefined {
  const place = placeOf(reading);
  const mean = means[place]!;
  if (!Number.isFinite(mean)) return undefined;
  return { mean, sigma: Math.hypot(Math.sqrt(Math.max(0, variances[place]!)), readingSigma(reading, mean)) };
}

const logNormal = (value: number, mean: number, sigma: number) => {
  const off = (value - mean) / sigma;
  return -0.5 * off * off - Math.log(sigma);
};

/** Shares after an outcome whose probability under each hypothesis is known up to a common factor, as logarithms. */
function after(compared: readonly Compared[], logs: readonly number[]): number[] {
  const most = Math.max(...logs);
  const raw = compared.map(({ share }, i) => share * Math.exp(logs[i]! - most));
  const sum = raw.reduce((a, b) => a + b, 0);
  return raw.map((one) => one / sum);
}

/** One reading drawn from what is believed now, again and again: how much each draw would tell. */
function instrumentAdvice(option: ReadingOption, compared: readonly Compared[], now: number, seed: number) {
  const expected = option.readings.map((reading) => compared.map((one) => expects(one, reading)));
  const known = option.readings.map((_, k) => k).filter((k) => expected[k]!.some((one) => one !== undefined));
  if (known.length === 0) return undefined;
  const random = seededRandom(seed);
  const logsOf = (values: readonly number[]) =>
    compared.map((_, i) =>
      known.reduce((sum, k, j) => {
        const one = expected[k]![i];
        return one ? sum + logNormal(values[j]!, one.mean, one.sigma) : sum;
      }, 0),
    );
  let bits = 0;
  let resolves = 0;
  for (let draw = 0; draw < DRAWS; draw++) {
    // Drawn in equal steps of the shares: every likely hypothesis has its turn.
    let at = (draw + 0.5) / DRAWS;
    let i = 0;
    while (i < compared.length - 1 && at > compared[i]!.share) at -= compared[i++]!.share;
    const values = known.map((k) => {
      const one = expected[k]![i];
      return one ? one.mean + one.sigma * normal(random) : NaN;
    });
    if (values.some(Number.isNaN)) continue;
    const shares = after(compared, logsOf(values));
    bits += (now - entropy(shares)) / DRAWS;
    const best = leading(causeShares(compared, shares));
    if (best.share >= RESOLVED_SHARE) resolves += 1 / DRAWS;
  }
  // The reading of the option that parts most is the one the outcomes speak of.
  const spreadOf = (k: number) => {
    const means = compared.flatMap((_, i) => expected[k]![i]?.mean ?? []);
    const sigma = expected[k]!.find((one) => one)!.sigma;
    return (Math.max(...means) - Math.min(...means)) / sigma;
  };
  const told = [...known].sort((a, b) => spreadOf(b) - spreadOf(a))[0]!;
  const outcomes = outcomesOf(compared, expected[told]!);
  return { option, bits: Math.max(0, bits), resolves, reading: option.readings[told]!, outcomes };
}

/** From which figure on another cause would lead: the range of a reading walked in small steps. */
function outcomesOf(
  compared: readonly Compared[],
  expected: readonly ({ mean: number; sigma: number } | undefined)[],
): Outcome[] {
  const known = compared.flatMap((one, i) => (expected[i] ? [{ ...one, ...expected[i] }] : []));
  const low = Math.min(...known.map(({ mean, sigma }) => mean - 2 * sigma));
  const high = Math.max(...known.map(({ mean, sigma }) => mean + 2 * sigma));
  const steps = 60;
  const pieces: { id: string; from: number; to: number; chance: number; weighted: number }[] = [];
  for (let i = 0; i < steps; i++) {
    const [from, to] = [low + ((high - low) * i) / steps, low + ((high - low) * (i + 1)) / steps];
    const value = (from + to) / 2;
    const logs = known.map(({ mean, sigma }) => logNormal(value, mean, sigma));
    const density = known.reduce((sum, { share }, k) => sum + share * Math.exp(logs[k]!), 0);
    const best = leading(causeShares(known, after(known, logs)));
    const chance = (density * (high - low)) / steps / Math.sqrt(2 * Math.PI);
    const last = pieces.at(-1);
    if (last?.id === best.id)
      Object.assign(last, { to, chance: last.chance + chance, weighted: last.weighted + chance * best.share });
    else pieces.push({ id: best.id, from, to, chance, weighted: chance * best.share });
  }
  // What hardly ever comes out is not worth a word.
  const likely = pieces.filter(({ chance }) => chance >= 0.05);
  return likely.map(({ id, chance, weighted }, i) => ({
    over: i > 0 ? likely[i - 1]!.to : undefined,
    under: i < likely.length - 1 ? likely[i]!.to : undefined,
    cause: named(id),
    chance,
    share: weighted / chance,
  }));
}

/** The causes that a look at these things shows. */
const shownBy = (items: readonly string[]): Cause[] =>
  ALL_CAUSES.filter((cause) => signsOf(cause).some(({ item }) => items.includes(item)));

/** What a look would tell: which of the causes it shows is seen, or that none is. */
function lookAdvice(option: ReadingOption, compared: readonly Compared[], now: number) {
  const visible = shownBy(option.looks).filter(({ id }) => compared.some(({ one }) => one.causes.includes(id)));
  if (visible.length === 0) return undefined;
  const has = ({ one }: Compared, { id }: Cause) => one.causes.includes(id);
  const oddsOf = (one: Compared, seen: Cause | undefined) =>
    visible.reduce((product, cause) => {
      const p = has(one, cause) ? SEEN_WHEN_THERE : SEEN_WHEN_NOT;
      return product * (cause === seen ? p : 1 - p);
    }, 1);
  const cases = [...visible.map((cause): Cause | undefined => cause), undefined];
  let bits = 0;
  let resolves = 0;
  const outcomes: Outcome[] = [];
  for (const seen of cases) {
    const odds = compared.map((one) => oddsOf(one, seen));
    const chance = compared.reduce((sum, { share }, i) => sum + share * odds[i]!, 0);
    if (chance <= 0) continue;
    const shares = after(compared, odds.map(Math.log));
    const best = leading(causeShares(compared, shares));
    bits += chance * (now - entropy(shares));
    if (best.share >= RESOLVED_SHARE) resolves += chance;
    if (chance >= 0.05 || seen === undefined)
      outcomes.push({ seen: seen !== undefined, cause: named(seen?.id ?? best.id), chance, share: best.share });
  }
  return { option, bits: Math.max(0, bits), resolves, outcomes };
}

/**
 * What to read next: for each thing that may be read or looked at, how much it is expected to tell of what is wrong, for each minute it takes.
 *
 * @returns the best first
 * @source expected information (Lindley 1956), by draws from what is believed now
 */
export function bestReadings(request: ExplainRequest, tried: readonly TriedHypothesis[]): ReadingAdvice[] {
  const shares = sharesOf(tried);
  const compared = tried
    .map((one, i) => ({ one, share: shares[i]! }))
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST_COMPARED);
  const sum = compared.reduce((all, { share }) => all + share, 0);
  const fair = compared.map(({ one, share }) => ({ one, share: share / sum }));
  const now = entropy(fair.map(({ share }) => share));
  const advice = request.options.flatMap((option, i): ReadingAdvice[] => {
    const told =
      option.readings.length > 0
        ? instrumentAdvice(option, fair, now, request.seed + i)
        : lookAdvice(option, fair, now);
    return told ? [told] : [];
  });
  return advice.sort((a, b) => b.bits / b.option.minutes - a.bits / a.option.minutes);
}
