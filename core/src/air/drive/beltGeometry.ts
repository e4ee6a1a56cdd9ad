/**
 * Pitch length of an open belt on two sheaves, in.
 *
 * L = 2C + π/2·(D + d) + (D − d)²/(4C) with pitch diameters D and d and centre distance C, all in inches.
 *
 * @param centresIn C > 0, and more than half of D + d so that the sheaves do not touch
 * @source machine design textbooks, e.g. Shigley, Mechanical Engineering Design, ch. 17
 * @example beltPitchLengthIn(16.5, 7, 3.3) // 49.39
 */
export function beltPitchLengthIn(centresIn: number, largeIn: number, smallIn: number): number {
  const difference = largeIn - smallIn;
  return 2 * centresIn + (Math.PI / 2) * (largeIn + smallIn) + (difference * difference) / (4 * centresIn);
}

/**
 * Centre distance at which a belt is tight, in.: the larger root of the length formula.
 *
 * @returns undefined when the belt is too short to reach round both sheaves
 * @example centresIn(49.3, 7, 3.3) // 16.46
 */
export function centresIn(pitchLengthIn: number, largeIn: number, smallIn: number): number | undefined {
  const b = 4 * pitchLengthIn - 2 * Math.PI * (largeIn + smallIn);
  const difference = largeIn - smallIn;
  const under = b * b - 32 * difference * difference;
  if (b <= 0 || under < 0) return undefined;
  const centres = (b + Math.sqrt(under)) / 16;
  return centres > (largeIn + smallIn) / 2 ? centres : undefined;
}

/**
 * Wrap on the small sheave, degrees: 180 − 57.3·(D − d)/C. At least 120 is wanted.
 * @example wrapDeg(16.46, 7, 3.3) // 167.1
 */
export const wrapDeg = (centres: number, oneIn: number, otherIn: number): number =>
  180 - (57.3 * Math.abs(oneIn - otherIn)) / centres;

/** Least wrap on the small sheave, degrees. Source: belt manufacturers' rule. */
export const LEAST_WRAP_DEG = 120;

/**
 * Belt speed, fpm: π·d·RPM/12.
 * @example beltSpeedFpm(3.3, 1745) // 1,508
 */
export const beltSpeedFpm = (pitchDiameterIn: number, rpm: number): number => (Math.PI * pitchDiameterIn * rpm) / 12;

/** From 5,000 fpm on sheaves need care; cast iron must not run over 6,500. Source: sheave manufacturers' rule. */
export const BELT_SPEED_FPM = { edge: 5000, most: 6500 } as const;

/**
 * Free span between the sheaves, in.: √(C² − ((D − d)/2)²).
 * @example spanIn(16.46, 7, 3.3) // 16.36
 */
export function spanIn(centres: number, oneIn: number, otherIn: number): number {
  const half = (oneIn - otherIn) / 2;
  return Math.sqrt(Math.max(0, centres * centres - half * half));
}

/**
 * How far the belt is pressed at mid-span with the manufacturer's force, in.: 1/64 in. per inch of span.
 * @example deflectionIn(16.36) // 0.256
 */
export const deflectionIn = (span: number): number => span / 64;

/**
 * How far sheaves may be out of line, in.: 1/10 in. per foot of centre distance.
 * @example alignmentIn(16.46) // 0.137
 */
export const alignmentIn = (centres: number): number => (0.1 * centres) / 12;

/** Least room to loosen for fitting a belt without prising it on, and to take up as it wears: centre distance, in. */
export const fittingRoomIn = (section: 'A' | 'AX' | 'B' | 'BX'): number => (section.startsWith('A') ? 0.75 : 1);
/** A belt wears and stretches by about 3 % of its length; half of that is centre distance. Source: rule of thumb. */
export const takeUpIn = (pitchLengthIn: number): number => 0.015 * pitchLengthIn;
