import {
  flowWords,
  operate,
  resistancesOf,
  staticText,
  type PointSigma,
  type Sourced,
  type System,
  type Target,
} from '@huff/core';
import { circle, line, path, type DrawStyle, type Shape } from '../shapes';
import { axesShapes, bandShapes } from './crossingFrame';
import { ghostMark, label, readMark } from './crossingMarks';
import { crossingScales, fanPath, labelPoint, spreadPath, systemPath, type Box } from './crossingScales';
import { curveLabel, curvesOf, spreadOf, type Curve } from './drawnCurves';
import { limitSpot, type Taken } from './limitSpot';
import { asked, edgeOf, moved, pathDiffers } from './operatingEdge';

export interface CrossingSource {
  /** The system as it was measured. */
  readonly now: System;
  /** What it would become; what it is then stays as a ghost. */
  readonly then?: System;
  readonly target?: Target;
  readonly maxTesp: Sourced;
  readonly sigma?: PointSigma;
  /** A point that was measured, beside the one that was predicted. */
  readonly proven?: { readonly flowCfm: number; readonly tespInWc: number };
}

interface Point {
  readonly x: number;
  readonly y: number;
}

/** What is drawn at the figures of a source: its curves, its scales and the places of its points. */
function laidOut({ now, then, target, maxTesp, proven }: CrossingSource, box: Box) {
  const curves = curvesOf(now, then);
  const live = then ?? now;
  const at = operate(now);
  const shown = then ? operate(then) : at;
  const [atPoint, shownPoint] = [edgeOf(at), edgeOf(shown)];
  const scales = crossingScales(
    curves.map(({ runs }) => runs),
    {
      flowsCfm: [
        atPoint.flowCfm,
        shownPoint.flowCfm,
        ...(target ? [target.lowCfm, target.highCfm] : []),
        ...(proven ? [proven.flowCfm] : []),
      ],
      staticsInWc: [atPoint.staticInWc, shownPoint.staticInWc, maxTesp.value, ...(proven ? [proven.tespInWc] : [])],
    },
    box,
  );
  const { x, y } = scales;
  /** A crossing lies on the drawn system curve; an edge of the table where the table ends. */
  const placeOf = (system: System, operation: typeof at): Point => {
    const { flowCfm, staticInWc } = edgeOf(operation);
    return { x: x(flowCfm), y: y(operation.kind === 'crossing' ? asked(system, flowCfm) : staticInWc) };
  };
  const isBent = then !== undefined && pathDiffers(now, then);
  const isGhost = then !== undefined && (at.kind !== shown.kind || moved(atPoint, shownPoint) || isBent);
  return {
    curves,
    live,
    scales,
    atPoint,
    shownPoint,
    isFound: shown.kind === 'crossing',
    isBent,
    place: placeOf(live, shown),
    ghost: isGhost ? placeOf(now, at) : undefined,
    read: proven && { x: x(proven.flowCfm), y: y(proven.tespInWc) },
  };
}

type Laid = ReturnType<typeof laidOut>;

/** The fan's curves, the one it runs on heavy, each with its speed. */
function curveShapes({ curves, live, scales }: Laid, now: System, style: DrawStyle): Shape[] {
  return curves.flatMap((curve) => {
    const isLive = curve.tap === live.fan.tap;
    const wasLive = curve.tap === now.fan.tap && !isLive;
    const at = labelAt(curve, scales);
    return [
      path(fanPath(curve.runs, scales), {
        stroke: 'ink',
        strokeOpacity: isLive ? 1 : wasLive ? 0.45 : 0.4,
        strokeWidth: style.line * (isLive ? 3.5 : wasLive ? 3 : 1.2),
      }),
      ...(at
        ? [label(at.x, at.y, curveLabel(now, curve.tap), { size: style.small, bold: isLive, anchor: 'middle' })]
        : []),
    ];
  });
}

function labelAt({ runs }: Curve, { x, y }: Laid['scales']): Point | undefined {
  const end = labelPoint(runs);
  return end && { x: x(end.flowCfm) - 4, y: y(end.staticInWc) - 6 };
}

