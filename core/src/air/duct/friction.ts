import { bracketedRoot } from '../../base/numbers/bracketedRoot';
import { STANDARD_DENSITY } from '../moistAir';

/** Absolute roughness of the inside, ft. Source: ASHRAE Handbook of Fundamentals, Duct Design, roughness categories. */
export const ROUGHNESS_FT = { sheetMetal: 0.0003, fibreLined: 0.003, flexStretched: 0.003 } as const;

/** Kinematic viscosity of air at 70 °F, ft²/s. */
const VISCOSITY_FT2_S = 1.63e-4;
const LAMINAR_TO = 2300;

/**
 * Darcy friction factor of a duct: Colebrook's equation above Re = 2,300, 64/Re below.
 *
 * 1/√f = −2·log₁₀(ε/(3.7·D) + 2.51/(Re·√f)), solved to 1e-12 by a bracketed root on x = 1/√f.
 *
 * @param reynolds Re > 0
 * @param relativeRoughness ε/D, 0 to 0.1
 * @source C. F. Colebrook, J. Inst. Civil Eng. 11 (1939) 133
 * @example frictionFactor(1e5, 0.0003) // 0.0194
 */
export function frictionFactor(reynolds: number, relativeRoughness: number): number {
  if (!(reynolds > 0)) throw new RangeError('A friction factor needs moving air.');
  if (reynolds < LAMINAR_TO) return 64 / reynolds;
  const off = (x: number) => x + 2 * Math.log10(relativeRoughness / 3.7 + (2.51 * x) / reynolds);
  const x = bracketedRoot(off, 1, 40, 1e-13);
  return 1 / (x * x);
}

/** Circular diameter of the same friction and flow as a rectangle, in.: 1.30·(ab)^0.625/(a + b)^0.25. Source: Huebscher 1948. */
export function equivalentDiameterIn(widthIn: number, heightIn: number): number {
  return (1.3 * Math.pow(widthIn * heightIn, 0.625)) / Math.pow(widthIn + heightIn, 0.25);
}

/**
 * How much a flexible duct's friction rises when it is not pulled out: 1 + 0.58·%·e^(−0.126·D), with % the compression
 * (100 × (1 − length installed/length stretched)) and D in in.
 *
 * @source Abushakra, Walker and Sherman, LBNL 2002, as in ASHRAE Handbook of Fundamentals, Duct Design
 * @example flexFactor(8, 4) // 1.85
 */
export function flexFactor(diameterIn: number, compressionPercent: number): number {
  return 1 + 0.58 * compressionPercent * Math.exp(-0.126 * diameterIn);
}

/** A duct's friction. */
export interface DuctFriction {
  readonly velocityFpm: number;
  readonly frictionPer100FtInWc: number;
  readonly reynolds: number;
  readonly frictionFactor: number;
}

/**
 * Friction of a round duct by Darcy and Weisbach: Δp/100 ft = f·(1200/D)·(V/1096.7)²·ρ, D in in.
 *
 * @param flowCfm Q > 0
 * @param diameterIn D > 0, in.; for a rectangle its equivalent diameter
 * @param factor of a flexible duct's compression, 1 for others
 * @source ASHRAE Handbook of Fundamentals, Duct Design eq. 18
 * @example 1,000 CFM in 14 in. sheet metal → 0.089 in. w.c. per 100 ft at 935 fpm
 */
export function ductFriction(
  flowCfm: number,
  diameterIn: number,
  roughnessFt: number,
  densityLbFt3: number = STANDARD_DENSITY,
  factor = 1,
): DuctFriction {
  const areaSqFt = (Math.PI * diameterIn * diameterIn) / 576;
  const velocityFpm = flowCfm / areaSqFt;
  const diameterFt = diameterIn / 12;
  const reynolds = ((velocityFpm / 60) * diameterFt) / ((VISCOSITY_FT2_S * STANDARD_DENSITY) / densityLbFt3);
  const friction = frictionFactor(reynolds, roughnessFt / diameterFt);
  return {
    velocityFpm,
    reynolds,
    frictionFactor: friction,
    frictionPer100FtInWc: friction * (100 / diameterFt) * densityLbFt3 * (velocityFpm / 1096.7) ** 2 * factor,
  };
}

/** Round sizes that are sold, in. */
const ROUND_SIZES_IN = [4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 18, 20, 22, 24, 26, 28, 30, 32, 36] as const;

/**
 * The smallest round duct that is sold within a friction rate and a velocity.
 *
 * @returns undefined when the largest is too small
 * @example roundSizeIn(400, 0.1, 900, 0.0003) // 10
 */
export function roundSizeIn(
  flowCfm: number,
  frictionLimit: number,
  velocityLimitFpm: number,
  roughnessFt: number,
  densityLbFt3: number = STANDARD_DENSITY,
  factorOf: (diameterIn: number) => number = () => 1,
): number | undefined {
  return ROUND_SIZES_IN.find((d) => {
    const { frictionPer100FtInWc, velocityFpm } = ductFriction(flowCfm, d, roughnessFt, densityLbFt3, factorOf(d));
    return frictionPer100FtInWc <= frictionLimit && velocityFpm <= velocityLimitFpm;
  });
}

/** Friction rates a duct system can be built to. */
export const WORKABLE_FRICTION = { min: 0.06, max: 0.18 } as const;
