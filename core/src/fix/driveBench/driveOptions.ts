import { driveState, pitchAt, settingsOf, blowerRpm, type BeltDrive, type Sheave } from '../../air/drive';
import { chooseBelt, type BeltFit } from './beltChoice';
import type { DriveParts, SheavePart } from './parts';

/** A sheave at an end of its range has nothing left to adjust by. */
export const isAtEnd = ({ motorSheave, turnsOpen }: BeltDrive): boolean =>
  motorSheave.kind === 'adjustable' && (turnsOpen === 0 || turnsOpen === motorSheave.turns);

/** What has to be got or done for a setting, least first. */
export const DRIVE_RANKS = ['asFound', 'turn', 'belt', 'truckSheave', 'bought', 'largerMotor'] as const;
export type DriveRank = (typeof DRIVE_RANKS)[number];

/** One way to set a drive. */
export interface DriveOption {
  readonly rank: DriveRank;
  readonly drive: BeltDrive;
  /** By the sheaves. */
  readonly ratioRpm: number;
  readonly fit: BeltFit;
  /** How far the motor base moves from where it stands, in.; below 0 it comes closer. */
  readonly baseMoveIn: number;
  /** Sheaves that have to be fitted. */
  readonly newSheaves: readonly SheavePart[];
  readonly minutes: number;
  readonly cost: number;
}

const MINUTES = { turn: 20, belt: 10, sheave: 35 } as const;

interface Choice {
  readonly sheave: Sheave;
  readonly part?: SheavePart;
}

const choices = (fitted: Sheave, parts: DriveParts, fits: SheavePart['fits']): Choice[] => [
  { sheave: fitted },
  ...parts.sheaves
    .filter((part) => part.fits === fits && part.sheave.grooves >= fitted.grooves)
    .map((part) => ({ sheave: part.sheave, part })),
];

function rankOf(newSheaves: readonly SheavePart[], fit: BeltFit, asFound: boolean): DriveRank {
  if (newSheaves.some((part) => !part.onTruck) || fit.from === 'bought') return 'bought';
  if (newSheaves.length > 0) return 'truckSheave';
  if (fit.from === 'truck') return 'belt';
  return asFound ? 'asFound' : 'turn';
}

/**
 * Every way a drive can be set with what is fitted, on the truck, or to be bought: each half turn of each motor sheave, or of
 * the fitted one with another blower sheave, with a belt that fits the motor base's travel. Settings no belt fits are left out.
 *
 * @returns in the order of `DRIVE_RANKS`, within a rank by RPM; empty when the belt's mark cannot be read
 */
export function driveOptions(drive: BeltDrive, parts: DriveParts): DriveOption[] {
  const now = driveState(drive);
  const fitted = now.belt;
  if (!fitted) return [];
  const options: DriveOption[] = [];
  for (const motor of choices(drive.motorSheave, parts, 'motor')) {
    for (const blower of choices(drive.blowerSheave, parts, 'blower')) {
      const blowerSheave = blower.sheave;
      // One sheave is changed at a time: two new ones are a new drive.
      if (blowerSheave.kind !== 'fixed' || (motor.part && blower.part)) continue;
      for (const turnsOpen of settingsOf(motor.sheave)) {
        const motorPitchIn = pitchAt(motor.sheave, turnsOpen);
        const fit = chooseBelt(fitted, [motorPitchIn, blowerSheave.pitchIn], drive, parts);
        if (!fit) continue;
        const newSheaves = [motor.part, blower.part].filter((part) => part !== undefined);
        const asFound = newSheaves.length === 0 && turnsOpen === (motor.sheave.kind === 'fixed' ? 0 : drive.turnsOpen);
        options.push({
          rank: rankOf(newSheaves, fit, asFound),
          drive: {
            ...drive,
            motorSheave: motor.sheave,
            turnsOpen,
            blowerSheave,
            beltMark: fit.belt.mark,
            measuredRpm: undefined,
          },
          ratioRpm: blowerRpm(drive.motorRpm, motorPitchIn, blowerSheave.pitchIn),
          fit,
          baseMoveIn: now.centresIn === undefined ? 0 : fit.centresIn - now.centresIn,
          newSheaves,
          minutes: asFound
            ? 0
            : MINUTES.turn + (fit.from === 'fitted' ? 0 : MINUTES.belt) + MINUTES.sheave * newSheaves.length,
          cost: newSheaves.reduce((sum, part) => sum + part.cost, fit.cost),
        });
      }
    }
  }
  const order = (option: DriveOption) => DRIVE_RANKS.indexOf(option.rank);
  return options.sort((a, b) => order(a) - order(b) || a.ratioRpm - b.ratioRpm);
}
