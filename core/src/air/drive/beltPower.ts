import type { BeltSection } from './beltSection';

/** Horsepower of one belt at belt speeds of 1,000 to 5,000 fpm, by pitch diameter of the small sheave, in. */
interface RatingRow {
  readonly pitchIn: number;
  readonly hp: readonly number[];
}

const SPEEDS_FPM = [1000, 2000, 3000, 4000, 5000];

/** Source: published single-belt ratings of classical sections, e.g. Shigley, Mechanical Engineering Design, table 17–12. */
const RATINGS: Readonly<Record<'A' | 'B', readonly RatingRow[]>> = {
  A: [
    { pitchIn: 2.6, hp: [0.47, 0.62, 0.53, 0.15, 0.05] },
    { pitchIn: 3, hp: [0.66, 1.01, 1.12, 0.93, 0.38] },
    { pitchIn: 3.4, hp: [0.81, 1.31, 1.57, 1.53, 1.12] },
    { pitchIn: 3.8, hp: [0.93, 1.55, 1.92, 2, 1.71] },
    { pitchIn: 4.2, hp: [1.03, 1.74, 2.2, 2.38, 2.19] },
    { pitchIn: 4.6, hp: [1.11, 1.89, 2.44, 2.69, 2.58] },
    { pitchIn: 5, hp: [1.17, 2.03, 2.64, 2.96, 2.89] },
  ],
  B: [
    { pitchIn: 4.2, hp: [1.07, 1.58, 1.68, 1.26, 0.22] },
    { pitchIn: 4.6, hp: [1.27, 1.99, 2.29, 2.08, 1.24] },
    { pitchIn: 5, hp: [1.44, 2.33, 2.8, 2.76, 2.1] },
    { pitchIn: 5.4, hp: [1.59, 2.62, 3.24, 3.34, 2.82] },
    { pitchIn: 5.8, hp: [1.72, 2.87, 3.61, 3.85, 3.45] },
    { pitchIn: 6.2, hp: [1.82, 3.09, 3.94, 4.28, 4] },
    { pitchIn: 6.6, hp: [1.92, 3.29, 4.23, 4.67, 4.48] },
    { pitchIn: 7, hp: [2.01, 3.46, 4.49, 5.01, 4.9] },
  ],
};

/** Angle-of-contact factors, by degrees of wrap on the small sheave. Source: as the ratings, V to V. */
const WRAP_FACTORS: readonly (readonly [number, number])[] = [
  [90, 0.69],
  [100, 0.74],
  [110, 0.79],
  [120, 0.83],
  [130, 0.86],
  [140, 0.89],
  [150, 0.92],
  [160, 0.95],
  [170, 0.98],
  [180, 1],
];

/** (J) A notched belt carries so much more on the same sheaves. */
const NOTCHED = 1.3;

/** A value on straight pieces between points, held at both ends. */
function onPieces(points: readonly (readonly [number, number])[], x: number): number {
  const [first, last] = [points[0]!, points[points.length - 1]!];
  if (x <= first[0]) return first[1];
  if (x >= last[0]) return last[1];
  const i = points.findIndex(([at]) => at > x);
  const [[x0, y0], [x1, y1]] = [points[i - 1]!, points[i]!];
  return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
}

/**
 * Horsepower one belt carries.
 *
 * @param section A, AX, B or BX
 * @param smallPitchIn pitch diameter of the small sheave, in.; under the ratings' least the rating falls in proportion
 * @param speedFpm belt speed
 * @param wrapDegrees on the small sheave
 * @source published single-belt ratings with angle-of-contact factor
 * @example beltHp('A', 3.4, 1550, 165) // 1.05
 */
export function beltHp(section: BeltSection, smallPitchIn: number, speedFpm: number, wrapDegrees: number): number {
  const rows = RATINGS[section.startsWith('A') ? 'A' : 'B'];
  const at = ({ pitchIn, hp }: RatingRow) =>
    [pitchIn, onPieces([[0, 0], ...SPEEDS_FPM.map((fpm, i): [number, number] => [fpm, hp[i]!])], speedFpm)] as const;
  const least = rows[0]!.pitchIn;
  const rating = onPieces(rows.map(at), smallPitchIn) * Math.min(1, (smallPitchIn / least) ** 2);
  return rating * (section.endsWith('X') ? NOTCHED : 1) * onPieces(WRAP_FACTORS, wrapDegrees);
}

/** Least pitch diameter of a motor's sheave by its power, in.: a smaller one overloads its bearing. Source: NEMA MG 1, V-belt sheaves. */
const LEAST_SHEAVE_IN: readonly (readonly [number, number])[] = [
  [1, 2.2],
  [3, 2.4],
  [5, 3],
  [7.5, 3.8],
  [10, 4.4],
];

/** The least motor sheave for a motor, in.; that of the largest listed beyond. @example leastMotorSheaveIn(2) // 2.4 */
export const leastMotorSheaveIn = (ratedHp: number): number =>
  (LEAST_SHEAVE_IN.find(([hp]) => ratedHp <= hp) ?? LEAST_SHEAVE_IN[LEAST_SHEAVE_IN.length - 1]!)[1];

/** Force at mid-span that deflects a belt by 1/64 in. per inch of span, lb: from a run-in belt to a new one, by section and small sheave. */
const DEFLECTION_LB: Readonly<Record<'A' | 'B', readonly (readonly [number, number, number])[]>> = {
  A: [
    [3, 1.5, 2.5],
    [4, 2, 3],
    [Infinity, 2.5, 3.5],
  ],
  B: [
    [4.6, 3, 4.5],
    [5.8, 3.5, 5],
    [Infinity, 4, 6],
  ],
};

/**
 * Tension force of a belt, lb, from run-in to new.
 * @source manufacturers' tension tables as the trade uses them, rounded; the belt's own sheet goes first
 * @example deflectionLb('A', 3.3) // { runIn: 2, asNew: 3 }
 */
export function deflectionLb(
  section: BeltSection,
  smallPitchIn: number,
): { readonly runIn: number; readonly asNew: number } {
  const rows = DEFLECTION_LB[section.startsWith('A') ? 'A' : 'B'];
  const [, runIn, asNew] = rows.find(([most]) => smallPitchIn <= most)!;
  return { runIn, asNew };
}
