import { currentMeasures, flowText, flowWords, toShown, unitText, type Target } from '@huff/core';
import { line, rect, text, type DrawStyle, type Shape } from '../shapes';
import type { Box, CrossingScales } from './crossingScales';

/** The target band, from top to bottom, with its words over it. */
export function bandShapes(target: Target, x: CrossingScales['x'], box: Box, { small }: DrawStyle): Shape[] {
  const [low, high] = [x(target.lowCfm), x(target.highCfm)];
  const percent = Math.round((target.highCfm / target.flowCfm - 1) * 100);
  return [
    rect({
      x: low,
      width: Math.max(0, high - low),
      y: box.top - 8,
      height: box.bottom - box.top + 8,
      fill: 'edge',
      fillOpacity: 0.75,
    }),
    text(
      Math.min(box.right, Math.max(box.left + 70, x(target.flowCfm) + 70)),
      small - 1,
      `target ${flowWords(target.flowCfm)} ± ${percent} %`,
      { size: small, color: 'softInk', anchor: 'end' },
    ),
  ];
}

/** "0.2", or whole Pa. */
const staticTick = (staticInWc: number) =>
  Number(toShown(staticInWc, 'inWc').toPrecision(4)).toFixed(currentMeasures().static === 'pa' ? 0 : 1);

/** The scales at left and below, with their units. */
export function axesShapes({ x, y, flowTicks, staticTicks }: CrossingScales, box: Box, { small }: DrawStyle): Shape[] {
  const soft = { size: small, color: 'softInk' } as const;
  return [
    ...staticTicks.flatMap((tick) => [
      line(box.left, y(tick), box.right, y(tick), { stroke: 'line' }),
      text(box.left - 8, y(tick) + 5, staticTick(tick), { ...soft, anchor: 'end' }),
    ]),
    ...flowTicks.map((tick) => text(x(tick), box.bottom + 1.35 * small, flowText(tick), { ...soft, anchor: 'middle' })),
    text(0, small - 1, unitText('inWc'), soft),
    text(box.right, box.bottom + 2.5 * small, unitText('cfm'), { ...soft, anchor: 'end' }),
  ];
}
