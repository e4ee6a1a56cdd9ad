import { create } from 'qrcode';
import { path, rect, short, type Drawing, type Shape } from '../shapes';

/** Quiet modules round a code: fewer, and some readers do not find it. */
const QUIET = 4;

/** A QR code as one path in a square of whole modules, with its quiet margin: for callers that draw it themselves. */
export function qrPath(text: string): { readonly side: number; readonly d: string } {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  let d = '';
  for (let row = 0; row < modules.size; row += 1)
    for (let column = 0; column < modules.size; column += 1)
      if (modules.get(row, column)) d += `M${column + QUIET} ${row + QUIET}h1v1h-1z`;
  return { side: modules.size + 2 * QUIET, d };
}

/** A QR code on a square of paper, its modules as one path. @param x, y px of its top left corner @param side px */
export function qrShapes(text: string, x: number, y: number, side: number): Shape[] {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const all = modules.size + 2 * QUIET;
  const unit = side / all;
  let d = '';
  for (let row = 0; row < modules.size; row += 1)
    for (let column = 0; column < modules.size; column += 1)
      if (modules.get(row, column))
        d += `M${short(x + (column + QUIET) * unit)} ${short(y + (row + QUIET) * unit)}h${unit.toFixed(3)}v${unit.toFixed(3)}h-${unit.toFixed(3)}z`;
  return [rect({ x, y, width: side, height: side, fill: 'paper' }), path(d, { fill: 'ink', crisp: true })];
}

/** A QR code by itself. @param side px */
export const qrDrawing = (text: string, side: number): Drawing => ({
  width: side,
  height: side,
  says: `Code that opens ${text}`,
  shapes: qrShapes(text, 0, 0, side),
});
