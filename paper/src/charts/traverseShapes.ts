import { toShown, unitText, type Duct, type TraversePlan } from '@huff/core';
import { circle, line, rect, text, type DrawStyle, type Shape } from '../shapes';

interface TraverseSource {
  readonly duct: Duct;
  readonly plan: TraversePlan;
  /** Points already read: drawn full. */
  readonly done: number;
  readonly style: DrawStyle;
}

const WIDTH = 320;
const MARGIN = 26;

interface Place {
  readonly x: number;
  readonly y: number;
}

/** Points of the plan in the order of reading, in the unit square: hole by hole, from the near wall on. */
function pointsOf({ holes, depths }: TraversePlan, isRound: boolean): Place[] {
  if (depths.length === 0) return holes.map((x) => ({ x, y: 0.5 }));
  return holes.flatMap((hole) =>
    depths.map((depth) => {
      if (!isRound) return { x: hole, y: depth };
      const angle = hole * Math.PI;
      return { x: 0.5 + (depth - 0.5) * Math.cos(angle), y: 0.5 + (depth - 0.5) * Math.sin(angle) };
    }),
  );
}

/** A side without zeros after the point: 12, 12.5. */
const side = (inches: number) => Number(toShown(inches, 'in').toFixed(1));

/** A duct's size in words. @example ductSize({ shape: 'round', diameterIn: 12 }) // '12 in. round' */
export const ductSize = (duct: Duct): string =>
  duct.shape === 'round'
    ? `${side(duct.diameterIn)} ${unitText('in')} round`
    : `${side(duct.widthIn)} × ${side(duct.heightIn)} ${unitText('in')}`;

/** The duct's cross-section with its holes, the points and how far each is read. Lengths in px. */
export function traverseShapes({ duct, plan, done, style }: TraverseSource): {
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly Shape[];
} {
  const isRound = duct.shape === 'round';
  const ratio = isRound ? 1 : duct.heightIn / duct.widthIn;
  const w = Math.min(WIDTH - 2 * MARGIN, ratio > 0.8 ? 190 : WIDTH);
  const h = isRound ? w : Math.max(56, Math.min(200, w * ratio));
  const [left, top] = [(WIDTH - w) / 2, MARGIN];
  const height = h + 2 * MARGIN;
  const middle = { x: left + w / 2, y: top + h / 2 };
  const name = { size: style.small, bold: true, color: 'softInk', anchor: 'middle' } as const;
  const dotted = { stroke: 'line', dash: [2, 4] } as const;
  const wall = { fill: 'sheet', stroke: 'ink', strokeWidth: 2 } as const;
  const across = (hole: number, i: number): Shape[] => {
    const x = left + hole * w;
    return [line(x, top - 8, x, top + h, dotted), text(x, top - 11, `${i + 1}`, name)];
  };
  const through = (hole: number, i: number): Shape[] => {
    const angle = hole * Math.PI;
    const [dx, dy] = [(w / 2) * Math.cos(angle), (w / 2) * Math.sin(angle)];
    return [
      line(middle.x - dx, middle.y - dy, middle.x + dx, middle.y + dy, dotted),
      text(middle.x - dx * 1.14, middle.y - dy * 1.14 + 5, `${i + 1}`, name),
    ];
  };
  const holes = !isRound ? plan.holes.flatMap(across) : plan.depths.length > 0 ? plan.holes.flatMap(through) : [];
  return {
    width: WIDTH,
    height,
    shapes: [
      isRound ? circle(middle.x, middle.y, w / 2, wall) : rect({ x: left, y: top, width: w, height: h, ...wall }),
      ...holes,
      ...pointsOf(plan, isRound).map(({ x, y }, i) =>
        circle(left + x * w, top + y * h, i === done ? 6 : 4.5, {
          fill: i < done ? 'supply' : 'paper',
          stroke: i === done ? 'action' : 'supply',
          strokeWidth: i === done ? 3 : 1.5,
        }),
      ),
      text(WIDTH / 2, height - 6, `${ductSize(duct)} · ${done} of ${plan.points} read`, {
        size: style.small,
        color: 'softInk',
        anchor: 'middle',
      }),
    ],
  };
}
