/** A sheave of one pitch diameter. */
interface FixedSheave {
  readonly kind: 'fixed';
  readonly pitchIn: number;
  readonly grooves: number;
}

/** A sheave whose halves are turned apart: closed it is largest, each turn open makes it smaller. */
export interface AdjustableSheave {
  readonly kind: 'adjustable';
  /** Pitch diameter with all turns open, in. */
  readonly leastPitchIn: number;
  /** Pitch diameter closed, in. */
  readonly mostPitchIn: number;
  /** Turns from closed to the last that may be opened. */
  readonly turns: number;
  readonly grooves: number;
}

export type Sheave = FixedSheave | AdjustableSheave;

/** The halves are keyed on two flats: they stand at half turns only. */
export const TURN_STEP = 0.5;

/**
 * Pitch diameter at a setting, in. It falls evenly from closed to open.
 *
 * @param turnsOpen 0 to the sheave's turns; of no matter for a fixed sheave
 * @throws RangeError outside the sheave's range: the belt would ride above the rim or on the bottom
 * @example pitchAt({ kind: 'adjustable', leastPitchIn: 2.8, mostPitchIn: 3.8, turns: 5, grooves: 1 }, 2.5) // 3.3
 */
export function pitchAt(sheave: Sheave, turnsOpen: number): number {
  if (sheave.kind === 'fixed') return sheave.pitchIn;
  const { leastPitchIn, mostPitchIn, turns } = sheave;
  if (!(turnsOpen >= 0 && turnsOpen <= turns)) {
    throw new RangeError(
      `This sheave turns from 0 to ${turns}; ${turnsOpen} lets the belt ${turnsOpen < 0 ? 'ride above the rim' : 'run on the bottom of the groove'}.`,
    );
  }
  return mostPitchIn - ((mostPitchIn - leastPitchIn) * turnsOpen) / turns;
}

/**
 * Turns open that give a pitch diameter; not rounded to half turns, and outside the range when the sheave cannot.
 * @example turnsFor(the sheave above, 3.696) // 0.52
 */
export const turnsFor = ({ leastPitchIn, mostPitchIn, turns }: AdjustableSheave, pitchIn: number): number =>
  (turns * (mostPitchIn - pitchIn)) / (mostPitchIn - leastPitchIn);

/** Every setting a sheave may stand at, closed first. A fixed sheave has one, 0. */
export function settingsOf(sheave: Sheave): number[] {
  if (sheave.kind === 'fixed') return [0];
  return Array.from({ length: Math.floor(sheave.turns / TURN_STEP) + 1 }, (_, i) => i * TURN_STEP);
}