/** How sure the crossing is: a stripe along its curve, and an area round the point. */
function sureness({ scales, live, atPoint, shownPoint, place, isFound }: Laid, sigma: PointSigma | undefined) {
  if (!sigma) return { stripe: [], cloud: [] };
  const { x, y } = scales;
  const spread = spreadOf(live, atPoint.flowCfm > 0 ? sigma.flowCfm / atPoint.flowCfm : undefined);
  const cloud: Shape = {
    kind: 'ellipse',
    cx: place.x,
    cy: place.y,
    rx: Math.abs(x(shownPoint.flowCfm + sigma.flowCfm) - place.x),
    ry: Math.max(6, Math.abs(y(sigma.staticInWc) - y(0))),
    fill: 'ink',
    fillOpacity: 0.16,
  };
  return {
    stripe: spread ? [path(spreadPath(spread, scales), { fill: 'ink', fillOpacity: 0.1 })] : [],
    cloud: isFound ? [cloud] : [],
  };
}

/** What is written on the drawing before the limit's words look for their place. */
const takenBy = ({ curves, scales, place, ghost, read }: Laid, isLeft: boolean): Taken[] => [
  ...curves.flatMap((curve) => {
    const at = labelAt(curve, scales);
    return at ? [{ ...at, half: 20 }] : [];
  }),
  { x: place.x + (isLeft ? -60 : 60), y: place.y - 12, half: 50 },
  ...(ghost ? [{ x: ghost.x - 28, y: ghost.y - 8, half: 18 }] : []),
  ...(read ? [{ x: read.x - 28, y: read.y + 18, half: 18 }] : []),
];

/** The Crossing: airflow across, static up; the fan's curves, the system curve, where they meet, the band and the limit. Lengths in px. */
export function crossingShapes(source: CrossingSource, box: Box, style: DrawStyle): Shape[] {
  const { now, target, maxTesp, sigma } = source;
  const laid = laidOut(source, box);
  const { curves, live, scales, place, isFound, isBent, ghost, read, shownPoint } = laid;
  const { stripe, cloud } = sureness(laid, sigma);
  const most = 2 * Math.max(...curves.flatMap(({ runs }) => runs.flatMap((run) => run.flowsCfm)));
  const pathOf = (system: System) => systemPath(resistancesOf(system), scales, box, [0, most]);
  const isLeft = place.x > box.right - 96;
  const limitY = scales.y(maxTesp.value);
  const limit = limitSpot(limitY, box, takenBy(laid, isLeft));
  const inBox = (shapes: readonly Shape[]): Shape[] =>
    shapes.length === 0
      ? []
      : [
          {
            kind: 'clip',
            x: box.left,
            y: box.top,
            width: box.right - box.left,
            height: box.bottom - box.top,
            shapes,
          },
        ];
  return [
    ...(target ? bandShapes(target, scales.x, box, style) : []),
    ...axesShapes(scales, box, style),
    ...inBox(stripe),
    ...curveShapes(laid, now, style),
    line(box.left, limitY, box.right, limitY, { stroke: 'action', strokeWidth: 2 * style.line, dash: [7, 5] }),
    label(limit.x, limit.y, `${maxTesp.source === 'nameplate' ? 'max' : 'assumed'} ${staticText(maxTesp.value)}`, {
      size: style.small,
      bold: true,
      color: 'action',
      anchor: limit.anchor,
    }),
    ...(isBent ? [path(pathOf(now), { stroke: 'supply', strokeWidth: 2 * style.line, dash: [3, 5] })] : []),
    path(pathOf(live), { stroke: 'supply', strokeWidth: 3 * style.line }),
    ...(ghost ? ghostMark(ghost, style) : []),
    ...inBox(cloud),
    isFound
      ? circle(place.x, place.y, 7.5, { fill: 'ink' })
      : circle(place.x, place.y, 6, { fill: 'paper', stroke: 'action', strokeWidth: 3 }),
    ...(read ? readMark(read, style) : []),
    label(place.x + (isLeft ? -14 : 14), place.y - 12, isFound ? flowWords(shownPoint.flowCfm) : 'off the table', {
      size: style.figure - 1,
      bold: true,
      anchor: isLeft ? 'end' : 'start',
    }),
  ];
}
