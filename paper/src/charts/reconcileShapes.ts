import { flowText, type FlowEstimate, type ReconciledFlow, type Target } from '@huff/core';
import { scaleLinear } from 'd3-scale';
import { circle, line, rect, text, type DrawStyle, type Shape } from '../shapes';

export interface ReconcileSource {
  /** One at least. */
  readonly estimates: readonly FlowEstimate[];
  readonly flow?: ReconciledFlow;
  readonly target?: Target;
  readonly width: number;
  readonly style: DrawStyle;
}

const ROW = 46;
const TOP = 26;
const FOOT = 34;

/** px of a chart of so many methods. */
export const reconcileHeight = (methods: number) => TOP + methods * ROW + FOOT;

/** Each method as a point with its error on one scale of airflow; what counts is full, the mean is the heavy line. Lengths in px. */
export function reconcileShapes({ estimates, flow, target, width, style }: ReconcileSource): Shape[] {
  const height = reconcileHeight(estimates.length);
  const bottom = height - FOOT;
  const reach = estimates.flatMap(({ flowCfm, sigmaShare }) => [
    flowCfm * (1 - 1.2 * sigmaShare),
    flowCfm * (1 + 1.2 * sigmaShare),
  ]);
  const all = [...reach, ...(target ? [target.lowCfm, target.highCfm] : [])];
  const x = scaleLinear([Math.min(...all), Math.max(...all)], [26, Math.max(80, width - 26)]).nice(4);
  const soft = { size: style.small, color: 'softInk' } as const;
  const band = (lowCfm: number, highCfm: number) => ({
    x: x(lowCfm),
    y: TOP - 8,
    width: Math.max(2, x(highCfm) - x(lowCfm)),
    height: bottom - TOP + 8,
  });
  const row = ({ id, name, flowCfm, sigmaShare, setAside }: FlowEstimate, i: number): Shape[] => {
    const y = TOP + i * ROW + 32;
    const isCounted = flow?.counted.includes(id) ?? false;
    const color = isCounted ? 'ink' : 'softInk';
    const half = flowCfm * sigmaShare;
    const why = setAside !== undefined ? ', excluded' : isCounted ? '' : ', left out';
    return [
      text(4, y - 16, `${name} ${flowText(flowCfm)}${why}`, { size: style.small, bold: isCounted, color, halo: 4 }),
      line(x(flowCfm - half), y, x(flowCfm + half), y, {
        stroke: color,
        strokeWidth: 2,
        dash: isCounted ? undefined : [3, 3],
      }),
      circle(x(flowCfm), y, 6, {
        fill: isCounted ? 'ink' : 'paper',
        stroke: isCounted ? 'ink' : 'action',
        strokeWidth: 2.5,
      }),
    ];
  };
  return [
    ...(target
      ? [
          rect({ ...band(target.lowCfm, target.highCfm), fill: 'edge', fillOpacity: 0.75 }),
          text(Math.min(width - 4, x(target.highCfm)), 14, `target ${flowText(target.flowCfm)}`, {
            ...soft,
            anchor: 'end',
          }),
        ]
      : []),
    ...(flow
      ? [
          rect({
            ...band(flow.flowCfm - flow.sigmaCfm, flow.flowCfm + flow.sigmaCfm),
            fill: 'supply',
            fillOpacity: 0.22,
          }),
          line(x(flow.flowCfm), TOP - 8, x(flow.flowCfm), bottom, { stroke: 'supply', strokeWidth: 3 }),
        ]
      : []),
    ...estimates.flatMap(row),
    ...x.ticks(4).map((tick) => text(x(tick), height - 10, flowText(tick), { ...soft, anchor: 'middle' })),
  ];
}
