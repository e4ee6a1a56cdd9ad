import { driveState, wrapDeg, type BeltDrive } from '@huff/core';
import { beltOutline, driveScale, type DrivePose } from '../drive';
import { drawing, el, INK, words, type Drawing } from '../svg';

const inches = (value: number) => `${value.toFixed(2)} in.`;

/** Two sheaves and their belt as they stand; undefined where the belt does not reach or its mark is not known. */
function poseOf(drive: BeltDrive): DrivePose | undefined {
  const { motorPitchIn: motorIn, blowerPitchIn: blowerIn, centresIn } = driveState(drive);
  return centresIn === undefined ? undefined : { motorIn, blowerIn, centresIn };
}

const SPOKES = [18, 90, 162, 234, 306].map((deg) => (deg * Math.PI) / 180);

/**
 * A belt drive to scale, as it was dashed behind it where it was changed: the same scale and outline as on the Drive bench.
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
  const moved =
    was && (was.motorIn !== pose.motorIn || was.blowerIn !== pose.blowerIn || was.centresIn !== pose.centresIn);
  const { perInch, blower } = driveScale([pose, ...(moved ? [was] : [])], {
    left: 12,
    right: width - 12,
    top: 58,
    bottom: height - 52,
  });
  const motor = { x: blower.x + perInch * pose.centresIn, y: blower.y };
  const r = (pitch: number) => (perInch * pitch) / 2;
  const wrap = Math.round(wrapDeg(pose.centresIn, pose.blowerIn, pose.motorIn));
  const label = (x: number, name: string, value: number) => [
    words(name, { x, y: 14, size: 12, color: INK.soft, anchor: 'middle' }),
    words(inches(value), { x, y: 33, size: 15, bold: true, anchor: 'middle' }),
  ];
  const down = height - 24;
  const line = (x1: number, x2: number, y1: number, y2: number) =>
    el('line', { x1, x2, y1, y2, stroke: INK.soft, 'stroke-width': 1.2 });
  const motorName = now.motorSheave.kind === 'adjustable' ? `motor, ${now.turnsOpen} turns open` : 'motor';
  return drawing(
    {
      width,
      height,
      says: `Belt drive: blower sheave ${inches(pose.blowerIn)}, motor sheave ${inches(pose.motorIn)}, belt ${now.beltMark}, centres ${inches(pose.centresIn)}, wrap ${wrap} degrees.`,
    },
    ...(moved
      ? [
          el('path', {
            d: beltOutline(was, blower, perInch),
            fill: 'none',
            stroke: INK.soft,
            'stroke-width': 1.6,
            'stroke-dasharray': '4 5',
          }),
          el('circle', {
            cx: blower.x + perInch * was.centresIn,
            cy: blower.y,
            r: r(was.motorIn),
            fill: 'none',
            stroke: INK.soft,
            'stroke-width': 1.2,
            'stroke-dasharray': '4 5',
          }),
        ]
      : []),
    el('circle', {
      cx: blower.x,
      cy: blower.y,
      r: r(pose.blowerIn),
      fill: INK.paper,
      stroke: INK.ink,
      'stroke-width': 1.3,
    }),
    ...SPOKES.map((angle) =>
      el('line', {
        x1: blower.x + 9 * Math.cos(angle),
        y1: blower.y + 9 * Math.sin(angle),
        x2: blower.x + (r(pose.blowerIn) - 4) * Math.cos(angle),
        y2: blower.y + (r(pose.blowerIn) - 4) * Math.sin(angle),
        stroke: INK.line,
        'stroke-width': 4,
      }),
    ),
    el('circle', { cx: blower.x, cy: blower.y, r: 7, fill: INK.ink }),
    el('circle', {
      cx: motor.x,
      cy: motor.y,
      r: r(pose.motorIn),
      fill: INK.paper,
      stroke: INK.ink,
      'stroke-width': 1.3,
    }),
    el('circle', { cx: motor.x, cy: motor.y, r: 4.5, fill: INK.ink }),
    el('path', { d: beltOutline(pose, blower, perInch), fill: 'none', stroke: INK.ink, 'stroke-width': 3.6 }),
    ...label(blower.x, 'blower', pose.blowerIn),
    ...label(Math.min(motor.x, width - 70), motorName, pose.motorIn),
    words(`wrap ${wrap}°`, {
      x: (blower.x + r(pose.blowerIn) + motor.x - r(pose.motorIn)) / 2,
      y: blower.y + 4,
      size: 12,
      color: INK.soft,
      anchor: 'middle',
    }),
    line(blower.x, blower.x, down - 6, down + 6),
    line(motor.x, motor.x, down - 6, down + 6),
    line(blower.x, motor.x, down, down),
    words(inches(pose.centresIn), {
      x: (blower.x + motor.x) / 2,
      y: down + 5,
      size: 15,
      bold: true,
      anchor: 'middle',
      halo: true,
    }),
  );
}
