import type { OwnerFigure } from '../document/block';
import { line, rect, type Drawing } from '../shapes';

const HEIGHT = 26;

/**
 * A figure on a bar: what is right is shaded, dashed is before, solid is now. Nothing is written on it: the row beside it says the figures.
 *
 * @param width px
 * @returns undefined where it is not known what is right
 */
export function figureBar({ name, bar, before, now }: OwnerFigure, width: number): Drawing | undefined {
  if (!bar) return undefined;
  const x = (value: number) => (Math.min(Math.max(value, 0), bar.most) / bar.most) * width;
  const inside = { y: 4, height: HEIGHT - 8 };
  const at = (value: number, drawn: { strokeWidth: number; dash?: [number, number] }) =>
    line(x(value), 0, x(value), HEIGHT, { stroke: 'ink', ...drawn });
  return {
    width,
    height: HEIGHT,
    says: `Bar: ${name}, ${before === undefined ? '' : `${before} before, `}${now} now; the right range is shaded`,
    shapes: [
      rect({ x: 0, width, fill: 'trough', ...inside }),
      rect({ x: x(bar.low), width: x(bar.high) - x(bar.low), fill: 'edge', ...inside }),
      ...(bar.before === undefined ? [] : [at(bar.before, { strokeWidth: 2, dash: [3, 3] })]),
      at(bar.now, { strokeWidth: 4 }),
    ],
  };
}
