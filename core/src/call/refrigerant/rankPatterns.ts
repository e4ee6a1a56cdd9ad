import type { GapId, Ladder } from './ladder';
import { DRIER_ID, PAIRS, PATTERNS, type Pattern, type Shift } from './patterns';

/** The gaps in the order of a shift, what a sound circuit has (by metering), and how far a sound one strays: reading and unit together, °F (J). */
const GAPS: readonly {
  readonly id: GapId;
  readonly name: string;
  readonly orifice: number;
  readonly valve: number;
  readonly sigmaF: number;
  /** It is held against outdoors. */
  readonly outdoors?: true;
}[] = [
  { id: 'superheat', name: 'superheat', orifice: 8, valve: 10, sigmaF: 4.5 },
  { id: 'subcooling', name: 'subcooling', orifice: 10, valve: 10.5, sigmaF: 3.5 },
  { id: 'approach', name: 'approach', orifice: 8, valve: 8, sigmaF: 3.5, outdoors: true },
  {
    id: 'condensingOver',
    name: 'condensing over ambient',
    orifice: 18,
    valve: 18,
    sigmaF: 3.6,
    outdoors: true,
  },
  { id: 'returnMinusDew', name: 'return − dew', orifice: 33, valve: 33, sigmaF: 3 },
];

/** What all of the indoor air would move a gap by, °F: the rows of “little air” over the air they stand for (J). */
const AIR_MOVES_F: Readonly<Record<GapId, { readonly orifice: number; readonly valve: number }>> = {
  superheat: { orifice: 25, valve: 2 },
  subcooling: { orifice: 12, valve: 5 },
  approach: { orifice: 5, valve: 3 },
  condensingOver: { orifice: 7, valve: 5 },
  returnMinusDew: { orifice: 18, valve: 20 },
};

/** What one reading says of a pattern. */
interface Evidence {
  readonly id: GapId;
  readonly name: string;
  readonly readF: number;
  readonly expectsF: number;
  readonly speaks: 'for' | 'against';
}

interface RankedPattern {
  readonly pattern: Pattern;
  /** 0 to 1; all together 1. */
  readonly share: number;
  readonly evidence: readonly Evidence[];
}

export interface Patterns {
  readonly ranked: readonly RankedPattern[];
  /** How many gaps were read. */
  readonly read: number;
  /** What may be named; absent where no pattern may be: nothing is likely enough, or a pattern would contradict its own gaps. */
  readonly named?: RankedPattern;
  /** Why nothing is named, in a sentence. */
  readonly unnamed?: string;
  /** The least that can be done for what is likely, before anything that harms more. */
  readonly first?: string;
  /** What parts the two likeliest best: a gap not read yet, else what settles the first. */
  readonly settle?: string;
}

/** What is known of a circuit beside its gaps. */
export interface PatternFacts {
  /** Temperature drop over the drier, °F. */
  readonly drierDropF?: number;
  /** Charge was moved between two readings, and the gaps stayed. */
  readonly chargeMovedNothing?: boolean;
  /** The outdoor coil was seen clean, or was washed at this visit. */
  readonly outdoorClean?: boolean;
  /** The head is held up by hand: nothing can be said against outdoors. */
  readonly headHeld?: boolean;
  /** The airflow is known only to this share of itself, one σ. */
  readonly airShare?: number;
  /** The airflow is known to be in its band: little air is then unlikely. */
  readonly airInBand?: boolean;
}

/** Student-t with four degrees of freedom: a gross reading does not decide alone. */
const weightOf = (z: number) => (1 + (z * z) / 4) ** -2.5;

/** Over this a drier restricts, °F. @source trade practice */
const DRIER_MOST_F = 3;
/** (J) What the condenser's own drop adds at a discharge port to saturation read there, °F, and one σ of it. */
const DISCHARGE = { addsF: 4, sigmaF: 3 } as const;

/** Steps of the continuum from slight to gross: shares of the way from sound to the slightest, and between those that are known. */
const SLIGHT = [0.5, 0.75] as const;

/** The severities of a pattern as a continuum: from half of the slightest to the grossest, and halfway between each two. */
function severities(shifts: readonly Shift[]): Shift[] {
  const scaledBy = (shift: Shift, share: number) => shift.map((f) => f * share) as unknown as Shift;
  const [first] = shifts as readonly [Shift, ...Shift[]];
  const between = shifts.slice(1).map((shift, i) => shift.map((f, k) => (f + shifts[i]![k]!) / 2) as unknown as Shift);
  return [...SLIGHT.map((share) => scaledBy(first, share)), ...shifts, ...between];
}

