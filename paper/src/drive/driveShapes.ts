import { shownWords } from '@huff/core';
import { circle, line, path, text, type DrawStyle, type Shape } from '../shapes';
import { beltOutline, driveScale, type DrivePose } from './driveGeometry';

interface DriveSource {
  readonly now: DrivePose;
  /** As found: drawn dashed behind where it differs. */
  readonly asFound?: DrivePose;
  /** What stands over the motor's sheave: "motor, 2.5 turns open". */
  readonly motorWords: string;
  readonly wrapDeg: number;
  readonly width: number;
  readonly height: number;
  readonly style: DrawStyle;
}

const SPOKES = [18, 90, 162, 234, 306].map((deg) => (deg * Math.PI) / 180);

/** A length of a drive, in the reader's unit. @example pitchText(3.3) // '3.30 in.' */
export const pitchText = (inches: number) => shownWords(inches, 'in');

/** Two sheaves and their belt, to scale; as found dashed behind. Lengths in px. */
export function driveShapes({ now, asFound, motorWords, wrapDeg, width, height, style }: DriveSource): Shape[] {
  const { perInch, blower } = driveScale([now, ...(asFound ? [asFound] : [])], {
    left: 12,
    right: width - 12,
    top: 62,
    bottom: height - 58,
  });
  const stroke = (px: number) => px * style.line;
  const motorAt = (pose: DrivePose) => blower.x + perInch * pose.centresIn;
  const r = (pitchIn: number) => (perInch * pitchIn) / 2;
  const motorX = motorAt(now);
  // Long words over a motor at the edge are drawn inwards.
  const motorWordsX = Math.min(motorX, width - 66);
  const isMoved =
    asFound &&
    (asFound.motorIn !== now.motorIn || asFound.blowerIn !== now.blowerIn || asFound.centresIn !== now.centresIn);
  const small = { size: style.small, color: 'softInk', anchor: 'middle' } as const;
  const figure = { size: style.figure, bold: true, anchor: 'middle' } as const;
  const was = { stroke: 'softInk', dash: [4, 5] } as const;
  const rim = (cx: number, pitchIn: number) =>
    circle(cx, blower.y, r(pitchIn), { fill: 'sheet', stroke: 'ink', strokeWidth: stroke(1.5) });
  const hub = (cx: number, radius: number) => circle(cx, blower.y, radius, { fill: 'ink' });
  const label = (cx: number, over: number, name: string, pitchIn: number) => [
    text(cx, 16, name, small),
    text(cx, 36, pitchText(pitchIn), figure),
    line(over, 42, over, blower.y - r(pitchIn) - 6, { stroke: 'line' }),
  ];
  const dimensionY = height - 26;
  const dimension = (x1: number, y1: number, x2: number, y2: number) =>
    line(x1, y1, x2, y2, { stroke: 'softInk', strokeWidth: stroke(1.5) });
  return [
    ...(isMoved
      ? [
          path(beltOutline(asFound, blower, perInch), { ...was, strokeWidth: stroke(2) }),
          circle(motorAt(asFound), blower.y, r(asFound.motorIn), { ...was, strokeWidth: stroke(1.5) }),
        ]
      : []),
    rim(blower.x, now.blowerIn),
    ...SPOKES.map((angle) => {
      const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
      const far = r(now.blowerIn) - 4;
      return line(blower.x + 9 * cos, blower.y + 9 * sin, blower.x + far * cos, blower.y + far * sin, {
        stroke: 'line',
        strokeWidth: stroke(5),
      });
    }),
    hub(blower.x, 8),
    rim(motorX, now.motorIn),
    hub(motorX, 5),
    path(beltOutline(now, blower, perInch), { stroke: 'ink', strokeWidth: stroke(4.5) }),
    ...label(blower.x, blower.x, 'blower', now.blowerIn),
    ...label(motorWordsX, motorX, motorWords, now.motorIn),
    text(
      (blower.x + r(now.blowerIn) + motorX - r(now.motorIn)) / 2,
      blower.y + 5,
      `wrap ${Math.round(wrapDeg)}°`,
      small,
    ),
    dimension(blower.x, dimensionY - 7, blower.x, dimensionY + 7),
    dimension(motorX, dimensionY - 7, motorX, dimensionY + 7),
    dimension(blower.x, dimensionY, motorX, dimensionY),
    text((blower.x + motorX) / 2, dimensionY + 6, pitchText(now.centresIn), { ...figure, halo: 12 }),
  ];
}
