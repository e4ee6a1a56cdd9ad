import { readBeltMark, type Belt } from './belt';
import { centresIn } from './beltGeometry';
import { beltSlip, blowerRpm } from './fanLaws';
import { pitchAt, type Sheave } from './sheave';

/** A belt drive as it is fitted. */
export interface BeltDrive {
  readonly motorRpm: number;
  readonly motorSheave: Sheave;
  /** Of an adjustable motor sheave. */
  readonly turnsOpen: number;
  readonly blowerSheave: Sheave & { readonly kind: 'fixed' };
  /** What is printed on the belt. */
  readonly beltMark: string;
  /** Centre distance the motor base can stand at, in. */
  readonly leastCentresIn: number;
  readonly mostCentresIn: number;
  /** What the blower may turn, RPM. */
  readonly mostBlowerRpm?: number;
  /** Measured at the blower, RPM. */
  readonly measuredRpm?: number;
}

/** A drive worked out. */
export interface DriveState {
  readonly motorPitchIn: number;
  readonly blowerPitchIn: number;
  /** By the sheaves. */
  readonly ratioRpm: number;
  /** What the blower turns: measured where it was, else by the sheaves. */
  readonly rpm: number;
  /** Share lost in the belt; undefined when the RPM was not measured. */
  readonly slip?: number;
  readonly belt?: Belt;
  /** Where the belt is tight; undefined when it does not reach or its mark is not known. */
  readonly centresIn?: number;
}

/**
 * The drive as it stands: pitch diameters, RPM, slip, and where its belt is tight.
 *
 * @throws RangeError when the sheave is turned past its range
 * @example worked example D: 822.6 RPM, centres 16.46 in. with an A48
 */
export function driveState(drive: BeltDrive): DriveState {
  const motorPitchIn = pitchAt(drive.motorSheave, drive.turnsOpen);
  const blowerPitchIn = drive.blowerSheave.pitchIn;
  const ratioRpm = blowerRpm(drive.motorRpm, motorPitchIn, blowerPitchIn);
  const belt = readBeltMark(drive.beltMark);
  return {
    motorPitchIn,
    blowerPitchIn,
    ratioRpm,
    rpm: drive.measuredRpm ?? ratioRpm,
    slip: drive.measuredRpm === undefined ? undefined : beltSlip(drive.measuredRpm, ratioRpm),
    belt,
    centresIn:
      belt && centresIn(belt.pitchIn, Math.max(motorPitchIn, blowerPitchIn), Math.min(motorPitchIn, blowerPitchIn)),
  };
}
