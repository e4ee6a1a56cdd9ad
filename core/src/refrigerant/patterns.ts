import type { GapId, Ladder } from './ladder';

/** What a cause does to the gaps of a sound circuit, °F: superheat, subcooling, approach, condensing over outdoors, return − dew. */
type Shift = readonly [
  superheat: number,
  subcooling: number,
  approach: number,
  condensingOver: number,
  returnMinusDew: number,
];

/** A pattern of section "refrigerant side": one cause, by how it moves what is read. */
export interface Pattern {
  readonly id: string;
  readonly name: string;
  /** Odds per 100 once the gate is open (J). */
  readonly prior: number;
  /** From slight to strong, by metering. */
  readonly orifice: readonly Shift[];
  readonly valve: readonly Shift[];
  readonly toDo: string;
  /** What tells it from its nearest neighbour. */
  readonly settle: string;
}

/**
 * Patterns as figures: differences from a sound circuit of a steady model at 75/62.5 °F in, 95 °F outdoors, 400 CFM a ton (docs/physics.md). An
 * overcharged orifice is known to subcool more than the model says: its row is raised to what is met in the field (J).
 */
export const PATTERNS: readonly Pattern[] = [
  {
    id: 'sound',
    name: 'Sound',
    prior: 40,
    orifice: [[0, 0, 0, 0, 0]],
    valve: [[0, 0, 0, 0, 0]],
    toDo: 'Leave the charge as it is',
    settle: 'nothing: it is as asked',
  },
  {
    id: 'lowAir',
    name: 'Little air over the indoor coil',
    prior: 5,
    orifice: [
      [-8, -3, 1, -2, 4],
      [-8, -5, 2, -3, 6],
    ],
    valve: [
      [0, -1, -1, -1, 4],
      [0, -2, -1, -2, 7],
    ],
    toDo: 'Back to static and airflow',
    settle: 'airflow by a second method',
  },
  {
    id: 'lowCharge',
    name: 'Short of charge',
    prior: 14,
    orifice: [
      [14, -2, 1, -1, 2],
      [23, -4, 2, -2, 5],
      [29, -8, 4, -4, 9],
    ],
    valve: [
      [0, -10, 7, -2, 0],
      [13, -11, 7, -3, 2],
      [23, -11, 6, -4, 6],
    ],
    toDo: 'Find the leak first, then weigh the charge in',
    settle: 'subcooling at the liquid port',
  },
  {
    id: 'overcharge',
    name: 'Too much charge',
    prior: 7,
    orifice: [[-8, 7, -1, 2, -3]],
    valve: [[0, 11, -6, 6, 0]],
    toDo: 'Outdoor coil clean first; recover a little, never vent',
    settle: 'approach: under 8 with too much charge, over 15 with a dirty coil',
  },
  {
    id: 'dirtyOutdoor',
    name: 'Dirty outdoor coil or weak outdoor fan',
    prior: 10,
    orifice: [
      [-8, -1, 8, 7, -2],
      [-8, -2, 18, 16, -3],
    ],
    valve: [
      [0, 4, 3, 8, 0],
      [0, 11, 7, 19, -1],
    ],
    toDo: 'Clean the outdoor coil, look at its fan, read again',
    settle: 'look at the outdoor coil; approach',
  },
  {
    id: 'metering',
    name: 'Metering device restricted',
    prior: 4,
    orifice: [
      [34, 10, -7, 3, 13],
      [46, 8, -7, 1, 23],
    ],
    valve: [
      [14, 4, -4, 2, 3],
      [30, 9, -7, 3, 11],
    ],
    toDo: 'Strainer, valve and its bulb; charge does not move it',
    settle: 'subcooling: normal or high here, low when charge is short',
  },
  {
    id: 'overfeeding',
    name: 'Metering device overfeeds',
    prior: 3,
    orifice: [[-8, -10, 8, -2, -3]],
    valve: [[-10, -10, 8, -2, -3]],
    toDo: 'Bulb tight and insulated, orifice of the right size and seated',
    settle: 'superheat with the bulb in hand',
  },
  {
    id: 'compressor',
    name: 'Weak compressor',
    prior: 4,
    orifice: [[-8, -6, 2, -4, -5]],
    valve: [[0, -2, -2, -3, -4]],
    toDo: 'Compressor amps by leg beside the plate before it is condemned',
    settle: 'compressor amps: low with a weak compressor',
  },
  {
    id: 'airInside',
    name: 'Air or another gas in the circuit',
    prior: 2,
    orifice: [[-8, -2, 13, 11, -2]],
    valve: [[0, 7, 8, 12, 0]],
    toDo: 'Recover, evacuate, weigh the plate’s charge in',
    settle: 'pressure at rest against the outdoor temperature',
  },
  {
    id: 'lowAirLowCharge',
    name: 'Little air and short of charge',
    prior: 2,
    orifice: [[23, -7, 3, -3, 8]],
    valve: [[14, -11, 6, -3, 6]],
    toDo: 'Air first; charge is judged again after it',
    settle: 'superheat once air is in its band',
  },
];

