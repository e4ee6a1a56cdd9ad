import { INK, type Shape } from '@huff/paper';
import { fontOf, type Sheet } from './sheet';

/** Where a drawing's top left corner lies, and points a px of it. */
interface Place {
  readonly x?: number;
  readonly y?: number;
  readonly scale?: number;
}

type Drawn = Exclude<Shape, { kind: 'text' | 'clip' }>;

/** Between the slanted lines of what is hatched, px. */
const HATCH = 7;

function outline(sheet: Sheet, shape: Drawn): void {
  switch (shape.kind) {
    case 'line':
      sheet.moveTo(shape.x1, shape.y1).lineTo(shape.x2, shape.y2);
      return;
    case 'path':
      sheet.path(shape.d);
      return;
    case 'rect':
      if (shape.corner) sheet.roundedRect(shape.x, shape.y, shape.width, shape.height, shape.corner);
      else sheet.rect(shape.x, shape.y, shape.width, shape.height);
      return;
    case 'ellipse':
      sheet.ellipse(shape.cx, shape.cy, shape.rx, shape.ry);
  }
}

/** As wide and high as the largest drawing, px. */
const REACH = 900;

/** Slanted lines over the whole drawing, seen through the outline. */
function hatch(sheet: Sheet, shape: Drawn, color: string, opacity: number): void {
  sheet.save().lineWidth(2).strokeColor(color, opacity);
  outline(sheet, shape);
  sheet.clip();
  const step = HATCH * Math.SQRT2;
  for (let at = 0; at < 2 * REACH; at += step) sheet.moveTo(at, 0).lineTo(at - REACH, REACH);
  sheet.stroke().restore();
}

function draw(sheet: Sheet, shape: Drawn): void {
  const { stroke, strokeWidth = 1, strokeOpacity = 1, dash, round } = shape;
  const { fill, fillOpacity = 1, hatched } = shape.kind === 'line' ? {} : shape;
  if (fill && hatched) hatch(sheet, shape, INK[fill], fillOpacity);
  else if (fill) {
    // In a PDF nothing may stand between an outline and what is done with it: colors come first.
    sheet.fillColor(INK[fill], fillOpacity);
    outline(sheet, shape);
    sheet.fill();
  }
  if (!stroke) return;
  sheet.save().lineWidth(strokeWidth).strokeColor(INK[stroke], strokeOpacity);
  if (dash) sheet.dash(dash[0], { space: dash[1] });
  if (round) sheet.lineCap('round');
  outline(sheet, shape);
  sheet.stroke().restore();
}

function write(
  sheet: Sheet,
  { x, y, text, size, bold, color = 'ink', anchor, halo }: Extract<Shape, { kind: 'text' }>,
) {
  sheet.font(fontOf(text, bold ?? false)).fontSize(size);
  const width = sheet.widthOfString(text);
  const at = anchor === 'middle' ? x - width / 2 : anchor === 'end' ? x - width : x;
  const set = { lineBreak: false, baseline: 'alphabetic' } as const;
  if (halo) {
    sheet.save().lineWidth(halo).lineJoin('round').strokeColor(INK.paper, 1).fillColor(INK.paper, 1);
    sheet.text(text, at, y, { ...set, stroke: true, fill: true }).restore();
  }
  sheet.fillColor(INK[color], 1).text(text, at, y, set);
}

function paint(sheet: Sheet, shape: Shape): void {
  if (shape.kind === 'text') return write(sheet, shape);
  if (shape.kind !== 'clip') return draw(sheet, shape);
  sheet.save().rect(shape.x, shape.y, shape.width, shape.height).clip();
  for (const one of shape.shapes) paint(sheet, one);
  sheet.restore();
}

/** Draws shapes into the document; where the text goes on stays as it was. */
export function drawShapes(sheet: Sheet, shapes: readonly Shape[], { x = 0, y = 0, scale = 1 }: Place = {}): void {
  const before = [sheet.x, sheet.y] as const;
  sheet.save().translate(x, y).scale(scale);
  for (const shape of shapes) paint(sheet, shape);
  sheet.restore();
  // What is written next is not as faint as the last area was.
  sheet.fillOpacity(1);
  [sheet.x, sheet.y] = before;
}
