import { driveState, wrapDeg, type BeltDrive } from '@huff/core';
import { driveShapes, pitchText, type DrivePose } from '../drive';
import { ON_PAPER, type Drawing } from '../shapes';

/** Two sheaves and their belt as they stand; undefined where the belt does not reach or its mark is not known. */
function poseOf(drive: BeltDrive): DrivePose | undefined {
  const { motorPitchIn: motorIn, blowerPitchIn: blowerIn, centresIn } = driveState(drive);
  return centresIn === undefined ? undefined : { motorIn, blowerIn, centresIn };
}

/**
 * A belt drive to scale, as it was dashed behind it where it was changed: the drawing of the Drive bench.
 *
 * @returns undefined where its belt does not reach, or its mark is not known
 */
export function driveDrawing(
  { now, asFound }: { readonly now: BeltDrive; readonly asFound?: BeltDrive },
  width = 560,
  height = 250,
): Drawing | undefined {
  const [pose, was] = [poseOf(now), asFound && poseOf(asFound)];
  if (!pose) return undefined;
  const wrap = wrapDeg(pose.centresIn, pose.blowerIn, pose.motorIn);
  return {
    width,
    height,
    says: `Belt drive: blower sheave ${pitchText(pose.blowerIn)}, motor sheave ${pitchText(pose.motorIn)}, belt ${now.beltMark}, centers ${pitchText(pose.centresIn)}, wrap ${Math.round(wrap)} degrees.`,
    shapes: driveShapes({
      now: pose,
      asFound: was,
      motorWords: now.motorSheave.kind === 'adjustable' ? `motor, ${now.turnsOpen} turns open` : 'motor',
      wrapDeg: wrap,
      width,
      height,
      style: ON_PAPER,
    }),
  };
}
