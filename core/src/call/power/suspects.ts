import { checkPoint, outcomeOf } from '../points';
import type { Check, CheckContext, CheckPoint } from '../checks';
import { powerCause } from './causes';
import type { PowerCause, Shows } from '../electrical/cause';
import type { PowerScheme, SchemeStep } from '../electrical/scheme';

/** How often a reading that should be bad is good, and the other way round: slips of leads, hands and eyes (J). */
const MISSED = 0.05;
const FALSE_ALARM = 0.03;
/** What is none of the causes on the list. It says nothing of any test. */
const SOMETHING_ELSE_PRIOR = 3;
/** What is not on the list makes a point read bad so often (J): most points are not where it is. */
const ELSEWHERE_BAD = 0.2;

/** How likely a cause is, by what was read so far. */
export interface Suspect {
  readonly cause: PowerCause;
  /** 0 to 1; all suspects and `somethingElse` together 1. */
  readonly share: number;
  /** The chance that it is there, alone or with another, 0 to 1. */
  readonly sure: number;
}

export interface Suspects {
  /** The likeliest first. */
  readonly ranked: readonly Suspect[];
  /** The share of what is not on the list. */
  readonly somethingElse: number;
  /** Readings that told something. */
  readonly told: number;
}

/** Points that were read twice and alike: the second reading counts as the first did. */
export type Repeated = ReadonlySet<string>;
const NONE: Repeated = new Set();

/** What a shop knows better: odds per 100 calls by cause. */
export type Priors = Readonly<Partial<Record<string, number>>>;

/** What can come out at a point: its states, or good and bad where a figure is read. */
const classesOf = (point: CheckPoint): readonly string[] =>
  point.number ? ['good', 'bad'] : (point.states ?? []).map(({ id }) => id);

const isBadClass = (point: CheckPoint, cls: string): boolean =>
  point.number ? cls === 'bad' : point.states?.find(({ id }) => id === cls)?.outcome === 'bad';

/** Which of a point's classes a check is. */
export function classOf(check: Check, context: CheckContext): string | undefined {
  const point = checkPoint(check.point);
  if (!point) return undefined;
  // What no list explains tells nothing.
  if (!point.number) return point.states?.find(({ id }) => id === check.state)?.needsNote ? undefined : check.state;
  const outcome = outcomeOf(check, context);
  return outcome && (outcome === 'bad' ? 'bad' : 'good');
}

const stepsOf = ({ steps, beside }: PowerScheme): readonly SchemeStep[] => [...steps, ...beside];