const grids = new Map<Pattern, Readonly<Record<'orifice' | 'valve', readonly Shift[]>>>();
function gridOf(pattern: Pattern, metering: 'orifice' | 'valve'): readonly Shift[] {
  let grid = grids.get(pattern);
  if (!grid) {
    const of = (shifts: readonly Shift[]) => (pattern.id === 'sound' || pattern.of ? shifts : severities(shifts));
    grids.set(pattern, (grid = { orifice: of(pattern.orifice), valve: of(pattern.valve) }));
  }
  return grid[metering];
}

interface ReadGap {
  readonly id: GapId;
  readonly name: string;
  readonly i: number;
  readonly valueF: number;
  readonly soundF: number;
  readonly sigmaF: number;
}

/** The gaps that count, each with what a sound circuit should show, and corrected for the port it was read at. */
function readGaps({ metering, gaps, atDischarge }: Ladder, { headHeld, airShare = 0 }: PatternFacts): ReadGap[] {
  return GAPS.flatMap((gap, i): ReadGap[] => {
    const found = gaps.get(gap.id);
    if (found === undefined || (headHeld && gap.outdoors)) return [];
    const { asked, valueF } = found;
    const isTarget = asked && (asked.source !== 'ruleOfThumb' || (gap.id === 'superheat' && metering === 'orifice'));
    const soundF = isTarget ? (asked.low + asked.high) / 2 : gap[metering];
    const isThere = atDischarge && (gap.id === 'subcooling' || gap.id === 'condensingOver');
    return [
      {
        id: gap.id,
        name: gap.name,
        i,
        soundF,
        valueF: isThere ? valueF - DISCHARGE.addsF : valueF,
        sigmaF: Math.hypot(gap.sigmaF, isThere ? DISCHARGE.sigmaF : 0, airShare * AIR_MOVES_F[gap.id][metering]),
      },
    ];
  });
}

const expectsOf = ({ i, soundF }: ReadGap, shift: Shift) =>
  i === 0 ? Math.max(0, soundF + shift[i]) : soundF + shift[i]!;

/** Odds of a pattern before its gaps, by what else is known. */
function priorOf({ id, prior, of }: Pattern, facts: PatternFacts): number {
  const { drierDropF, chargeMovedNothing, airInBand, airShare, outdoorClean } = facts;
  const involves = (one: string) => id === one || (of?.includes(one) ?? false);
  let odds = prior;
  if (id === DRIER_ID) odds = drierDropF === undefined ? prior : drierDropF > DRIER_MOST_F ? 60 : 0.01;
  // A drier that restricts explains what a metering device would.
  if (id === 'metering' && drierDropF !== undefined && drierDropF > DRIER_MOST_F) odds *= 0.15;
  if (involves('metering') && chargeMovedNothing) odds *= 8;
  if (involves('lowCharge') && chargeMovedNothing) odds *= 0.15;
  if (involves('lowAir') && airInBand) odds *= 0.3;
  if (involves('lowAir') && airShare !== undefined) odds *= 1.5;
  if (involves('dirtyOutdoor') && outdoorClean) odds *= 0.15;
  return odds;
}

/** Sound is at most even where a target of the nameplate, or of the manufacturer's chart, is missed by more than its error. */
const MOST_SOUND = 0.5;
/** From so much a pattern is named. */
const NAMED_FROM = 0.5;

function capped(shares: readonly number[], sound: number): readonly number[] {
  if (shares[sound]! <= MOST_SOUND) return shares;
  const rest = 1 - shares[sound]!;
  return shares.map((share, i) =>
    i === sound ? MOST_SOUND : rest > 0 ? (share * (1 - MOST_SOUND)) / rest : (1 - MOST_SOUND) / (shares.length - 1),
  );
}

/**
 * Ranks what may be wrong with a circuit by how well each pattern, slight to gross, alone or two at once, explains the gaps that were read.
 *
 * A pattern never contradicts its own gaps: with every gap where it is asked no fault is named, and with a target of the nameplate missed beyond
 * its error *sound* is at most even. What harms least comes first: a look and a wash before charge is moved or the circuit opened.
 *
 * @param ladder as read; what plate or relation asks moves what a sound circuit should show
 * @returns shares that add up to 1, with what each reading says for and against
 */
