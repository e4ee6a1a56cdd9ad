import { driveState, type BeltDrive } from './beltDrive';

/** A setting of the sheave that is fitted. */
export interface SheaveSpeed {
  /** RPM at the blower, as the fan's speed. */
  readonly tap: string;
  readonly turnsOpen: number;
}

/** Halves of a flat-keyed sheave turn by half turns. */
const STEP_TURNS = 0.5;

/**
 * The speeds of an adjustable motor sheave, half turn by half turn, slowest first; none of a fixed one. Slip as measured stays.
 *
 * @param drive sheaves in in., RPM of the motor
 * @source RPM ratio of the pitch diameters; pitch falls evenly from closed to open
 * @example sheaveSpeeds(worked example D, 2½ of 5 turns open) // eleven settings, from 697.9 to 947.3 RPM
 */
export function sheaveSpeeds(drive: BeltDrive): SheaveSpeed[] {
  const sheave = drive.motorSheave;
  if (sheave.kind !== 'adjustable') return [];
  const slip = Math.max(0, driveState(drive).slip ?? 0);
  const steps = Math.floor(sheave.turns / STEP_TURNS + 1e-9);
  return Array.from({ length: steps + 1 }, (_, i) => {
    const turnsOpen = (steps - i) * STEP_TURNS;
    const { ratioRpm } = driveState({ ...drive, turnsOpen, measuredRpm: undefined });
    return { turnsOpen, tap: (ratioRpm * (1 - slip)).toFixed(1) };
  });
}