/** Points that bad first points make bad as well. */
function downstreamOf(scheme: PowerScheme, first: readonly string[]): ReadonlySet<string> {
  const bad = new Set<string>(first);
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

/** The scheme as numbers, made once: for each cause, and for each two of them at once, the chance of each class at each point. */
interface Likelihoods {
  readonly causes: readonly PowerCause[];
  /** By point and class, a chance for each cause, in their order. */
  readonly at: ReadonlyMap<string, ReadonlyMap<string, readonly number[]>>;
  /** Two causes at once, as places in the list. */
  readonly pairs: readonly (readonly [number, number])[];
  /** By point and class, a chance for each pair, in their order. */
  readonly pairAt: ReadonlyMap<string, ReadonlyMap<string, readonly number[]>>;
}

const made = new WeakMap<PowerScheme, Likelihoods>();

/** First bad points of a cause in a scheme. */
export const firstBad = (scheme: PowerScheme, cause: string): readonly string[] => {
  const first = scheme.causes[cause];
  return first === null || first === undefined ? [] : typeof first === 'string' ? [first] : first;
};

/** Points that show the motor running, or trying to: with something else wrong as well they show nothing. */
const SHOWN_RUNNING: ReadonlySet<string> = new Set(['motorTries', 'jumperRG', 'jumperAtStat', 'tester']);

/** What two causes at once show at a point: a bad reading of either is read; what needs the motor to run shows what stops it. */
function both(point: CheckPoint, a: number[], b: number[], classes: readonly string[]): number[] {
  if (SHOWN_RUNNING.has(point.id)) {
    const product = classes.map((_, k) => Math.sqrt(a[k]! * b[k]!));
    const sum = product.reduce((total, one) => total + one, 0);
    return product.map((one) => (sum > 0 ? one / sum : 1 / classes.length));
  }
  const bad = classes.map((cls) => isBadClass(point, cls));
  const sumBad = (list: readonly number[]) => list.reduce((total, one, k) => total + (bad[k] ? one : 0), 0);
  const [badA, badB] = [sumBad(a), sumBad(b)];
  if (badA >= 1 || badB >= 1 || bad.every((is) => !is)) return classes.map((_, k) => (a[k]! + b[k]!) / 2);
  return classes.map((_, k) => {
    if (bad[k]) return (a[k]! * (1 + (1 - badB)) + b[k]! * (1 + (1 - badA))) / 2;
    return ((a[k]! / (1 - badA) + b[k]! / (1 - badB)) / 2) * (1 - badA) * (1 - badB);
  });
}

/** The table of causes × tests of a scheme. */
export function likelihoodsOf(scheme: PowerScheme): Likelihoods {
  const known = made.get(scheme);
  if (known) return known;
  const causes = Object.keys(scheme.causes).map(powerCause);
  const down = causes.map(({ id }) => downstreamOf(scheme, firstBad(scheme, id)));
  const pairs = causes.flatMap((a, i) =>
    causes.flatMap((b, j) => (j > i && a.runsOn === b.runsOn ? [[i, j] as const] : [])),
  );
  const at = new Map<string, ReadonlyMap<string, readonly number[]>>();
  const pairAt = new Map<string, ReadonlyMap<string, readonly number[]>>();
  for (const { point: id } of stepsOf(scheme)) {
    const point = checkPoint(id)!;
    const classes = classesOf(point);
    const byCause = causes.map(({ seenBy }, i) => {
      const map = chances(point, down[i]!.has(id), seenBy[id]);
      return classes.map((cls) => map.get(cls) ?? 0);
    });
    const byPair = pairs.map(([i, j]) => both(point, byCause[i]!, byCause[j]!, classes));
    at.set(id, new Map(classes.map((cls, k) => [cls, byCause.map((row) => row[k]!)])));
    pairAt.set(id, new Map(classes.map((cls, k) => [cls, byPair.map((row) => row[k]!)])));
  }
  const likelihoods = { causes, at, pairs, pairAt };
  made.set(scheme, likelihoods);
  return likelihoods;
}

/** The chance of a class at a point when the fault is none of the list's. */
function elsewhere(id: string, cls: string, size: number): number {
  const point = checkPoint(id)!;
  const bad = classesOf(point).filter((one) => isBadClass(point, one)).length;
  if (bad === 0 || bad === size) return 1 / size;
  return isBadClass(point, cls) ? ELSEWHERE_BAD / bad : (1 - ELSEWHERE_BAD) / (size - bad);
}

/** Two faults at once are met so much less often than two chances multiplied would have it (J): one call in twenty. */
const PAIR_SHARE = 0.3;
/** A cause of the other symptom: a blower that never stops is not one that does not run. */
const OTHER_SYMPTOM = 1e-3;

/** Whether the blower is said to run on, where it should stop. */
const isRunningOn = (checks: readonly Check[]): boolean =>
  checks.some(({ point, state }) => state === 'neverStops' && (point === 'complaint' || point === 'motorTries'));

/** The class a check counts as: a figure that cannot explain the symptom is no sign of its part; a part that is only weak does not stop a motor. */
function toldClass(check: Check, causes: readonly PowerCause[], context: CheckContext): string | undefined {
  const { point, value } = check;
  const isTooWeak = causes.some(({ explains }) => value !== undefined && explains?.[point]?.(value, context) === false);
  return isTooWeak ? 'good' : classOf(check, context);
}

/** What all hypotheses weigh: each cause, each two at once, and last what is not on the list. They add up to 1. */
interface Weighed {
  readonly weight: readonly number[];
  readonly told: number;
}

/** Weights of the causes, of two at once, and, last, of what is not on the list; they add up to 1. */
function weights(
  scheme: PowerScheme,
  all: Iterable<Check>,
  context: CheckContext,
  priors: Priors,
  repeated: Repeated,
): Weighed {
  const { causes, at, pairs, pairAt } = likelihoodsOf(scheme);
  const checks = [...all];
  const runsOn = isRunningOn(checks);
  const prior = causes.map(
    (cause) => (priors[cause.id] ?? cause.prior) * ((cause.runsOn ?? false) === runsOn ? 1 : OTHER_SYMPTOM),
  );
  const weight = [...prior, ...pairs.map(([i, j]) => (PAIR_SHARE * prior[i]! * prior[j]!) / 100), SOMETHING_ELSE_PRIOR];
  const n = causes.length;
  let told = 0;
  for (const check of checks) {
    const byClass = at.get(check.point);
    const cls = byClass && toldClass(check, causes, context);
    const chance = cls === undefined ? undefined : byClass!.get(cls);
    if (!chance) continue;
    // A point that answers the same under every cause tells nothing.
    if (chance.some((share) => Math.abs(share - chance[0]!) > 1e-9)) told += 1;
    const pairChance = pairAt.get(check.point)!.get(cls!)!;
    const power = repeated.has(check.point) ? 2 : 1;
    for (let i = 0; i < n; i += 1) weight[i]! *= Math.max(1e-6, chance[i]!) ** power;
    for (let k = 0; k < pairs.length; k += 1) weight[n + k]! *= Math.max(1e-6, pairChance[k]!) ** power;
    weight[weight.length - 1]! *= elsewhere(check.point, cls!, byClass!.size) ** power;
  }
  const sum = weight.reduce((total, one) => total + one, 0);
  return { weight: weight.map((one) => one / sum), told };
}

/**
 * Ranks what may keep a blower from running: Bayes over the scheme's table of causes × tests, one cause or two at once. With nothing read it
 * gives the odds before any test.
 *
 * @param checks the standing reading of each point
 * @param repeated points that were read twice and alike
 * @returns shares that add up to 1 with `somethingElse`, each two at once counting half for either; and how sure each is to be there
 * @example suspects(pscBoard, [], {}).ranked[0]?.cause.id // 'capacitor', the commonest
 */
export function suspects(
  scheme: PowerScheme,
  checks: Iterable<Check>,
  context: CheckContext,
  priors: Priors = {},
  repeated: Repeated = NONE,
): Suspects {
  const { weight, told } = weights(scheme, checks, context, priors, repeated);
  const { causes, pairs } = likelihoodsOf(scheme);
  const share = causes.map((_, i) => weight[i]!);
  const sure = [...share];
  pairs.forEach(([i, j], k) => {
    const w = weight[causes.length + k]!;
    share[i]! += w / 2;
    share[j]! += w / 2;
    sure[i]! += w;
    sure[j]! += w;
  });
  const ranked = causes
    .map((cause, i) => ({ cause, share: share[i]!, sure: sure[i]! }))
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
  /** It was read before, and everything rests on it: it is read once more. */
  readonly again?: true;
}

/** Under so little a test tells nothing worth its minutes. */
const LEAST_BITS = 0.02;

/** The point that is read before anything else, where something was seen that asks for it and it was not read yet. */
function readFirst({ firstWhere, steps, beside }: PowerScheme, checks: ReadonlyMap<string, Check>): string | undefined {
  const isSeen = ({ point, states }: { point: string; states: readonly string[] }) =>
    states.includes(checks.get(point)?.state ?? '');
  const has = new Set([...steps, ...beside].map(({ point }) => point));
  return [...(firstWhere ? [firstWhere] : []), ...TO_GROUND].find(
    ({ point, shownBy }) => has.has(point) && !checks.has(point) && shownBy.some(isSeen),
  )?.point;
}

const OPENED = [{ point: 'supplyBreaker', states: ['off', 'trips', 'fuse'] }];
/** A breaker or fuse that opened is not closed on a winding that may be grounded: it is read to ground first. */
const TO_GROUND = [
  { point: 'windings', shownBy: OPENED },
  { point: 'moduleWindings', shownBy: OPENED },
];

/**
 * The tests that still tell something, the most told per minute first; live work costs more. What goes before anything else is first.
 *
 * @example nextTests(pscBoard, new Map(), {})[0] // the look or reading worth most for its minute
 */
export function nextTests(
  scheme: PowerScheme,
  checks: ReadonlyMap<string, Check>,
  context: CheckContext,
  priors: Priors = {},
  repeated: Repeated = NONE,
): NextTest[] {
  const { causes, at, pairAt } = likelihoodsOf(scheme);
  const { weight } = weights(scheme, checks.values(), context, priors, repeated);
  const before = entropy(weight);
  const first = readFirst(scheme, checks);
  const tests: NextTest[] = [];
  for (const [id, byClass] of at) {
    if (checks.has(id)) continue;
    const point = checkPoint(id)!;
    const chanceAt = (cls: string) => [
      ...byClass.get(cls)!,
      ...pairAt.get(id)!.get(cls)!,
      elsewhere(id, cls, byClass.size),
    ];
    let after = 0;
    let parts: readonly string[] = [];
    for (const cls of byClass.keys()) {
      const chance = chanceAt(cls);
      let total = 0;
      let sumLog = 0;
      for (let i = 0; i < weight.length; i += 1) {
        const joint = weight[i]! * chance[i]!;
        total += joint;
        if (joint > 1e-15) sumLog += joint * Math.log2(joint);
      }
      // total · entropy(joint ÷ total), without making the list.
      if (total > 0) after += total * Math.log2(total) - sumLog;
      if (parts.length > 0) continue;
      // What it would move: causes whose chance of the first class is far from the mean of all.
      parts = causes
        .map((cause, i) => ({ cause, moved: weight[i]! * Math.abs(chance[i]! - total), share: weight[i]! }))
        .sort((a, b) => b.moved - a.moved)
        .filter(({ share }) => share > 0.03)
        .slice(0, 2)
        .map(({ cause }) => cause.name);
    }
    const bits = before - after;
    if (bits < LEAST_BITS && id !== first) continue;
    tests.push({
      point,
      bits,
      perMinute: bits / (point.minutes * (point.power === 'live' ? LIVE_SURCHARGE : 1)),
      parts,
    });
  }
  return tests.sort((a, b) => Number(b.point.id === first) - Number(a.point.id === first) || b.perMinute - a.perMinute);
}
