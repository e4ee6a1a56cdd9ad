import { checkPoint, outcomeOf, type Check, type CheckContext, type CheckPoint } from '../checks';
import { powerCause } from './causes';
import type { PowerCause, Shows } from './cause';
import type { PowerScheme, SchemeStep } from './scheme';

/** How often a reading that should be bad is good, and the other way round: slips of leads, hands and eyes (J). */
export const MISSED = 0.05;
export const FALSE_ALARM = 0.03;
/** What is none of the causes on the list. It says nothing of any test. */
const SOMETHING_ELSE_PRIOR = 3;

/** How likely a cause is, by what was read so far. */
export interface Suspect {
  readonly cause: PowerCause;
  /** 0 to 1; all suspects and `somethingElse` together 1. */
  readonly share: number;
}

export interface Suspects {
  /** The likeliest first. */
  readonly ranked: readonly Suspect[];
  /** The share of what is not on the list. */
  readonly somethingElse: number;
  /** Readings that told something. */
  readonly told: number;
}

/** What a shop knows better: odds per 100 calls by cause. */
export type Priors = Readonly<Partial<Record<string, number>>>;

/** What can come out at a point: its states, or good and bad where a figure is read. */
export const classesOf = (point: CheckPoint): readonly string[] =>
  point.number ? ['good', 'bad'] : (point.states ?? []).map(({ id }) => id);

const isBadClass = (point: CheckPoint, cls: string): boolean =>
  point.number ? cls === 'bad' : point.states?.find(({ id }) => id === cls)?.outcome === 'bad';

/** Which of a point's classes a check is. */
export function classOf(check: Check, context: CheckContext): string | undefined {
  const point = checkPoint(check.point);
  if (!point) return undefined;
  if (!point.number) return check.state;
  const outcome = outcomeOf(check, context);
  return outcome && (outcome === 'bad' ? 'bad' : 'good');
}

const stepsOf = ({ steps, beside }: PowerScheme): readonly SchemeStep[] => [...steps, ...beside];

/** Points that a bad first point makes bad as well. */
function downstreamOf(scheme: PowerScheme, first: string | null): ReadonlySet<string> {
  const bad = new Set<string>(first === null ? [] : [first]);
  for (const { point, from } of stepsOf(scheme)) if (from.some((up) => bad.has(up))) bad.add(point);
  return bad;
}

const spread = (classes: readonly string[], share: number) =>
  classes.map((cls) => [cls, share / classes.length] as const);

/** The chance of each class at a point, if a cause is at work. */
function chances(point: CheckPoint, isDown: boolean, shows: Shows | undefined): ReadonlyMap<string, number> {
  const classes = classesOf(point);
  const bad = classes.filter((cls) => isBadClass(point, cls));
  const others = classes.filter((cls) => !isBadClass(point, cls));
  if (typeof shows === 'object') {
    const named = new Map(Object.entries(shows));
    const rest = Math.max(0, 1 - [...named.values()].reduce((sum, share) => sum + share, 0));
    const unnamed = (list: readonly string[]) => list.filter((cls) => !named.has(cls));
    const slips = unnamed(others).length === 0 ? rest : Math.min(rest, unnamed(bad).length === 0 ? 0 : FALSE_ALARM);
    return new Map([...spread(unnamed(bad), slips), ...spread(unnamed(others), rest - slips), ...named]);
  }
  // A point with no good state, or none that is bad, has but one side to fall on.
  if (bad.length === 0 || others.length === 0) return new Map(spread(classes, 1));
  const badShare = shows ?? (isDown ? 1 - MISSED : FALSE_ALARM);
  return new Map([...spread(bad, badShare), ...spread(others, 1 - badShare)]);
}

/** The scheme as numbers, made once: for each cause, the chance of each class at each point. */
interface Likelihoods {
  readonly causes: readonly PowerCause[];
  /** By point and class, a chance for each cause, in their order. */
  readonly at: ReadonlyMap<string, ReadonlyMap<string, readonly number[]>>;
}

const made = new WeakMap<PowerScheme, Likelihoods>();

/** The table of causes × tests of a scheme. */
export function likelihoodsOf(scheme: PowerScheme): Likelihoods {
  const known = made.get(scheme);
  if (known) return known;
  const causes = Object.keys(scheme.causes).map(powerCause);
  const down = causes.map(({ id }) => downstreamOf(scheme, scheme.causes[id] ?? null));
  const at = new Map(
    stepsOf(scheme).map(({ point: id }) => {
      const point = checkPoint(id)!;
      const byCause = causes.map(({ seenBy }, i) => chances(point, down[i]!.has(id), seenBy[id]));
      return [id, new Map(classesOf(point).map((cls) => [cls, byCause.map((map) => map.get(cls) ?? 0)]))] as const;
    }),
  );
  const likelihoods = { causes, at };
  made.set(scheme, likelihoods);
  return likelihoods;
}