export function rankPatterns(ladder: Ladder, facts: PatternFacts = {}): Patterns {
  const { metering, gaps } = ladder;
  const read = readGaps(ladder, facts);
  const all = [...PATTERNS, ...PAIRS];
  const fits = all.map((pattern) => {
    let best: { shift: Shift; fit: number } | undefined;
    let sum = 0;
    const grid = gridOf(pattern, metering);
    for (const shift of grid) {
      let fit = 1;
      for (const gap of read) fit *= weightOf((gap.valueF - expectsOf(gap, shift)) / gap.sigmaF);
      sum += fit;
      if (!best || fit > best.fit) best = { shift, fit };
    }
    return { pattern, weight: (priorOf(pattern, facts) * sum) / grid.length, shift: best!.shift };
  });
  const total = fits.reduce((sum, { weight }) => sum + weight, 0);
  const words = read.map(({ id }) => gaps.get(id)!);
  const missed = words.filter(({ word, asked }) => word === 'outside' && asked && asked.source !== 'ruleOfThumb');
  const sound = all.findIndex(({ id }) => id === 'sound');
  const plain = fits.map(({ weight }) => weight / total);
  const shares = missed.length > 0 ? capped(plain, sound) : plain;
  const ranked = fits
    .map(({ pattern, shift }, k): RankedPattern => ({
      pattern,
      share: shares[k]!,
      evidence: read.map((gap) => {
        const expectsF = expectsOf(gap, shift);
        const { id, name, valueF, sigmaF } = gap;
        const speaks = Math.abs(valueF - expectsF) <= 1.5 * sigmaF ? 'for' : 'against';
        return { id, name, readF: valueF, expectsF, speaks };
      }),
    }))
    .sort((a, b) => b.share - a.share);
  const [first] = ranked as [RankedPattern, ...RankedPattern[]];
  const isAllInside = words.length > 0 && words.every(({ word }) => word === 'inside');
  const drier = (facts.drierDropF ?? 0) > DRIER_MOST_F;
  const mayName = first.pattern.id === 'sound' ? missed.length === 0 : !isAllInside || drier;
  const named = first.share >= NAMED_FROM && mayName ? first : undefined;
  return {
    ranked,
    read: read.length,
    named,
    unnamed: named ? undefined : whyUnnamed(first, isAllInside, missed.length > 0, read.length),
    first: firstStep(ranked, named, facts),
    settle: settleOf(ranked, ladder),
  };
}

function whyUnnamed({ pattern }: RankedPattern, isAllInside: boolean, isMissed: boolean, read: number): string {
  if (read === 0) return 'Not enough readings for a diagnosis yet.';
  if (isAllInside) return 'Everything is in range. Leave the charge as it is.';
  if (pattern.id === 'sound' && isMissed)
    return 'A nameplate target is missed, but no fault explains it. Measure again before you touch the charge.';
  return 'No fault is likely enough to name.';
}

/** A pattern this likely gets its own step first. */
const WORTH_A_STEP = 0.15;

/** What is done first: of what is likely, what harms least. Washing comes before charge, unless the coil was seen clean. */
function firstStep(
  ranked: readonly RankedPattern[],
  named: RankedPattern | undefined,
  { outdoorClean }: PatternFacts,
): string | undefined {
  const likely = ranked.filter(({ pattern, share }) => pattern.id !== 'sound' && share >= WORTH_A_STEP);
  const [least] = [...likely].sort((a, b) => a.pattern.harm - b.pattern.harm || b.share - a.share);
  if (!least || (named?.pattern.id === 'sound' && likely.length === 0)) return undefined;
  const goesIn = (named ?? least).pattern.harm;
  if (least.pattern.harm >= 4 && !outdoorClean)
    return 'Inspect the outdoor coil, wash it if dirty, and measure again. Recover nothing before that.';
  return least.pattern.harm < goesIn ? `${least.pattern.toDo}. Then measure again.` : undefined;
}

function settleOf(ranked: readonly RankedPattern[], { metering, gaps }: Ladder) {
  const [first, second] = ranked as [RankedPattern, RankedPattern];
  const apart = (i: number, sigmaF: number) =>
    Math.abs(first.pattern[metering][0]![i]! - second.pattern[metering][0]![i]!) / sigmaF;
  const [best] = GAPS.map((gap, i) => ({ gap, apart: apart(i, gap.sigmaF) }))
    .filter(({ gap }) => !gaps.has(gap.id))
    .sort((a, b) => b.apart - a.apart);
  if (first.share >= 0.9) return undefined;
  return best && best.apart > 0.7 ? best.gap.name : first.pattern.settle;
}