/** The gaps in the order of a shift, what a sound circuit has (by metering), and how far a sound one strays: reading and unit together, °F (J). */
const GAPS: readonly {
  readonly id: GapId;
  readonly name: string;
  readonly orifice: number;
  readonly valve: number;
  readonly sigmaF: number;
}[] = [
  { id: 'superheat', name: 'superheat', orifice: 8, valve: 10, sigmaF: 4.5 },
  { id: 'subcooling', name: 'subcooling', orifice: 10, valve: 10.5, sigmaF: 3.5 },
  { id: 'approach', name: 'approach', orifice: 8, valve: 8, sigmaF: 3.5 },
  { id: 'condensingOver', name: 'condensing over outdoors', orifice: 18, valve: 18, sigmaF: 3.6 },
  { id: 'returnMinusDew', name: 'return − dew', orifice: 33, valve: 33, sigmaF: 3 },
];

/** What one reading says of a pattern. */
export interface Evidence {
  readonly id: GapId;
  readonly name: string;
  readonly readF: number;
  readonly expectsF: number;
  readonly speaks: 'for' | 'against';
}

export interface RankedPattern {
  readonly pattern: Pattern;
  /** 0 to 1; all together 1. */
  readonly share: number;
  readonly evidence: readonly Evidence[];
}

export interface Patterns {
  readonly ranked: readonly RankedPattern[];
  /** How many gaps were read. */
  readonly read: number;
  /** What parts the two likeliest best: a gap not read yet, else what settles the first. */
  readonly settle?: string;
}

/** Student-t with four degrees of freedom: a gross reading does not decide alone. */
const weightOf = (z: number) => (1 + (z * z) / 4) ** -2.5;

/**
 * Ranks what may be wrong with a circuit by how well each pattern explains the gaps that were read.
 *
 * @param ladder as read; what plate or relation asks moves what a sound circuit should show
 * @returns shares that add up to 1, with what each reading says for and against
 */
export function rankPatterns(ladder: Ladder): Patterns {
  const { metering, gaps } = ladder;
  const soundOf = (i: number) => {
    const asked = gaps.get(GAPS[i]!.id)?.asked;
    const isTarget =
      asked && asked.source !== 'ruleOfThumb' ? true : GAPS[i]!.id === 'superheat' && metering === 'orifice' && asked;
    return isTarget ? (asked!.low + asked!.high) / 2 : GAPS[i]![metering];
  };
  const read = GAPS.flatMap((gap, i) => {
    const valueF = gaps.get(gap.id)?.valueF;
    return valueF === undefined ? [] : [{ ...gap, i, valueF, soundF: soundOf(i) }];
  });
  const fits = PATTERNS.map((pattern) => {
    const each = pattern[metering].map((shift) => ({
      shift,
      fit: read.reduce((product, { i, valueF, soundF, sigmaF }) => {
        const expects = i === 0 ? Math.max(0, soundF + shift[i]) : soundF + shift[i]!;
        return product * weightOf((valueF - expects) / sigmaF);
      }, 1),
    }));
    const best = each.reduce((most, next) => (next.fit > most.fit ? next : most));
    const mean = each.reduce((sum, { fit }) => sum + fit, 0) / each.length;
    return { pattern, weight: pattern.prior * mean, shift: best.shift };
  });
  const sum = fits.reduce((total, { weight }) => total + weight, 0);
  const ranked = fits
    .map(({ pattern, weight, shift }): RankedPattern => ({
      pattern,
      share: weight / sum,
      evidence: read.map(({ id, name, i, valueF, soundF, sigmaF }) => {
        const expectsF = i === 0 ? Math.max(0, soundF + shift[i]) : soundF + shift[i]!;
        return {
          id,
          name,
          readF: valueF,
          expectsF,
          speaks: Math.abs(valueF - expectsF) <= 1.5 * sigmaF ? 'for' : 'against',
        };
      }),
    }))
    .sort((a, b) => b.share - a.share);
  const [first, second] = ranked;
  const open = GAPS.map((gap, i) => ({ ...gap, i })).filter(({ id }) => !gaps.has(id));
  const apart = (i: number, sigmaF: number) =>
    Math.abs(first!.pattern[metering][0]![i]! - second!.pattern[metering][0]![i]!) / sigmaF;
  const best = open.map((gap) => ({ gap, apart: apart(gap.i, gap.sigmaF) })).sort((a, b) => b.apart - a.apart)[0];
  const settle = first!.share >= 0.9 ? undefined : best && best.apart > 0.7 ? best.gap.name : first!.pattern.settle;
  return { ranked, read: read.length, settle };
}
