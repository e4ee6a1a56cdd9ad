import { svgOf } from '../svg';
import type { Drawing, Shape } from '../shapes';

type Kind = Shape['kind'];

/** The shapes of a kind, also those inside others. */
export const shapesOf = <K extends Kind>(shapes: readonly Shape[], kind: K): Extract<Shape, { kind: K }>[] =>
  shapes.flatMap((one) => [
    ...(one.kind === kind ? [one as Extract<Shape, { kind: K }>] : []),
    ...(one.kind === 'clip' ? shapesOf(one.shapes, kind) : []),
  ]);

/** What is written on a drawing. */
export const wordsOn = ({ shapes }: Drawing): string[] => shapesOf(shapes, 'text').map(({ text }) => text);

/** Checks that all words and points of a drawing lie on it, and that no figure of it is none. */
export function expectOnPaper(drawing: Drawing): void {
  const { width, height, shapes } = drawing;
  expect(svgOf(drawing)).not.toMatch(/NaN|Infinity|undefined/);
  const points = [
    ...shapesOf(shapes, 'text'),
    ...shapesOf(shapes, 'ellipse').map(({ cx, cy }) => ({ x: cx, y: cy })),
    ...shapesOf(shapes, 'line').flatMap(({ x1, y1, x2, y2 }) => [
      { x: x1, y: y1 },
      { x: x2, y: y2 },
    ]),
  ];
  for (const { x, y } of points) {
    expect(x).toBeGreaterThanOrEqual(0);
    expect(x).toBeLessThanOrEqual(width);
    expect(y).toBeGreaterThanOrEqual(0);
    expect(y).toBeLessThanOrEqual(height);
  }
}
