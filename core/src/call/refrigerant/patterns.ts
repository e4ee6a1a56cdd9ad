import { shownWords } from '../../base/words';

/** What a cause does to the gaps of a sound circuit, °F: superheat, subcooling, approach, condensing over ambient, return − dew. */
export type Shift = readonly [
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
  /** What its remedy does to the circuit, least first: nothing or a look, a wash, air, charge put in, charge taken out, the circuit opened. */
  readonly harm: 0 | 1 | 2 | 3 | 4 | 5;
  /** The two patterns it is made of, for two faults at once. */
  readonly of?: readonly [string, string];
}

/** A drier that restricts does to the gaps what a metering device does; its own temperature drop tells it. */
export const DRIER_ID = 'drier';

/**
 * Patterns as figures: differences from a sound circuit of a steady model at 75/62.5 °F in, 95 °F outdoors, 400 CFM per ton (docs/physics.md). An
 * overcharged orifice is known to subcool more than the model says: its row is raised to what is met in the field (J).
 */
export const PATTERNS: readonly Pattern[] = [
  {
    id: 'sound',
    name: 'Sound',
    harm: 0,
    prior: 40,
    orifice: [[0, 0, 0, 0, 0]],
    valve: [[0, 0, 0, 0, 0]],
    toDo: 'Leave the charge as it is',
    settle: 'nothing: it is on target',
  },
  {
    id: 'lowAir',
    name: 'Little air over the indoor coil',
    harm: 2,
    prior: 5,
    orifice: [
      [-8, -3, 1, -2, 4],
      [-8, -5, 2, -3, 6],
    ],
    valve: [
      [0, -1, -1, -1, 4],
      [0, -2, -1, -2, 7],
    ],
    toDo: 'Go back to static and airflow',
    settle: 'airflow by a second method',
  },
  {
    id: 'lowCharge',
    name: 'Short of charge',
    harm: 3,
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
    toDo: 'Find and repair the leak, then weigh the charge in',
    settle: 'subcooling at the liquid port',
  },
  {
    id: 'overcharge',
    name: 'Too much charge',
    harm: 4,
    prior: 7,
    orifice: [[-8, 7, -1, 2, -3]],
    valve: [[0, 11, -6, 6, 0]],
    toDo: 'Wash the outdoor coil and measure again first. Then recover a little; never vent',
    settle: 'approach: under 8 with too much charge, over 15 with a dirty coil',
  },
  {
    id: 'dirtyOutdoor',
    name: 'Dirty outdoor coil or weak outdoor fan',
    harm: 1,
    prior: 10,
    orifice: [
      [-8, -1, 8, 7, -2],
      [-8, -2, 18, 16, -3],
    ],
    valve: [
      [0, 4, 3, 8, 0],
      [0, 11, 7, 19, -1],
    ],
    toDo: 'Clean the outdoor coil, check its fan, measure again',
    settle: 'inspect the outdoor coil; approach',
  },
  {
    id: 'metering',
    name: 'Metering device restricted',
    harm: 5,
    prior: 4,
    orifice: [
      [34, 10, -7, 3, 13],
      [46, 8, -7, 1, 23],
    ],
    valve: [
      [14, 4, -4, 2, 3],
      [30, 9, -7, 3, 11],
    ],
    toDo: 'Check the bulb first: tight, insulated, in place. Then strainer and valve; charge does not change it',
    settle: 'subcooling: normal or high here, low with low charge',
  },
  {
    id: DRIER_ID,
    name: 'Filter drier restricted',
    harm: 5,
    prior: 1,
    orifice: [
      [20, 4, -4, 2, 8],
      [40, 8, -7, 2, 18],
    ],
    valve: [
      [8, 2, -2, 1, 2],
      [24, 6, -5, 2, 8],
    ],
    toDo: 'Certified work: recover, replace the drier, evacuate, weigh the charge in',
    get settle() {
      return `line temperature before and after the drier: over ${shownWords(3, 'deltaF', 0)} confirms it`;
    },
  },
  {
    id: 'overfeeding',
    name: 'Metering device overfeeds',
    harm: 2,
    prior: 3,
    orifice: [[-8, -10, 8, -2, -3]],
    valve: [[-10, -10, 8, -2, -3]],
    toDo: 'Check bulb tight and insulated, orifice size and seating',
    settle: 'superheat with the bulb in hand',
  },
  {
    id: 'compressor',
    name: 'Weak compressor',
    harm: 5,
    prior: 4,
    orifice: [[-8, -6, 2, -4, -5]],
    valve: [[0, -2, -2, -3, -4]],
    toDo: 'Compare compressor amps with the nameplate before you condemn it',
    settle: 'compressor amps: low with a weak compressor',
  },
  {
    id: 'airInside',
    name: 'Air or another gas in the circuit',
    harm: 5,
    prior: 2,
    orifice: [[-8, -2, 13, 11, -2]],
    valve: [[0, 7, 8, 12, 0]],
    toDo: 'Wash the outdoor coil. Compare standing pressure with outdoor air. Then recover, evacuate, weigh the charge in',
    settle: 'standing pressure against outdoor temperature',
  },
];

const BY_ID = new Map(PATTERNS.map((pattern) => [pattern.id, pattern]));

/** Two faults at once that are met together (J): one hides what the other would show. Odds per 100. */
const TOGETHER: readonly (readonly [one: string, other: string, name: string, prior: number, toDo: string])[] = [
  ['lowAir', 'lowCharge', 'Low airflow and low on refrigerant', 2, 'Fix airflow first, then judge the charge again'],
  [
    'dirtyOutdoor',
    'lowCharge',
    'Dirty outdoor coil and low on refrigerant',
    1.5,
    'Wash the outdoor coil and measure again, then find the leak',
  ],
  [
    'dirtyOutdoor',
    'overcharge',
    'Dirty outdoor coil and too much charge',
    1,
    'Wash the outdoor coil and measure again. Then recover a little; never vent',
  ],
  [
    'lowAir',
    'dirtyOutdoor',
    'Low airflow and a dirty outdoor coil',
    1.5,
    'Fix airflow first, then wash the outdoor coil, then measure again',
  ],
  [
    'metering',
    'lowCharge',
    'Metering device restricted and low on refrigerant',
    0.5,
    'Find the leak first, then check the metering device',
  ],
];

const summed = (a: Shift, b: Shift): Shift => [a[0] + b[0], a[1] + b[1], a[2] + b[2], a[3] + b[3], a[4] + b[4]];

/** Every two faults that are ranked: each severity of one with each of the other. */
export const PAIRS: readonly Pattern[] = TOGETHER.map(([one, other, name, prior, toDo]): Pattern => {
  const [a, b] = [BY_ID.get(one)!, BY_ID.get(other)!];
  const both = (metering: 'orifice' | 'valve') =>
    a[metering].flatMap((first) => b[metering].map((second) => summed(first, second)));
  return {
    id: `${one}+${other}`,
    name,
    prior,
    orifice: both('orifice'),
    valve: both('valve'),
    toDo,
    settle: a.harm <= b.harm ? a.settle : b.settle,
    harm: a.harm <= b.harm ? a.harm : b.harm,
    of: [one, other],
  };
});
