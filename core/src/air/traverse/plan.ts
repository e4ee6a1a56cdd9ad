/** Log-Tchebycheff fractions of a side, by number of points. Source: ASHRAE Standard 111, ISO 3966. */
const RECTANGLE: Readonly<Record<5 | 6 | 7, readonly number[]>> = {
  5: [0.074, 0.288, 0.5, 0.712, 0.926],
  6: [0.061, 0.235, 0.437, 0.563, 0.765, 0.939],
  7: [0.053, 0.203, 0.366, 0.5, 0.634, 0.797, 0.947],
};

/** Log-linear fractions of a diameter, by number of points. Source: ASHRAE Standard 111, ISO 3966. */
const ROUND: Readonly<Record<6 | 8 | 10, readonly number[]>> = {
  6: [0.032, 0.135, 0.321, 0.679, 0.865, 0.968],
  8: [0.021, 0.117, 0.184, 0.345, 0.655, 0.816, 0.883, 0.979],
  10: [0.019, 0.077, 0.153, 0.217, 0.361, 0.639, 0.783, 0.847, 0.923, 0.981],
};

const ROUND_DIAMETERS = 3;
const SWEEP_HOLES = [1 / 6, 1 / 2, 5 / 6] as const;

export type Duct =
  | { readonly shape: 'rectangle'; readonly widthIn: number; readonly heightIn: number }
  | { readonly shape: 'round'; readonly diameterIn: number };

/** Where the probe goes in a duct. */
export interface TraversePlan {
  /** Holes along the wide side (or the diameters of a round duct), as fractions. */
  readonly holes: readonly number[];
  /** Fractions of the depth at each hole; empty for a sweep. */
  readonly depths: readonly number[];
  /** Insertion from the inner wall, in., to the nearest ⅛: where to tape the probe. */
  readonly marksIn: readonly number[];
  readonly points: number;
}

const eighth = (inches: number) => Math.round(inches * 8) / 8;
const pointsOfSide = (sideIn: number): 5 | 6 | 7 => (sideIn < 30 ? 5 : sideIn <= 36 ? 6 : 7);

/**
 * The points of a duct traverse.
 *
 * Rectangle: log-Tchebycheff, 5 points a side under 30 in., 6 to 36 in., 7 above. Round: log-linear on three diameters,
 * 6 points each up to 12 in., 8 to 24 in., 10 above. A sweep has three holes and no points.
 *
 * @param duct inside measures, in., above 0
 * @source ASHRAE Standard 111; ISO 3966
 * @example traversePlan({ shape: 'rectangle', widthIn: 20, heightIn: 10 }, 'points').marksIn // 0.75, 2.875, 5, 7.125, 9.25
 */
export function traversePlan(duct: Duct, kind: 'points' | 'sweep'): TraversePlan {
  const depthIn = duct.shape === 'round' ? duct.diameterIn : duct.heightIn;
  if (kind === 'sweep') return { holes: SWEEP_HOLES, depths: [], marksIn: [], points: 3 };
  if (duct.shape === 'round') {
    const depths = ROUND[depthIn <= 12 ? 6 : depthIn <= 24 ? 8 : 10];
    const holes = Array.from({ length: ROUND_DIAMETERS }, (_, i) => i / ROUND_DIAMETERS);
    return { holes, depths, marksIn: depths.map((f) => eighth(f * depthIn)), points: holes.length * depths.length };
  }
  const holes = RECTANGLE[pointsOfSide(duct.widthIn)];
  const depths = RECTANGLE[pointsOfSide(duct.heightIn)];
  return { holes, depths, marksIn: depths.map((f) => eighth(f * depthIn)), points: holes.length * depths.length };
}

/** Area of a duct, sq ft. @example ductAreaSqFt({ shape: 'round', diameterIn: 12 }) // 0.785 */
export function ductAreaSqFt(duct: Duct): number {
  return duct.shape === 'round'
    ? (Math.PI * duct.diameterIn * duct.diameterIn) / 576
    : (duct.widthIn * duct.heightIn) / 144;
}

/** Diameter, or hydraulic diameter 2ab/(a + b), in. */
export function hydraulicDiameterIn(duct: Duct): number {
  return duct.shape === 'round' ? duct.diameterIn : (2 * duct.widthIn * duct.heightIn) / (duct.widthIn + duct.heightIn);
}

const STRAIGHT_BEFORE = 7.5;
const STRAIGHT_AFTER = 3;

/** How far a place in a duct is from the straight run a traverse wants, and what it does to the certainty. */
export interface StraightRun {
  readonly enough: boolean;
  /** Factor on σ, 1 when the run is long enough. */
  readonly widen: number;
  readonly sentence: string;
}

/**
 * Whether there is straight duct enough: 7½ diameters after the last fitting and 3 before the next.
 *
 * @param beforeIn straight duct between the fitting upstream and the holes, in.
 * @param afterIn straight duct between the holes and the fitting downstream, in.
 * @source ASHRAE Standard 111
 * @example straightRun({ shape: 'round', diameterIn: 10 }, 75, 30).enough // true
 */
export function straightRun(duct: Duct, beforeIn: number, afterIn: number): StraightRun {
  const diameter = hydraulicDiameterIn(duct);
  const before = beforeIn / diameter;
  const after = afterIn / diameter;
  const short = Math.min(before / STRAIGHT_BEFORE, after / STRAIGHT_AFTER);
  if (short >= 1) return { enough: true, widen: 1, sentence: 'Enough straight duct on both sides.' };
  const which = before / STRAIGHT_BEFORE < after / STRAIGHT_AFTER ? 'before' : 'after';
  const has = which === 'before' ? before : after;
  const wants = which === 'before' ? STRAIGHT_BEFORE : STRAIGHT_AFTER;
  return {
    enough: false,
    widen: Math.min(2.4, 1 + 1.4 * (1 - short)),
    sentence: `Only ${has.toFixed(1)} diameters of straight duct ${which} the holes, ${wants} are needed: the figure is less certain.`,
  };
}

/** Inches as a tape reads: "2 ⅞". @example tapeText(2.875) // '2 ⅞' */
export function tapeText(inches: number): string {
  const whole = Math.floor(inches + 1e-9);
  const part = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'][Math.round((inches - whole) * 8) % 8]!;
  return whole === 0 && part !== '' ? part : `${whole}${part === '' ? '' : ` ${part}`}`;
}