/** Weights of the causes and, last, of what is not on the list; they add up to 1. */
function weights(scheme: PowerScheme, checks: Iterable<Check>, context: CheckContext, priors: Priors) {
  const { causes, at } = likelihoodsOf(scheme);
  const weight = [...causes.map(({ id, prior }) => priors[id] ?? prior), SOMETHING_ELSE_PRIOR];
  let told = 0;
  for (const check of checks) {
    const byClass = at.get(check.point);
    const cls = byClass && classOf(check, context);
    const chance = cls === undefined ? undefined : byClass!.get(cls);
    if (!chance) continue;
    // A point that answers the same under every cause tells nothing.
    if (chance.some((share) => Math.abs(share - chance[0]!) > 1e-9)) told += 1;
    const blind = 1 / byClass!.size;
    for (let i = 0; i < weight.length; i += 1) weight[i]! *= Math.max(1e-6, chance[i] ?? blind);
  }
  const sum = weight.reduce((total, one) => total + one, 0);
  return { weight: weight.map((one) => one / sum), told };
}

/**
 * Ranks what may keep a blower from running: Bayes over the scheme's table of causes × tests. One cause at a time; with nothing read it gives the
 * odds before any test.
 *
 * @param checks the standing reading of each point
 * @returns shares that add up to 1 with `somethingElse`
 * @example suspects(pscBoard, [], {}).ranked[0]?.cause.id // 'capacitor', the commonest
 */
export function suspects(
  scheme: PowerScheme,
  checks: Iterable<Check>,
  context: CheckContext,
  priors: Priors = {},
): Suspects {
  const { weight, told } = weights(scheme, checks, context, priors);
  const ranked = likelihoodsOf(scheme)
    .causes.map((cause, i) => ({ cause, share: weight[i]! }))
    .sort((a, b) => b.share - a.share);
  return { ranked, somethingElse: weight.at(-1)!, told };
}

const entropy = (shares: readonly number[]) =>
  shares.reduce((sum, share) => (share > 1e-12 ? sum - share * Math.log2(share) : sum), 0);

/** Work under power counts so much more than its minutes (J): what tells the same with power off goes first. */
const LIVE_SURCHARGE = 1.4;

/** A test that may come next, and what it is worth. */
export interface NextTest {
  readonly point: CheckPoint;
  /** Bits it is expected to tell. */
  readonly bits: number;
  readonly perMinute: number;
  /** The likeliest suspects that it parts, in words. */
  readonly parts: readonly string[];
}

/** Under so little a test tells nothing worth its minutes. */
const LEAST_BITS = 0.02;

/**
 * The tests that still tell something, the most told per minute first; live work costs more.
 *
 * @example nextTests(pscBoard, new Map(), {})[0] // the look or reading worth most for its minute
 */
export function nextTests(
  scheme: PowerScheme,
  checks: ReadonlyMap<string, Check>,
  context: CheckContext,
  priors: Priors = {},
): NextTest[] {
  const { causes, at } = likelihoodsOf(scheme);
  const { weight } = weights(scheme, checks.values(), context, priors);
  const before = entropy(weight);
  const tests: NextTest[] = [];
  for (const [id, byClass] of at) {
    if (checks.has(id)) continue;
    const point = checkPoint(id)!;
    const blind = 1 / byClass.size;
    let after = 0;
    for (const chance of byClass.values()) {
      const joint = weight.map((share, i) => share * (chance[i] ?? blind));
      const total = joint.reduce((sum, one) => sum + one, 0);
      if (total > 0) after += total * entropy(joint.map((one) => one / total));
    }
    const bits = before - after;
    if (bits < LEAST_BITS) continue;
    // What it would move: causes whose chance of the likeliest class is far from the mean of all.
    const first = [...byClass.values()][0]!;
    const mean = weight.reduce((sum, share, i) => sum + share * (first[i] ?? blind), 0);
    const parts = causes
      .map((cause, i) => ({ cause, moved: weight[i]! * Math.abs(first[i]! - mean), share: weight[i]! }))
      .sort((a, b) => b.moved - a.moved)
      .filter(({ share }) => share > 0.03)
      .slice(0, 2)
      .map(({ cause }) => cause.name);
    tests.push({ point, bits, perMinute: bits / (point.minutes * (point.live ? LIVE_SURCHARGE : 1)), parts });
  }
  return tests.sort((a, b) => b.perMinute - a.perMinute);
}
