import { staticText, type PortId } from '@huff/core';
import { scaleLinear } from 'd3-scale';
import { circle, line, path, polyline, text, type DrawStyle, type Role, type Shape } from '../shapes';
import { splitAtAxis, type AirwayMark, type AirwayPlan, type Point } from './airwayGeometry';
import { blowerWheel } from './blowerWheel';

interface PressureLineSource {
  readonly plan: AirwayPlan;
  /** Pressures of before, in. w.c., drawn dashed behind. */
  readonly ghost?: ReadonlyMap<PortId, number>;
  readonly width: number;
  readonly rowHeight: number;
  readonly top: number;
  /** The port to read next. */
  readonly next?: PortId;
  readonly style: DrawStyle;
}

/** A port on the drawing, and where its circle stands. */
export interface DrawnPort extends Point {
  readonly port: PortId;
  readonly pressureInWc?: number;
}

interface PressureLine {
  readonly height: number;
  readonly shapes: readonly Shape[];
  readonly ports: readonly DrawnPort[];
}

const roleOf = ({ side }: AirwayMark): Role => (side === 'return' ? 'suction' : 'supply');

/** A port's circle with its code in it; its pressure and where it is on the other side of the axis. */
function portShapes(
  { port, name, pressureInWc, side }: AirwayMark & { readonly port: PortId },
  at: Point,
  axisX: number,
  { isNext, style }: { readonly isNext: boolean; readonly style: DrawStyle },
): Shape[] {
  const radius = style.small;
  const isRead = pressureInWc !== undefined;
  const isPlain = isRead || isNext;
  const isLeft = isRead ? pressureInWc < 0 : side === 'return';
  const beside = { anchor: isLeft ? 'start' : 'end' } as const;
  // Clear of the circle where it lies on the axis.
  const clear = Math.max(8, radius + (isNext ? 5 : 0) + 5 - Math.abs(at.x - axisX));
  const besideX = axisX + (isLeft ? clear : -clear);
  // Under its pressure where it is read, level with the circle where it is not.
  const nameY = at.y + (isRead ? 0.35 * style.figure + 1.15 * style.small : -0.1 * style.small);
  return [
    ...(isNext ? [circle(at.x, at.y, radius + 5, { stroke: 'action', strokeWidth: 1.5, dash: [3, 4] })] : []),
    circle(at.x, at.y, radius, {
      fill: 'paper',
      stroke: isNext ? 'action' : side === 'return' ? 'suction' : 'supply',
      strokeWidth: style.line * (isPlain ? 3 : 2.5),
      dash: isPlain ? undefined : [3, 3],
    }),
    text(at.x, at.y + 0.3 * style.small, port, {
      size: style.small,
      bold: true,
      color: isPlain ? 'ink' : 'softInk',
      anchor: 'middle',
    }),
    ...(isRead
      ? [
          text(besideX, at.y + 0.35 * style.figure, staticText(pressureInWc), {
            size: style.figure,
            bold: true,
            ...beside,
          }),
        ]
      : []),
    ...(name?.split(' ') ?? []).map((word, i) =>
      text(besideX, nameY + i * 1.1 * style.small, word, { size: style.small, color: 'softInk', ...beside }),
    ),
  ];
}

/** The pressure along the air path against a zero axis: suction to the left, hatched; supply to the right, plain. Lengths in px. */
export function pressureLine(source: PressureLineSource): PressureLine {
  const { plan, ghost, width, rowHeight, top, next, style } = source;
  const radius = style.small;
  const read = plan.marks.filter((mark) => mark.pressureInWc !== undefined);
  const all = [...read.map(({ pressureInWc }) => pressureInWc!), ...(ghost?.values() ?? [])];
  const most = Math.max(0.3, ...all.map(Math.abs));
  const axisX = Math.round(width * 0.54);
  const reach = Math.min(axisX, width - axisX) - radius - 2;
  const x = scaleLinear([-most, most], [axisX - reach, axisX + reach]);
  const y = (row: number) => top + row * rowHeight;
  const foot = y(plan.rows);
  const place = (mark: AirwayMark): Point => ({ x: x(mark.pressureInWc ?? 0), y: y(mark.row) });
  const { suction, supply } = splitAtAxis(read.map(place), axisX);
  const ghostAt = (mark: AirwayMark) => (mark.port === undefined ? 0 : ghost?.get(mark.port));
  const ghosts = ghost
    ? plan.marks.flatMap((mark) => {
        const was = ghostAt(mark);
        return was === undefined ? [] : [{ x: x(was), y: y(mark.row) }];
      })
    : [];
  const ports = plan.marks.flatMap((mark) => (mark.port === undefined ? [] : [{ ...mark, port: mark.port }]));
  const side = (words: string, at: number, color: Role, anchor?: 'end') =>
    text(at, style.small, words, { size: style.small, bold: true, color, anchor });
  const room = (words: string, at: number) => text(0, at + 5, words, { size: style.small, color: 'softInk' });
  return {
    height: foot + 2 * style.small,
    ports: ports.map((mark) => ({ port: mark.port, pressureInWc: mark.pressureInWc, ...place(mark) })),
    shapes: [
      side('suction', axisX - 8, 'suction', 'end'),
      side('supply', axisX + 8, 'supply'),
      ...[-most, -most / 2, most / 2, most].map((at) =>
        line(x(at), top, x(at), foot, { stroke: 'line', dash: [2, 5] }),
      ),
      ...suction.map((area) => path(`${polyline(area)}Z`, { fill: 'suction', fillOpacity: 0.55, hatched: true })),
      ...supply.map((area) => path(`${polyline(area)}Z`, { fill: 'supply', fillOpacity: 0.24 })),
      line(axisX, top - 8, axisX, foot + 8, { stroke: 'ink', strokeWidth: 2.5 * style.line }),
      ...(ghosts.length > 2
        ? [path(polyline(ghosts), { stroke: 'softInk', strokeWidth: 2 * style.line, dash: [6, 5] })]
        : []),
      ...(read.length > 2 ? [] : blowerWheel(axisX, y((plan.fan.from + plan.fan.to) / 2), 20, 'ink')),
      ...read.slice(1).map((to, i) => {
        const from = read[i]!;
        const [a, b] = [place(from), place(to)];
        const isFan = from.row <= plan.fan.from && to.row >= plan.fan.to;
        return line(a.x, a.y, b.x, b.y, {
          stroke: isFan ? 'ink' : roleOf(from.port ? from : to),
          strokeWidth: 3 * style.line,
          dash: isFan ? [2, 5] : undefined,
          round: true,
        });
      }),
      room('room', top),
      room('rooms', foot),
      ...ports.flatMap((mark) => portShapes(mark, place(mark), axisX, { isNext: mark.port === next, style })),
    ],
  };
}
