import {
  flowText,
  flowWords,
  operate,
  resistancesOf,
  staticText,
  unitText,
  type Sourced,
  type System,
  type Target,
} from '@huff/core';
import {
  asked,
  crossingScales,
  curveLabel,
  curvesOf,
  edgeOf,
  fanPath,
  labelPoint,
  limitSpot,
  pathDiffers,
  systemPath,
  type Box,
} from '../crossing';
import { drawing, el, INK, words, type Drawing } from '../svg';

interface CrossingPaper {
  readonly now: System;
  /** What it became, or would become. */
  readonly then?: System;
  readonly target?: Target;
  readonly maxTesp: Sourced;
  /** As it was read again. */
  readonly proven?: { readonly flowCfm: number; readonly tespInWc: number };
  readonly width?: number;
  readonly height?: number;
}

/** Where fan and path meet, with the band, the limit and what was read again: the same curves and scales as on the screen. */
export function crossingDrawing({
  now,
  then,
  target,
  maxTesp,
  proven,
  width = 640,
  height = 300,
}: CrossingPaper): Drawing {
  const box: Box = { left: 44, right: width - 12, top: 18, bottom: height - 36 };
  const curves = curvesOf(now, then);
  const live = then ?? now;
  const [at, shown] = [operate(now), operate(live)];
  const [atPoint, point] = [edgeOf(at), edgeOf(shown)];
  const scales = crossingScales(
    curves.map(({ runs }) => runs),
    {
      flowsCfm: [
        atPoint.flowCfm,
        point.flowCfm,
        ...(target ? [target.lowCfm, target.highCfm] : []),
        ...(proven ? [proven.flowCfm] : []),
      ],
      staticsInWc: [atPoint.staticInWc, point.staticInWc, maxTesp.value, ...(proven ? [proven.tespInWc] : [])],
    },
    box,
  );
  const { x, y, flowTicks, staticTicks } = scales;
  const flows: [number, number] = [
    0,
    2 * Math.max(...curves.flatMap(({ runs }) => runs.flatMap((run) => [...run.flowsCfm]))),
  ];
  const pathOf = (system: System) => systemPath(resistancesOf(system), scales, box, flows);
  const placeOf = (system: System, operation: typeof at) => {
    const edge = edgeOf(operation);
    return { x: x(edge.flowCfm), y: y(operation.kind === 'crossing' ? asked(system, edge.flowCfm) : edge.staticInWc) };
  };
  const place = placeOf(live, shown);
  const was = placeOf(now, at);
  const limitY = y(maxTesp.value);
  const taken = curves.flatMap(({ runs }) => {
    const label = labelPoint(runs);
    return label ? [{ x: x(label.flowCfm) - 4, y: y(label.staticInWc) - 6, half: 20 }] : [];
  });
  const limit = limitSpot(limitY, box, [...taken, { x: place.x + 60, y: place.y - 12, half: 50 }]);
  const readWords = proven ? ` Read again: ${flowWords(proven.flowCfm)} at ${staticText(proven.tespInWc)}.` : '';
  const says = `${then ? 'After the work' : 'As found'} ${flowWords(point.flowCfm)} at ${staticText(point.staticInWc)} ${unitText('inWc')}; the limit is ${staticText(maxTesp.value)}.${readWords}`;
  const mark = (cx: number, cy: number, fill: string) =>
    el('circle', { cx, cy, r: 6, fill, stroke: INK.ink, 'stroke-width': 2 });
  return drawing(
    { width, height, says },
    target
      ? el('rect', {
          x: x(target.lowCfm),
          y: box.top,
          width: x(target.highCfm) - x(target.lowCfm),
          height: box.bottom - box.top,
          fill: INK.edge,
          'fill-opacity': 0.5,
        })
      : '',
    ...flowTicks.map((tick) =>
      words(flowText(tick), { x: x(tick), y: box.bottom + 16, size: 12, color: INK.soft, anchor: 'middle' }),
    ),
    ...staticTicks.flatMap((tick) => [
      el('line', { x1: box.left, x2: box.right, y1: y(tick), y2: y(tick), stroke: INK.line, 'stroke-width': 0.8 }),
      words(staticText(tick), { x: box.left - 6, y: y(tick) + 4, size: 12, color: INK.soft, anchor: 'end' }),
    ]),
    el('line', { x1: box.left, x2: box.right, y1: box.bottom, y2: box.bottom, stroke: INK.ink, 'stroke-width': 1.4 }),
    words(unitText('cfm'), { x: box.right, y: box.bottom + 31, size: 12, color: INK.soft, anchor: 'end' }),
    words(unitText('inWc'), { x: 2, y: 11, size: 12, color: INK.soft }),
    ...curves.flatMap(({ tap, runs }) => {
      const heavy = tap === live.fan.tap;
      const label = labelPoint(runs);
      return [
        el('path', {
          d: fanPath(runs, scales),
          fill: 'none',
          stroke: INK.ink,
          'stroke-opacity': heavy ? 1 : 0.4,
          'stroke-width': heavy ? 2.8 : 1.1,
        }),
        label
          ? words(curveLabel(now, tap), {
              x: x(label.flowCfm) - 4,
              y: y(label.staticInWc) - 6,
              size: 12,
              bold: heavy,
              anchor: 'middle',
            })
          : '',
      ];
    }),
    el('line', {
      x1: box.left,
      x2: box.right,
      y1: limitY,
      y2: limitY,
      stroke: INK.action,
      'stroke-width': 1.6,
      'stroke-dasharray': '7 5',
    }),
    words(`${maxTesp.source === 'nameplate' ? 'plate' : 'assumed'} ${staticText(maxTesp.value)}`, {
      x: limit.x,
      y: limit.y,
      size: 12,
      bold: true,
      color: INK.action,
      anchor: limit.anchor,
    }),
    then && pathDiffers(now, then)
      ? el('path', { d: pathOf(now), fill: 'none', stroke: INK.supply, 'stroke-width': 1.4, 'stroke-dasharray': '3 4' })
      : '',
    el('path', { d: pathOf(live), fill: 'none', stroke: INK.supply, 'stroke-width': 2.2 }),
    then
      ? el('circle', {
          cx: was.x,
          cy: was.y,
          r: 5,
          fill: 'none',
          stroke: INK.soft,
          'stroke-width': 1.6,
          'stroke-dasharray': '3 3',
        })
      : '',
    mark(place.x, place.y, shown.kind === 'crossing' ? INK.ink : INK.paper),
    proven
      ? el('path', {
          d: `M${x(proven.flowCfm) - 6} ${y(proven.tespInWc)} h12 M${x(proven.flowCfm)} ${y(proven.tespInWc) - 6} v12`,
          stroke: INK.action,
          'stroke-width': 2.4,
          fill: 'none',
        })
      : '',
    words(shown.kind === 'crossing' ? flowWords(point.flowCfm) : 'off the table', {
      x: place.x + 12,
      y: place.y - 10,
      size: 14,
      bold: true,
      halo: true,
    }),
  );
}
