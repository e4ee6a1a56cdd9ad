import type { OwnerFigure } from '../document/block';
import { drawing, el, INK, type Drawing } from '../svg';

const HEIGHT = 26;
const TROUGH = '#EDECE7';

/**
 * A figure on a bar: what is right is shaded, dashed is before, solid is now. Nothing is written on it: the row beside it says the figures.
 *
 * @param width px
 * @returns undefined where it is not known what is right
 */
export function figureBar({ name, bar, before, now }: OwnerFigure, width: number): Drawing | undefined {
  if (!bar) return undefined;
  const x = (value: number) => (Math.min(Math.max(value, 0), bar.most) / bar.most) * width;
  const line = (value: number, attributes: Parameters<typeof el>[1]) =>
    el('line', { x1: x(value), x2: x(value), y1: 0, y2: HEIGHT, stroke: INK.ink, ...attributes });
  return drawing(
    {
      width,
      height: HEIGHT,
      says: `Bar: ${name}, ${before === undefined ? '' : `${before} before, `}${now} now; what is right is shaded`,
    },
    el('rect', { x: 0, y: 4, width, height: HEIGHT - 8, fill: TROUGH }),
    el('rect', { x: x(bar.low), y: 4, width: x(bar.high) - x(bar.low), height: HEIGHT - 8, fill: INK.edge }),
    ...(bar.before === undefined ? [] : [line(bar.before, { 'stroke-width': 2, 'stroke-dasharray': '3 3' })]),
    line(bar.now, { 'stroke-width': 4 }),
  );
}
